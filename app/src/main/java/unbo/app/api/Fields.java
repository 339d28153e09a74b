package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.http.HttpStatus;
import unbo.app.api.Refusal.FieldProblem;
import unbo.core.fit.Material;
import unbo.core.units.Problem;

/**
 * Reads the fields of a JSON body and gathers everything that is wrong with them before anything is
 * said: what cannot be parsed first (400), then what is impossible (422).
 */
final class Fields {

  private static final int MOST_FOUND = 60;

  private final JsonNode body;
  private final String prefix;
  private final List<FieldProblem> unreadable;
  private final List<FieldProblem> impossible;

  Fields(JsonNode body) {
    this(body, "", new ArrayList<>(), new ArrayList<>());
    if (!body.isObject()) {
      throw new Refusal(
          HttpStatus.BAD_REQUEST,
          "not-an-object",
          "The body must be a JSON object.",
          List.of(new FieldProblem("", shown(body), "Send an object such as {\"boreMm\": 30}.")));
    }
  }

  private Fields(
      JsonNode body, String prefix, List<FieldProblem> unreadable, List<FieldProblem> impossible) {
    this.body = body;
    this.prefix = prefix;
    this.unreadable = unreadable;
    this.impossible = impossible;
  }

  /** The fields of an object inside; what is wrong with them is told with the rest. */
  Fields object(String field) {
    JsonNode inside = hasObject(field) ? body.get(field) : JsonNodeFactory.instance.objectNode();
    return new Fields(inside, prefix + field + ".", unreadable, impossible);
  }

  /** A list of objects; something else there is noted as wrong, a missing list is empty. */
  List<Fields> objects(String field, int most) {
    JsonNode list = body.get(field);
    List<Fields> all = new ArrayList<>();
    if (list == null || list.isNull()) {
      return all;
    }
    if (!list.isArray() || list.size() > most) {
      unreadable.add(
          new FieldProblem(prefix + field, shown(list), "Send a list of " + most + " at most."));
      return all;
    }
    for (int i = 0; i < list.size(); i++) {
      String name = prefix + field + "[" + i + "]";
      if (list.get(i).isObject()) {
        all.add(new Fields(list.get(i), name + ".", unreadable, impossible));
      } else {
        unreadable.add(new FieldProblem(name, shown(list.get(i)), "Send an object."));
      }
    }
    return all;
  }

  /** Whether a field that may be a word or a number is a number. */
  boolean isNumber(String field) {
    return body.path(field).isNumber();
  }

  /** A material of the table by its word; steel stands in for one that is refused. */
  Material material(String field, String usual) {
    String word = text(field, usual);
    Optional<Material> found = Material.withId(word);
    if (found.isEmpty()) {
      oneOf(field, word, Material.ofSeats().stream().map(Material::id).toList());
    }
    return found.orElse(Material.STEEL);
  }

  /** A yes or no; anything else is noted as wrong. */
  boolean flag(String field, boolean usual) {
    JsonNode node = body.get(field);
    if (node == null || node.isNull()) {
      return usual;
    }
    if (!node.isBoolean()) {
      unreadable.add(new FieldProblem(prefix + field, shown(node), "Send true or false."));
      return usual;
    }
    return node.booleanValue();
  }

  /** The fields of a query: what is a number there is one here, everything else a text. */
  static Fields ofQuery(Map<String, String> query) {
    ObjectNode body = JsonNodeFactory.instance.objectNode();
    query.forEach(
        (name, value) -> {
          if (value.isBlank()) {
            return;
          }
          if (value.strip().matches("[-+]?\\d{1,12}(\\.\\d{1,12})?")) {
            body.put(name, Double.parseDouble(value.strip()));
          } else {
            body.put(name, value);
          }
        });
    return new Fields(body);
  }

  /** A text of a query, also where it looks like a number, such as a designation. */
  static String word(Map<String, String> query, String field, String usual) {
    String value = query.get(field);
    return value == null || value.isBlank() ? usual : value.strip();
  }

  /** A number that must be there; zero stands in when it is refused. */
  double number(String field, double least, double most) {
    return number(body.get(field), field, true, least, most).orElse(0);
  }

  OptionalDouble optionalNumber(String field, double least, double most) {
    return number(body.get(field), field, false, least, most);
  }

  /** A number inside an object that may be missing as a whole. */
  double inner(String object, String field, double least, double most) {
    JsonNode node = body.path(object).get(field);
    return number(node, object + "." + field, true, least, most).orElse(0);
  }

  boolean has(String field) {
    return body.hasNonNull(field);
  }

  /** Whether a field is an object; something else there is noted as wrong. */
  boolean hasObject(String field) {
    if (has(field) && !body.get(field).isObject()) {
      unreadable.add(new FieldProblem(prefix + field, shown(body.get(field)), "Send an object."));
      return false;
    }
    return has(field);
  }

  OptionalInt optionalWhole(String field) {
    JsonNode node = body.get(field);
    if (node == null || node.isNull()) {
      return OptionalInt.empty();
    }
    if (!node.isNumber() || node.doubleValue() != Math.rint(node.doubleValue())) {
      unreadable.add(new FieldProblem(prefix + field, shown(node), "Send a whole number."));
      return OptionalInt.empty();
    }
    return OptionalInt.of(node.intValue());
  }

