package unbo.core.arrangement;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.arrangement.PartTemplate.Span;
import unbo.core.arrangement.Stroke.Verb;
import unbo.core.tables.TextLines;

/**
 * Reads one template file. Its lines are described in {@code docs/arrangements.md}; lines that
 * belong to a part follow its {@code part} line.
 */
final class TemplateReader {

  private static final Set<String> FACTS =
      Set.of("found", "set-by", "note", "caution", "drawn", "source", "beyond", "housing-material");
  private static final Pattern BEARING =
      Pattern.compile(
          "([a-z-]+) ([a-z|-]+) ([^ ]+(?: x [^ ]+ x [^ ]+)?) at (.+?)(?: facing (left|right))?");
  private static final Pattern SIZE =
      Pattern.compile("([a-z-]+) ([\\d.]+)\\.\\.([\\d.]+) = (.+?) : (.+)");
  private static final Pattern CONTACT =
      Pattern.compile(
          "([a-z-]+)(?:/(inner|outer))? (on|in|against|held|through)"
              + " ([a-z-]+)(?:/(inner|outer))?, ([a-z|]+)"
              + "(?: : ([^:]+? = [^:]+?))?(?: : ([^=]*|.*[;,].*))?");
  private static final Pattern SET =
      Pattern.compile(
          "([a-z-]+) by ([a-z-]+)(?:, ([a-z-]+\\.[a-z-]+) - ([a-z-]+\\.[a-z-]+))? : (.+)");
  private static final Pattern CHOOSE = Pattern.compile("([a-z-]+) ([a-z-|]+) : (.+)");
  private static final Pattern NEVER = Pattern.compile("([a-z-]+) when (.+?) : (.+)");
  private static final Pattern GAP = Pattern.compile("\\{([^}]+)}");

  private final String id;
  private String title;
  private final Map<String, String> facts = new HashMap<>();
  private List<String> kinds = List.of();
  private final List<BearingPlace> places = new ArrayList<>();
  private final Map<String, double[]> placeSizes = new HashMap<>();
  private final List<OpenPart> parts = new ArrayList<>();
  private final List<Contact> contacts = new ArrayList<>();
  private final List<Adjustment> adjustments = new ArrayList<>();
  private String fixed = "";
  private final List<Impossible> impossible = new ArrayList<>();
  private final List<PartCheck> checks = new ArrayList<>();
  private final List<DimensionLine> dimensions = new ArrayList<>();
  private final List<Cavity> cavities = new ArrayList<>();
  private final List<Choice> choices = new ArrayList<>();
  private final List<String> chosen;
  private final Map<String, Expression> values = new HashMap<>();
  private final Map<String, TextLines.Line> used = new LinkedHashMap<>();
  private TextLines.Line line;

  private TemplateReader(String id, List<String> chosen) {
    this.id = id;
    this.chosen = chosen;
  }

  /** Reads the template of an id, with the usual options. */
  static Arrangement read(String id) {
    return read(id, id, List.of());
  }

  /**
   * Reads a template with options chosen.
   *
   * @param name of the file
   * @param id of the arrangement that comes of it
   * @param chosen an option for each of its choices, in their order; none for the usual ones
   */
  static Arrangement read(String name, String id, List<String> chosen) {
    String file = "/unbo/core/arrangement/" + name + ".arrangement";
    TemplateReader reader = new TemplateReader(id, chosen);
    for (TextLines.Line line : TextLines.of(TemplateReader.class, file)) {
      reader.line = line;
      TextLines.each(file, line, reader::take);
    }
    Arrangement arrangement = reader.arrangement();
    reader.checkNames(file, arrangement);
    return arrangement;
  }

  /** A part while its lines are read. */
  private static final class OpenPart {
    final String id;
    final String title;
    Optional<String> place = Optional.empty();
    Optional<String> number = Optional.empty();
    final List<SizeTemplate> sizes = new ArrayList<>();
    final List<Stroke> strokes = new ArrayList<>();
    Optional<Span> anchor = Optional.empty();
    Optional<Span> below = Optional.empty();

