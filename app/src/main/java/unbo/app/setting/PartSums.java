package unbo.app.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.Form;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.core.arrangement.Adjustment.By;
import unbo.core.arrangement.Arrangement;
import unbo.core.measure.Readings;
import unbo.core.units.Problem;

/**
 * The sum that belongs to what sets an arrangement beside its readings: a steering head's torque, a
 * universal joint's circlips, a link's side play. Saved with the setting.
 *
 * @param title what it is about
 * @param questions its fields
 * @param fields as typed
 * @param figures with what they are; empty while a value is missing
 * @param verdict a sentence; empty while a value is missing
 * @param lines what follows besides
 */
public record PartSums(
    String title,
    List<Question> questions,
    Map<String, String> fields,
    FieldProblems problems,
    List<Line> figures,
    String verdict,
    List<String> lines,
    List<WorkingView> workings) {

  /** What begins the name of every field, so that none is taken for a part's. */
  static final String PREFIX = "sums-";

  private static final int LONGEST = 200;

  /**
   * A field.
   *
   * @param options to choose from, by their values; empty for a text
   */
  public record Question(String id, String label, String unit, Map<String, String> options) {

    static Question text(String id, String label, String unit) {
      return new Question(PREFIX + id, label, unit, Map.of());
    }

    static Question choice(String id, String label, Map<String, String> options) {
      return new Question(PREFIX + id, label, "", options);
    }
  }

  /** A figure with what it is. */
  public record Line(String about, Figure figure) {}

  /** Which sum serves an arrangement. */
  private enum Kind {
    HEAD,
    CROSS,
    LINK,
    SPACER,
    PINION,
    CARRIER,
    FLOAT,
    CAP,
    COLLAR;

    static Optional<Kind> of(Arrangement arrangement) {
      if (sets(arrangement, By.HEAD_ADJUSTER)) {
        return Optional.of(HEAD);
      }
      if (sets(arrangement, By.CIRCLIP)) {
        return Optional.of(CROSS);
      }
      boolean needles =
          !arrangement.places().isEmpty()
              && arrangement.places().stream()
                  .allMatch(
                      p -> p.kind().family().filter(f -> f.id().contains("needle")).isPresent());
      if (needles && sets(arrangement, By.SHIMS)) {
        return Optional.of(LINK);
      }
      if (sets(arrangement, By.SPACER)) {
        return Optional.of(SPACER);
      }
      if (sets(arrangement, By.PINION_SHIM)) {
        return Optional.of(PINION);
      }
      if (sets(arrangement, By.RING_NUTS)) {
        return Optional.of(CARRIER);
      }
      if (sets(arrangement, By.TOP_CAP)) {
        return Optional.of(CAP);
      }
      if (sets(arrangement, By.COLLAR)) {
        return Optional.of(COLLAR);
      }
      return sets(arrangement, By.END_FLOAT) || sets(arrangement, By.SHIMS)
          ? Optional.of(FLOAT)
          : Optional.empty();
    }

    private static boolean sets(Arrangement arrangement, By by) {
      return arrangement.adjustments().stream().anyMatch(a -> a.by() == by);
    }
  }

  /**
   * Empty where nothing of that kind is set.
   *
   * @param force what swings a head, if it was read
   */
  static Optional<PartSums> of(
      Workpiece piece, Map<String, String> fields, Optional<Readings> force) {
    return Kind.of(piece.arrangement()).map(kind -> sum(kind, piece, fields, force).checked());
  }

  private static PartSums sum(
      Kind kind, Workpiece piece, Map<String, String> fields, Optional<Readings> force) {
    return switch (kind) {
      case HEAD -> new HeadSum(fields).read(force);
      case CROSS -> new CrossSum(fields).read();
      case LINK -> new LinkSum(fields).read();
      case SPACER -> new SpacerSum(fields).read(piece);
      case PINION -> new PinionSum(fields).read();
      case CARRIER -> new CarrierSum(fields).read();
      case FLOAT -> new FloatSum(fields).read();
      case CAP -> new CapSum(fields, true).read();
      case COLLAR -> new CapSum(fields, false).read();
    };
  }

  /** A text that no field of it takes is refused at its field. */
  private PartSums checked() {
    kept()
        .forEach(
            (field, text) -> {
              if (text.length() > LONGEST) {
                problems.add(
                    field,
                    new Problem(
                        text.substring(0, 40) + "…",
                        "Too long.",
                        "Write " + LONGEST + " characters at most."));
              }
            });
    return this;
  }

  /** What is saved: its own fields and no others that a form may carry. */
  Map<String, String> kept() {
    Map<String, String> kept = new LinkedHashMap<>();
    questions.stream()
        .map(Question::id)
        .filter(fields::containsKey)
        .forEach(id -> kept.put(id, fields.get(id)));
    return kept;
  }

  /** The fields of a form that are the sum's own. */
  static Map<String, String> typed(Form form) {
    Map<String, String> fields = new LinkedHashMap<>();
    form.single().entrySet().stream()
        .filter(e -> e.getKey().startsWith(PREFIX) && !e.getValue().isBlank())
        .forEach(e -> fields.put(e.getKey(), e.getValue().strip()));
    return fields;
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  public boolean isEntered() {
    return !kept().isEmpty();
  }

  /** For paper. */
  List<String> said() {
    List<String> said = new ArrayList<>();
    figures.forEach(f -> said.add(f.about().toLowerCase(Locale.ROOT) + " " + f.figure().text()));
    if (!said.isEmpty()) {
      said.add(verdict);
    }
    return said;
  }
}