  /** Two numbers in a list, the first not over the second. */
  Optional<double[]> pair(String field, double least, double most) {
    if (!has(field)) {
      return Optional.empty();
    }
    JsonNode node = body.get(field);
    if (!node.isArray() || node.size() != 2) {
      unreadable.add(
          new FieldProblem(prefix + field, shown(node), "Send two numbers, such as [0.03, 0.13]."));
      return Optional.empty();
    }
    OptionalDouble from = number(node.get(0), field + "[0]", true, least, most);
    OptionalDouble to = number(node.get(1), field + "[1]", true, least, most);
    if (from.isEmpty() || to.isEmpty()) {
      return Optional.empty();
    }
    if (from.getAsDouble() >= to.getAsDouble()) {
      impossible.add(
          new FieldProblem(prefix + field, shown(node), "The first must be the smaller one."));
      return Optional.empty();
    }
    return Optional.of(new double[] {from.getAsDouble(), to.getAsDouble()});
  }

  /** A list of objects with two texts each; a missing list is empty. */
  List<Map.Entry<String, String>> pairs(String field, String first, String second) {
    List<Map.Entry<String, String>> pairs = new ArrayList<>();
    JsonNode list = body.get(field);
    if (list == null || list.isNull()) {
      return pairs;
    }
    if (!list.isArray()) {
      unreadable.add(new FieldProblem(prefix + field, shown(list), "Send a list."));
      return pairs;
    }
    for (int i = 0; i < list.size(); i++) {
      JsonNode one = list.get(i).path(first);
      JsonNode other = list.get(i).path(second);
      if (one.isTextual() && other.isTextual()) {
        pairs.add(Map.entry(one.textValue(), other.textValue()));
      } else {
        String wanted = "Send an object with the texts " + first + " and " + second + ".";
        unreadable.add(
            new FieldProblem(prefix + field + "[" + i + "]", shown(list.get(i)), wanted));
      }
    }
    return pairs;
  }

  String text(String field, String usual) {
    JsonNode node = body.get(field);
    if (node == null || node.isNull()) {
      return usual;
    }
    if (!node.isTextual()) {
      unreadable.add(new FieldProblem(prefix + field, shown(node), "Send a text."));
      return usual;
    }
    return node.textValue();
  }

  /** Whether a word is one of a list; another one is refused with the list. */
  boolean oneOf(String field, String word, Collection<String> words) {
    boolean known = words.contains(word);
    if (!known) {
      impossible(field, word, "One of " + String.join(", ", words) + ".");
    }
    return known;
  }

  /** The same for a word that several fields share: it is refused once. */
  void oneOfOnce(String field, String word, Collection<String> words) {
    if (impossible.stream().noneMatch(p -> p.field().equals(prefix + field))) {
      oneOf(field, word, words);
    }
  }

  void missing(String field, String remedy) {
    unreadable.add(new FieldProblem(prefix + field, "", remedy));
  }

  void impossible(String field, String found, String remedy) {
    impossible.add(new FieldProblem(prefix + field, found, remedy));
  }

  /** Notes a problem of the core; a field that is refused already keeps its first one. */
  void impossible(String field, Optional<Problem> problem) {
    boolean refused = impossible.stream().anyMatch(p -> p.field().equals(prefix + field));
    problem
        .filter(p -> !refused)
        .ifPresent(
            p ->
                impossible.add(
                    new FieldProblem(prefix + field, p.found(), p.wrong() + " " + p.remedy())));
  }

  /** Ends the reading: throws if anything was wrong. */
  void check() {
    if (!unreadable.isEmpty()) {
      throw new Refusal(
          HttpStatus.BAD_REQUEST, "unreadable-input", "Some fields cannot be read.", unreadable);
    }
    if (!impossible.isEmpty()) {
      throw new Refusal(
          HttpStatus.UNPROCESSABLE_ENTITY,
          "impossible-input",
          "Some values are out of range.",
          impossible);
    }
  }

  private OptionalDouble number(
      JsonNode node, String field, boolean needed, double least, double most) {
    if (node == null || node.isNull()) {
      if (needed) {
        unreadable.add(
            new FieldProblem(
                prefix + field, "", "Missing: a number from " + least + " to " + most + "."));
      }
      return OptionalDouble.empty();
    }
    if (!node.isNumber()) {
      unreadable.add(
          new FieldProblem(prefix + field, shown(node), "Send a number, without a unit."));
      return OptionalDouble.empty();
    }
    double value = node.doubleValue();
    if (!(value >= least && value <= most)) {
      impossible.add(
          new FieldProblem(
              prefix + field, shown(node), "Out of range. Send " + least + " to " + most + "."));
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(value);
  }

  private static String shown(JsonNode node) {
    String text = node.toString();
    return text.length() > MOST_FOUND ? text.substring(0, MOST_FOUND) + "…" : text;
  }
}