    OpenPart(String id, String title) {
      this.id = id;
      this.title = title;
    }

    PartTemplate close() {
      return new PartTemplate(id, title, place, number, sizes, strokes, anchor, below);
    }
  }

  private void take(String text) {
    int space = text.indexOf(' ');
    String verb = text.substring(0, space);
    String rest = withChoices(text.substring(space + 1).strip());
    switch (verb) {
      case "arrangement" -> title = titled(rest)[1];
      case "kinds" -> kinds = List.of(rest.replaceFirst("^: *", "").split(" +"));
      case "bearing" -> bearing(rest);
      case "part" -> parts.add(new OpenPart(titled(rest)[0], titled(rest)[1]));
      case "size" -> size(rest, false);
      case "given" -> size(rest, true);
      case "count" -> count(rest);
      case "number" -> open().number = Optional.of(rest.replaceFirst("^: *", ""));
      case "let" -> let(rest);
      case "ring", "poly", "turned", "ball", "seal" -> stroke(verb, rest);
      case "shows" -> shows(rest);
      case "anchor" -> open().anchor = Optional.of(span(rest));
      case "below" -> open().below = Optional.of(span(rest));
      case "contact" -> contact(rest);
      case "set" -> set(rest);
      case "fixed" -> fixed = rest.replaceFirst("^: *", "");
      case "check" -> check(rest);
      case "never" -> never(rest);
      case "chain", "across" -> dimension(verb, rest);
      case "cavity" -> cavity(rest);
      case "choose" -> choose(rest);
      default -> fact(verb, rest);
    }
  }

  private void choose(String rest) {
    Matcher m = matched(CHOOSE, rest);
    choices.add(new Choice(m.group(1), List.of(m.group(2).split("\\|")), m.group(3)));
  }

  /** A choice stands above the lines that use it. */
  private String withChoices(String rest) {
    String said = rest;
    for (int i = 0; i < choices.size(); i++) {
      Choice choice = choices.get(i);
      String option = chosen.isEmpty() ? choice.options().get(0) : chosen.get(i);
      said = said.replace("<" + choice.id() + ">", option);
    }
    return said;
  }

  private void fact(String key, String rest) {
    if (!FACTS.contains(key)) {
      throw new IllegalArgumentException("unknown word " + key);
    }
    facts.put(key, rest.replaceFirst("^: *", ""));
  }

  private static String[] titled(String rest) {
    String[] both = rest.split(" : ", 2);
    if (both.length < 2) {
      throw new IllegalArgumentException("a colon with a title is missing");
    }
    return both;
  }

  private void bearing(String rest) {
    Matcher m = matched(BEARING, rest);
    String place = m.group(1);
    List<BearingKind> kinds =
        Arrays.stream(m.group(2).split("\\|")).map(BearingKind::withId).toList();
    boolean facingRight = !"left".equals(m.group(5));
    boolean bySize = m.group(3).contains(" x ");
    if (bySize) {
      placeSizes.put(
          place,
          List.of(m.group(3).split(" x ")).stream().mapToDouble(Double::parseDouble).toArray());
    }
    Optional<String> designation = bySize ? Optional.empty() : Optional.of(m.group(3));
    places.add(new BearingPlace(place, kinds, designation, expression(m.group(4)), facingRight));
  }

  private void size(String rest, boolean given) {
    measured(rest, given ? SizeTemplate.Kind.GIVEN : SizeTemplate.Kind.LENGTH);
  }

  private void count(String rest) {
    measured(rest, SizeTemplate.Kind.COUNT);
  }

  private void measured(String rest, SizeTemplate.Kind kind) {
    Matcher m = matched(SIZE, rest);
    double least = Double.parseDouble(m.group(2));
    double most = Double.parseDouble(m.group(3));
    add(open().id + "." + m.group(1), m.group(5), least, most, expression(m.group(4)), kind);
  }

  private void add(
      String name,
      String label,
      double least,
      double most,
      Expression assumed,
      SizeTemplate.Kind kind) {
    open().sizes.add(new SizeTemplate(name, open().id, label, least, most, assumed, kind));
    values.put(name, assumed);
  }

