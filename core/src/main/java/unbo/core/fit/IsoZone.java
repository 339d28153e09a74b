package unbo.core.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import unbo.core.tables.Table;
import unbo.core.tolerance.Limits;

/**
 * A tolerance zone of ISO 286, such as {@code k5} for a shaft or {@code N7} for a hole; the case
 * matters. For nominal sizes from 1 to 500 mm, grades IT1 to IT16. Tables {@code grades.csv},
 * {@code deviations.csv} and {@code zones.csv}; holes follow from shafts by the rules of ISO 286-1.
 *
 * @param letter one or two letters, lower case for shafts
 * @param grade 1 to 16
 */
public record IsoZone(String letter, int grade) {

  public static final double LEAST_MM = 1;
  public static final double MOST_MM = 500;

  private static final String FOLDER = "/unbo/core/fit/";
  private static final String SOURCE = "ISO 286-2";
  private static final Pattern ZONE = Pattern.compile("([a-zA-Z]{1,2})(\\d{1,2})");
  private static final double[] ENDS = {3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500};
  private static final String UP_TO_ITSELF = "a b c cd d e ef f fg g h";

  private record Step(String letter, double to, double um) {}

  private record Exists(String letter, int from, int to) {}

  private static final Map<Integer, double[]> GRADES = grades();
  private static final Map<String, List<Step>> DEVIATIONS = deviations();
  private static final List<Exists> ZONES =
      Table.read(
          IsoZone.class,
          FOLDER + "zones.csv",
          row -> new Exists(row.text("letter"), row.whole("from"), row.whole("to")));

  private static Map<Integer, double[]> grades() {
    Map<Integer, double[]> grades = new HashMap<>();
    Table.read(
        IsoZone.class,
        FOLDER + "grades.csv",
        row ->
            grades.put(
                row.whole("grade"),
                IntStream.range(0, ENDS.length)
                    .mapToDouble(i -> row.number("to" + (int) ENDS[i]))
                    .toArray()));
    return Map.copyOf(grades);
  }

  private static Map<String, List<Step>> deviations() {
    Map<String, List<Step>> all = new HashMap<>();
    Table.read(
            IsoZone.class,
            FOLDER + "deviations.csv",
            row -> new Step(row.text("letter"), row.number("to"), row.number("um")))
        .forEach(s -> all.computeIfAbsent(s.letter, l -> new java.util.ArrayList<>()).add(s));
    return Map.copyOf(all);
  }

  /** Reads a zone; empty when there is no such letter, or not in that grade. */
  public static Optional<IsoZone> parse(String text) {
    Matcher zone = ZONE.matcher(text.strip());
    if (!zone.matches()) {
      return Optional.empty();
    }
    String letter = zone.group(1);
    int grade = Integer.parseInt(zone.group(2));
    return ZONES.stream().anyMatch(z -> z.letter.equals(letter) && z.from <= grade && grade <= z.to)
        ? Optional.of(new IsoZone(letter, grade))
        : Optional.empty();
  }

  /** Standard tolerance in µm; empty outside 1 to 500 mm and for grades that are not carried. */
  public static OptionalDouble grade(int grade, double nominalMm) {
    double[] row = GRADES.get(grade);
    return row == null || !isCarried(nominalMm)
        ? OptionalDouble.empty()
        : OptionalDouble.of(row[range(nominalMm)]);
  }

  private static boolean isCarried(double nominalMm) {
    return nominalMm >= LEAST_MM && nominalMm <= MOST_MM;
  }

  private static int range(double nominalMm) {
    int i = 0;
    while (nominalMm > ENDS[i]) {
      i++;
    }
    return i;
  }

  /** Whether it is one of holes. */
  public boolean isHole() {
    return Character.isUpperCase(letter.charAt(0));
  }

  /** Whether its figures follow the standard's rules or were recalled. */
  public String basis() {
    return "abc".contains(letter.toLowerCase(Locale.ROOT))
            || letter.toLowerCase(Locale.ROOT).equals("cd")
        ? "recalled"
        : "standard";
  }

