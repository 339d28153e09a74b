package unbo.core.damage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.tables.Table;
import unbo.core.tolerance.InternalClearances;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Whether a part may go back, by a fixed procedure on the bench. One hard fault ends it; a step not
 * done leaves it open; all of them good says only that nothing was found. Table {@code reuse.csv}.
 */
public final class Reuse {

  private static final List<Step> STEPS =
      Table.read(Reuse.class, "/unbo/core/damage/reuse.csv", Reuse::step);

  /** Spread of a dial reading on the bench that play has to exceed to count, millimetres. */
  private static final double DIAL_MM = 0.005;

  private static final double UM = 1000;

  /** Which procedure. */
  public enum Kind {
    CAGED("caged", "Ball or roller bearing"),
    TAPER("taper", "Tapered roller bearing"),
    NEEDLE("needle", "Needle bearing or sleeve"),
    JOINT("joint", "Universal joint"),
    PLAIN("plain", "Spherical plain bearing"),
    LOOSE("loose", "Loose balls, cup and cone"),
    PULLEY("pulley", "Roller or pulley");

    private final String id;
    private final String title;

    Kind(String id, String title) {
      this.id = id;
      this.title = title;
    }

    public String id() {
      return id;
    }

    public String title() {
      return title;
    }

    public static Optional<Kind> withId(String id) {
      return java.util.Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
    }
  }

  /**
   * A step of a procedure.
   *
   * @param good what a part that passes shows
   * @param bad what ends it
   * @param hard the reason then
   */
  public record Step(String kind, String id, String text, String good, String bad, String hard) {}

  /** What the bench says. */
  public enum Says {
    SCRAP("Not used again"),
    OPEN("Cannot tell yet"),
    NOTHING_FOUND("Nothing found against it");

    private final String title;

    Says(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  /**
   * The answer with its reasons.
   *
   * @param reasons hard faults, or what is still to be done
   * @param doesNotProve what a good result leaves open
   */
  public record Verdict(Says says, List<String> reasons, List<String> doesNotProve) {}

  /**
   * Radial play as dialled.
   *
   * @param mm diametral, millimetres
   * @param leastUm of the clearance group, µm
   * @param mostUm of the clearance group, µm
   * @param group such as C3
   */
  public record Play(double mm, double leastUm, double mostUm, String group) {

    /** Against a group of the table. */
    public static Play of(double mm, InternalClearances.Clearance group, String name) {
      return new Play(mm, group.minUm(), group.maxUm(), name);
    }

    /** How far over the group's greatest clearance it lies, µm; negative is under that. */
    public Working over() {
      return Working.of(
          Formula.of(
              "Radial play over its group",
              "µm",
              "e = g − G",
              v -> v.get("g") * UM - v.get("G"),
              "ISO 5753-1.",
              "Unmounted, dialled over the whole play under a small load."),
          List.of(
              Input.of(
                  "g",
                  "radial play",
                  mm,
                  DIAL_MM,
                  "mm",
                  Origin.measured("dial indicator on the bench")),
              Input.exact(
                  "G",
                  "greatest clearance, group " + group,
                  mostUm,
                  "µm",
                  Origin.table("ISO 5753-1"))));
    }
  }

  private Reuse() {}

  private static Step step(Table.Row row) {
    String kind = row.text("kind");
    if (Kind.withId(kind).isEmpty()) {
      throw new IllegalArgumentException("There is no procedure " + kind);
    }
    return new Step(
        kind,
        row.text("id"),
        row.text("step"),
        row.text("good"),
        row.text("bad"),
        row.text("hard"));
  }

  /** The steps of a procedure, in the order of the bench. */
  public static List<Step> steps(Kind kind) {
    return STEPS.stream().filter(s -> s.kind().equals(kind.id())).toList();
  }

  /**
   * Judges.
   *
   * @param answers {@code good} or {@code bad} by step; a step not done is missing
   * @param play radial play against its group; empty when it was not dialled
   */
  public static Verdict judge(Kind kind, Map<String, String> answers, Optional<Play> play) {
    List<String> hard = new ArrayList<>();
    List<String> open = new ArrayList<>();
    for (Step step : steps(kind)) {
      String said = answers.getOrDefault(step.id(), "");
      if (said.equals("bad")) {
        hard.add(step.hard());
      } else if (!said.equals("good")) {
        open.add(step.text());
      }
    }
    boolean dialled = kind == Kind.CAGED;
    if (dialled && play.isEmpty()) {
      open.add(
          "Dial the radial play against its clearance group; sideways looseness proves nothing.");
    }
    play.filter(p -> dialled).ifPresent(p -> judge(p, hard, open));
    Says says = !hard.isEmpty() ? Says.SCRAP : open.isEmpty() ? Says.NOTHING_FOUND : Says.OPEN;
    return new Verdict(says, hard.isEmpty() ? open : hard, doesNotProve(kind));
  }

  private static void judge(Play play, List<String> hard, List<String> open) {
    double um = play.mm() * UM;
    if (um > play.mostUm() + DIAL_MM * UM) {
      hard.add(
          "radial play of %.3f mm is over group %s (%.0f to %.0f µm): it is worn"
              .formatted(play.mm(), play.group(), play.leastUm(), play.mostUm()));
    } else if (um < play.leastUm() - DIAL_MM * UM) {
      open.add(
          "Radial play of %.3f mm is under group %s: dial it again unmounted, or the group is"
                  .formatted(play.mm(), play.group())
              + " another.");
    }
  }

  private static List<String> doesNotProve(Kind kind) {
    List<String> left = new ArrayList<>();
    left.add("how much of its life is used: fatigue starts under the surface");
    if (kind == Kind.CAGED) {
      left.add("what is under a seal that was not lifted");
    }
    if (kind == Kind.TAPER) {
      left.add("that it fits any other cup, or the other side");
    }
    left.add("that no heat took its hardness: no colour is no proof");
    return List.copyOf(left);
  }
}
