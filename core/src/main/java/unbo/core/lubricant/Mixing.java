package unbo.core.lubricant;

import java.util.List;
import unbo.core.tables.Table;

/**
 * Whether two thickeners may meet. Table {@code mixings.csv}: published charts, doubtful where they
 * disagree. A word that is none of ours is unknown: wash. Colour proves nothing.
 *
 * @param reason why, a sentence
 */
public record Mixing(Verdict verdict, String reason) {

  /** The thickeners of the table. */
  public static final List<String> THICKENERS =
      List.of(
          "lithium",
          "lithium-complex",
          "calcium",
          "calcium-complex",
          "calcium-sulphonate-complex",
          "aluminium-complex",
          "barium-complex",
          "clay",
          "polyurea",
          "sodium",
          "ptfe");

  /** May they meet? */
  public enum Verdict {
    GOOD("good"),
    DOUBTFUL("doubtful"),
    BAD("bad"),
    UNKNOWN("unknown");

    private final String id;

    Verdict(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }
  }

  private record Row(String a, String b, Verdict verdict) {
    boolean joins(String one, String other) {
      return a.equals(one) && b.equals(other) || a.equals(other) && b.equals(one);
    }
  }

  private static final List<Row> ROWS =
      Table.read(
          Mixing.class,
          "/unbo/core/lubricant/mixings.csv",
          row ->
              new Row(
                  known(row.text("a")),
                  known(row.text("b")),
                  Verdict.valueOf(row.text("verdict").toUpperCase(java.util.Locale.ROOT))));

  private static String known(String word) {
    if (!THICKENERS.contains(word)) {
      throw new IllegalArgumentException("There is no thickener " + word);
    }
    return word;
  }

  /** What becomes of two; their order does not matter. */
  public static Mixing of(String a, String b) {
    if (!THICKENERS.contains(a) || !THICKENERS.contains(b)) {
      return new Mixing(
          Verdict.UNKNOWN,
          "One of the two is not known: wash the old grease out. Colour proves nothing.");
    }
    if (a.equals(b)) {
      return new Mixing(
          Verdict.GOOD,
          "The same thickener; base oils and additives may still differ: ask their makers.");
    }
    Verdict verdict =
        ROWS.stream().filter(r -> r.joins(a, b)).map(Row::verdict).findFirst().orElse(Verdict.BAD);
    return new Mixing(verdict, reason(verdict, a, b));
  }

  private static String reason(Verdict verdict, String a, String b) {
    if (a.equals("ptfe") || b.equals("ptfe")) {
      return "The base oil of PTFE grease does not mix with any other: wash.";
    }
    return switch (verdict) {
      case GOOD -> "Published charts agree that these two keep their structure.";
      case DOUBTFUL -> "Published charts disagree: wash, or ask both makers.";
      default -> "Together they soften or harden and run out: wash the old grease out.";
    };
  }
}
