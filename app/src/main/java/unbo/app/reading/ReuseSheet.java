package unbo.app.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.catalogue.Bearing;
import unbo.core.damage.Reuse;
import unbo.core.designation.DesignationReader;
import unbo.core.measure.Window;
import unbo.core.tolerance.InternalClearances;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;

/**
 * Fit to reuse? The procedure of the bench with what was found.
 *
 * @param kind whose procedure
 * @param steps with what was found at each
 * @param play radial play as typed
 * @param group the clearance group it is judged by, in words; empty when none is known
 * @param over the play against the group's greatest; null before it was dialled
 * @param verdict null while nothing was answered
 */
public record ReuseSheet(
    Reuse.Kind kind,
    List<StepRow> steps,
    String play,
    String group,
    Figure over,
    Reuse.Verdict verdict,
    List<WorkingView> workings) {

  static final String KIND = "reuse-kind";
  static final String PLAY = "reuse-play";

  private static final Window NOT_OVER = new Window(Double.NEGATIVE_INFINITY, 0);
  private static final String STEP = "reuse-";
  private static final double MOST_PLAY_MM = 5;

  /** A step with what was found: {@code good}, {@code bad} or nothing. */
  public record StepRow(Reuse.Step step, String said) {}

  /** Its fields, whatever the procedure. */
  static List<String> fields() {
    List<String> all = new ArrayList<>(List.of(KIND, PLAY));
    for (Reuse.Kind kind : Reuse.Kind.values()) {
      Reuse.steps(kind).forEach(s -> all.add(STEP + s.id()));
    }
    return all.stream().distinct().toList();
  }

  static ReuseSheet of(Workpiece piece, Map<String, String> fields, FieldProblems problems) {
    Reuse.Kind kind =
        Reuse.Kind.withId(fields.getOrDefault(KIND, "")).orElseGet(() -> usual(piece));
    Map<String, String> answers = new LinkedHashMap<>();
    List<StepRow> rows = new ArrayList<>();
    for (Reuse.Step step : Reuse.steps(kind)) {
      String said = fields.getOrDefault(STEP + step.id(), "");
      answers.put(step.id(), said);
      rows.add(new StepRow(step, said));
    }
    Optional<Group> group = group(piece);
    String typed = fields.getOrDefault(PLAY, "").strip();
    Optional<Reuse.Play> play = play(typed, group, problems);
    boolean begun = !typed.isEmpty() || answers.values().stream().anyMatch(a -> !a.isEmpty());
    Workings workings = new Workings("reuse");
    Figure over =
        play.map(Reuse.Play::over)
            .map(w -> workings.judged("", w, NOT_OVER, said(w.result().value())))
            .orElse(null);
    return new ReuseSheet(
        kind,
        rows,
        typed,
        group.map(Group::words).orElse(""),
        over,
        begun ? Reuse.judge(kind, answers, play) : null,
        workings.all());
  }

  private static String said(double um) {
    return Math.round(Math.abs(um)) + (um > 0 ? " µm over" : " µm under") + " the group’s greatest";
  }

  /** What the first bearing of the arrangement asks for. */
  private static Reuse.Kind usual(Workpiece piece) {
    return first(piece)
        .map(b -> b.isTaper() ? Reuse.Kind.TAPER : Reuse.Kind.CAGED)
        .orElse(Reuse.Kind.CAGED);
  }

  private static Optional<Bearing> first(Workpiece piece) {
    return piece.arrangement().namedPlaces().stream()
        .flatMap(p -> piece.assembly().bearingAt(p.id()).stream())
        .findFirst();
  }

  private record Group(String name, InternalClearances.Clearance limits) {
    String words() {
      return "group %s: %.0f to %.0f µm, unmounted (%s)"
          .formatted(name, limits.minUm(), limits.maxUm(), limits.source());
    }
  }

  /** The group that its number said, CN where it said none. */
  private static Optional<Group> group(Workpiece piece) {
    String place =
        piece.arrangement().namedPlaces().stream().findFirst().map(p -> p.id()).orElse("");
    String marking = piece.work().markingOf(place);
    String name =
        marking.isEmpty()
            ? "CN"
            : DesignationReader.standard().read(marking).readings().stream()
                .findFirst()
                .map(r -> r.clearance())
                .orElse("CN");
    return first(piece)
        .flatMap(
            b ->
                InternalClearances.kindOf(b)
                    .filter(k -> !InternalClearances.isAxial(k))
                    .flatMap(k -> InternalClearances.of(k, name, b.boreMm())))
        .map(limits -> new Group(name, limits));
  }

  private static Optional<Reuse.Play> play(
      String typed, Optional<Group> group, FieldProblems problems) {
    if (typed.isEmpty()) {
      return Optional.empty();
    }
    Optional<Double> mm =
        problems
            .take(PLAY, LengthEntry.parse(typed, LengthEntry.Unit.MILLIMETRE))
            .map(t -> t.length().millimetres());
    if (mm.isPresent() && !(mm.get() >= 0 && mm.get() <= MOST_PLAY_MM)) {
      problems.add(PLAY, new Problem(typed, "Not a radial play.", "Enter 0 to 5 mm."));
      return Optional.empty();
    }
    if (mm.isPresent() && group.isEmpty()) {
      problems.add(
          PLAY,
          new Problem(
              typed, "No clearance group is known here.", "Read the bearing’s number at Name."));
    }
    return mm.flatMap(v -> group.map(g -> Reuse.Play.of(v, g.limits(), g.name())));
  }

  public List<Reuse.Kind> kinds() {
    return Arrays.asList(Reuse.Kind.values());
  }

  /** Only a caged ball or roller bearing has a play of its own. */
  public boolean asksPlay() {
    return kind == Reuse.Kind.CAGED;
  }
}