  /** Its limits off a nominal size; empty where the zone does not exist for that size. */
  public Optional<Limits> at(double nominalMm) {
    OptionalDouble it = grade(grade, nominalMm);
    if (it.isEmpty()) {
      return Optional.empty();
    }
    return isHole() ? hole(nominalMm, it.getAsDouble()) : shaft(nominalMm, it.getAsDouble());
  }

  private Optional<Limits> shaft(double d, double it) {
    OptionalDouble deviation = shaftDeviation(letter, grade, d);
    if (letter.equals("js")) {
      return Optional.of(new Limits(-it / 2, it / 2, SOURCE));
    }
    if (deviation.isEmpty()) {
      return Optional.empty();
    }
    double um = deviation.getAsDouble();
    return Optional.of(
        isUnder(letter) ? new Limits(-um - it, -um, SOURCE) : new Limits(um, um + it, SOURCE));
  }

  /** a to h lie under the nominal size. */
  private static boolean isUnder(String shaft) {
    return List.of(UP_TO_ITSELF.split(" ")).contains(shaft);
  }

  /** What a shaft keeps from the nominal size, in µm; empty where it has none for a size. */
  private static OptionalDouble shaftDeviation(String shaft, int grade, double d) {
    return switch (shaft) {
      case "h", "js" -> OptionalDouble.of(0);
      case "j" -> step("j" + grade, d);
      case "k" -> grade >= 4 && grade <= 7 ? step("k", d) : OptionalDouble.of(0);
      default -> step(shaft, d);
    };
  }

  /** Steps are in order of size; the last one ends the letter. */
  private static OptionalDouble step(String letter, double d) {
    List<Step> steps = DEVIATIONS.getOrDefault(letter, List.of());
    return begins(letter) >= d
        ? OptionalDouble.empty()
        : steps.stream().filter(s -> d <= s.to).mapToDouble(Step::um).findFirst();
  }

  /** Size over which a letter begins: t, v and y are not made for small sizes. */
  private static double begins(String letter) {
    return switch (letter) {
      case "t" -> 24;
      case "v" -> 14;
      case "y" -> 18;
      default -> 0;
    };
  }

  private Optional<Limits> hole(double d, double it) {
    String shaft = letter.toLowerCase(Locale.ROOT);
    if (shaft.equals("js")) {
      return Optional.of(new Limits(-it / 2, it / 2, SOURCE));
    }
    if (shaft.equals("j")) {
      OptionalDouble upper = step("J" + grade, d);
      return upper.isEmpty()
          ? Optional.empty()
          : Optional.of(new Limits(upper.getAsDouble() - it, upper.getAsDouble(), SOURCE));
    }
    OptionalDouble deviation = shaftDeviation(shaft, holeAs(shaft), d);
    if (deviation.isEmpty() || shaft.equals("k") && grade > 8 && d > 3) {
      return Optional.empty();
    }
    double um = deviation.getAsDouble();
    if (isUnder(shaft)) {
      return Optional.of(new Limits(um, um + it, SOURCE));
    }
    double upper = upper(shaft, um, d);
    return Optional.of(new Limits(upper - it, upper, SOURCE));
  }

  /** K follows the k of fine shafts. */
  private int holeAs(String shaft) {
    return shaft.equals("k") && grade <= 8 ? Math.min(7, Math.max(4, grade)) : grade;
  }

  /** Upper deviation of K to ZC, ISO 286-1: mirrored, raised by Δ in the fine grades. */
  private double upper(String shaft, double um, double d) {
    boolean isKmn = shaft.equals("k") || shaft.equals("m") || shaft.equals("n");
    if (shaft.equals("n") && grade >= 9 && d > 3) {
      return 0;
    }
    if (letter.equals("M") && grade == 6 && d > 250 && d <= 315) {
      return -9; // the one exception that ISO 286-1 names
    }
    boolean raised = d > 3 && grade <= (isKmn ? 8 : 7);
    double delta = raised ? grade(grade, d).orElse(0) - grade(grade - 1, d).orElse(0) : 0;
    return -um + delta;
  }

  @Override
  public String toString() {
    return letter + grade;
  }
}