  private void let(String rest) {
    String[] both = rest.split(" = ", 2);
    values.put(open().id + "." + both[0].strip(), expression(both[1]));
  }

  private void stroke(String verb, String rest) {
    String[] both = titled(rest);
    String[] profiles = both[1].split("\\|");
    open()
        .strokes
        .add(
            new Stroke(
                Verb.valueOf(verb.toUpperCase(java.util.Locale.ROOT)),
                both[0].strip(),
                "",
                arguments(profiles[0]),
                profiles.length > 1 ? arguments(profiles[1]) : List.of()));
  }

  /** A bearing or one of its rings; a place that goes by size gives its sizes to the first part. */
  private void shows(String rest) {
    String[] words = rest.split(" ");
    OpenPart part = open();
    part.place = Optional.of(words[0]);
    part.strokes.add(
        new Stroke(
            Verb.BEARING, words[0], words.length > 1 ? words[1] : "all", List.of(), List.of()));
    double[] sizes = placeSizes.remove(words[0]);
    if (sizes != null) {
      add(words[0] + ".bore", "Bore", 1, 400, n -> sizes[0], SizeTemplate.Kind.LENGTH);
      add(words[0] + ".outer", "Outside diameter", 2, 500, n -> sizes[1], SizeTemplate.Kind.LENGTH);
      add(words[0] + ".width", "Width", 1, 200, n -> sizes[2], SizeTemplate.Kind.LENGTH);
    }
  }

  private void contact(String rest) {
    Matcher m = matched(CONTACT, rest);
    Optional<String[]> sizes = Optional.ofNullable(m.group(7)).map(t -> t.split(" = ", 2));
    contacts.add(
        new Contact(
            m.group(1),
            Optional.ofNullable(m.group(2)).map(Ring::withWord),
            Contact.Kind.valueOf(m.group(3).toUpperCase(java.util.Locale.ROOT)),
            m.group(4),
            Optional.ofNullable(m.group(5)).map(Ring::withWord),
            holds(m.group(6)),
            sizes.map(t -> expression(t[0])),
            sizes.map(t -> expression(t[1])),
            m.group(8) == null ? "" : m.group(8)));
  }

  private static Set<Hold> holds(String words) {
    Set<Hold> holds = java.util.EnumSet.noneOf(Hold.class);
    for (String word : words.split("\\|")) {
      holds.add(Hold.withWord(word));
    }
    return holds;
  }

  private void set(String rest) {
    Matcher m = matched(SET, rest);
    Optional<Adjustment.Difference> difference =
        Optional.ofNullable(m.group(3)).map(one -> new Adjustment.Difference(one, m.group(4)));
    adjustments.add(
        new Adjustment(m.group(1), Adjustment.By.withWord(m.group(2)), difference, m.group(5)));
  }

  private void check(String rest) {
    String[] both = titled(rest);
    String[] where = both[0].split(" at ", 2);
    Set<String> positions = where.length < 2 ? Set.of() : Set.of(where[1].split(" +"));
    checks.add(new PartCheck(where[0], positions, List.of(both[1].split(", *"))));
  }

  private void never(String rest) {
    Matcher m = matched(NEVER, rest);
    List<Expression> gaps = new ArrayList<>();
    Matcher gap = GAP.matcher(m.group(3));
    while (gap.find()) {
      gaps.add(expression(gap.group(1)));
    }
    List<String> words = List.of(GAP.split(m.group(3), -1));
    impossible.add(new Impossible(m.group(1), expression(m.group(2)), words, gaps));
  }

  private void dimension(String verb, String rest) {
    String[] both = rest.split(" of ", 2);
    Optional<String> of = both.length > 1 ? Optional.of(both[1].strip()) : Optional.empty();
    boolean diameter = verb.equals("across");
    Span span = diameter ? new Span(n -> 0, expression(both[0])) : span(both[0]);
    dimensions.add(new DimensionLine(span.first(), span.second(), of, diameter));
  }

  private void cavity(String rest) {
    String[] fields = rest.split(" : ", 3);
    String[] profiles = fields[2].split("\\|");
    cavities.add(
        new Cavity(
            fields[0],
            fields[1],
            expressions(profiles[0]),
            profiles.length > 1 ? expressions(profiles[1]) : List.of()));
  }

  private Span span(String text) {
    List<Expression> two = expressions(text);
    if (two.size() != 2) {
      throw new IllegalArgumentException("two numbers are wanted");
    }
    return new Span(two.get(0), two.get(1));
  }

  private List<Expression> expressions(String text) {
    return split(text).stream().map(this::expression).toList();
  }

  private List<Stroke.Argument> arguments(String text) {
    return split(text).stream().map(this::argument).toList();
  }

  private Stroke.Argument argument(String text) {
    if (!text.startsWith("edge(")) {
      return new Stroke.Value(expression(text));
    }
    List<Expression> four = expressions(text.substring(5, text.length() - 1));
    return new Stroke.Edge(four.get(0), four.get(1), four.get(2), four.get(3));
  }

  /** Splits at the commas that stand in no bracket. */
  private static List<String> split(String text) {
    List<String> pieces = new ArrayList<>();
    int depth = 0;
    int from = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      depth += c == '(' ? 1 : c == ')' ? -1 : 0;
      if (c == ',' && depth == 0) {
        pieces.add(text.substring(from, i).strip());
        from = i + 1;
      }
    }
    pieces.add(text.substring(from).strip());
    return pieces;
  }

  private Expression expression(String text) {
    String part = parts.isEmpty() ? "" : open().id;
    return new ExpressionParser(
            text.strip(),
            name -> name.contains(".") ? name : part + "." + name,
            name -> used.putIfAbsent(name, line))
        .parse();
  }

  private OpenPart open() {
    if (parts.isEmpty()) {
      throw new IllegalArgumentException("no part line stands before this");
    }
    return parts.get(parts.size() - 1);
  }

  private static Matcher matched(Pattern pattern, String text) {
    Matcher m = pattern.matcher(text);
    if (!m.matches()) {
      throw new IllegalArgumentException("this is not of the form " + pattern);
    }
    return m;
  }

  private Arrangement arrangement() {
    return new Arrangement(
        id,
        title,
        fixed,
        Map.copyOf(facts),
        kinds,
        List.copyOf(places),
        parts.stream().map(OpenPart::close).toList(),
        List.copyOf(contacts),
        List.copyOf(adjustments),
        List.copyOf(checks),
        List.copyOf(impossible),
        List.copyOf(dimensions),
        List.copyOf(cavities),
        List.copyOf(choices),
        Map.copyOf(values));
  }

  /** Every name that a line uses must have a value while nothing is measured. */
  private void checkNames(String file, Arrangement arrangement) {
    Assembly assembly = Assembly.assumed(arrangement);
    used.forEach((name, where) -> TextLines.each(file, where, t -> assembly.valueOf(name)));
    for (Contact contact : arrangement.contacts()) {
      requirePart(arrangement, contact.part());
      requirePart(arrangement, contact.other());
    }
    arrangement.impossible().forEach(i -> requirePart(arrangement, i.part()));
    arrangement.adjustments().forEach(a -> requirePart(arrangement, a.part()));
    checks.stream().flatMap(c -> c.parts().stream()).forEach(p -> requirePart(arrangement, p));
    arrangement.adjustments().stream()
        .flatMap(a -> a.difference().stream())
        .flatMap(d -> java.util.stream.Stream.of(d.length(), d.distance()))
        .forEach(size -> requireSize(arrangement, size));
    requirePart(arrangement, arrangement.fixed());
    TurningGroups.of(arrangement);
  }

  private void requireSize(Arrangement arrangement, String size) {
    if (arrangement.size(size).isEmpty()) {
      throw new IllegalStateException("Arrangement " + id + " has no size " + size);
    }
  }

  private void requirePart(Arrangement arrangement, String part) {
    if (arrangement.part(part).isEmpty()) {
      throw new IllegalStateException("Arrangement " + id + " has no part " + part);
    }
  }
}
