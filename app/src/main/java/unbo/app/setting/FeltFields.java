package unbo.app.setting;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.setting.NutLock;
import unbo.core.setting.SpindleThread;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/**
 * The fields that put a feel into millimetres: holes backed off from where it felt right, the play
 * dialled there, thread and positions of the nut. What the record of the nut has need not be typed
 * again.
 */
final class FeltFields {

  static final String HOLES = "felt-holes";
  static final String PLAY = "felt-play";
  static final String THREAD = "felt-thread";
  static final String POSITIONS = "felt-positions";

  private static final double MOST_MM = 5;
  private static final int MOST_HOLES = 100;

  private FeltFields() {}

  /** The fields as recorded; thread and positions of the nut where nothing else was said. */
  static void put(
      Map<String, String> fields, OtherSchools.Felt felt, NutRecord nut, Figures figures) {
    fields.put(HOLES, felt == null ? "" : String.valueOf(felt.holes()));
    fields.put(PLAY, felt == null ? "" : figures.size(felt.playMm()));
    String thread = nut.thread().map(SpindleThread::text).orElse("");
    fields.put(THREAD, felt == null ? thread : felt.thread());
    String positions = nut.lock().map(l -> String.valueOf(l.positionsPerTurn())).orElse("");
    fields.put(POSITIONS, felt == null ? positions : String.valueOf(felt.positions()));
  }

  /** What was typed of them, apart from what the nut's record gives. */
  static Stream<String> names() {
    return Stream.of(HOLES, PLAY);
  }

  /** What they say; empty while holes or play are missing or something is wrong. */
  static Optional<OtherSchools.Felt> read(
      Map<String, String> fields, NutRecord nut, FieldProblems problems) {
    Optional<Integer> holes = holes(fields, problems);
    Optional<Double> play = play(fields, problems);
    if (holes.isEmpty() != play.isEmpty()) {
      String empty = holes.isEmpty() ? HOLES : PLAY;
      if (problems.at(empty) == null) {
        problems.add(
            empty,
            new Problem(
                "", "The other half is missing.", "Enter holes backed off and play there."));
      }
    }
    if (holes.isEmpty() || play.isEmpty()) {
      return Optional.empty();
    }
    Optional<SpindleThread> thread =
        isBlank(fields, THREAD)
            ? nut.thread()
            : problems.take(THREAD, SpindleThread.parse(fields.get(THREAD)));
    Optional<Integer> positions =
        isBlank(fields, POSITIONS)
            ? nut.lock().map(NutLock::positionsPerTurn)
            : problems
                .take(
                    POSITIONS,
                    QuantityEntry.COUNT
                        .parse(fields.get(POSITIONS))
                        .check(NutLock::problemWithPositions))
                .map(Double::intValue);
    askFor(THREAD, thread, problems);
    askFor(POSITIONS, positions, problems);
    return thread.flatMap(
        t -> positions.map(n -> new OtherSchools.Felt(play.get(), holes.get(), t.text(), n)));
  }

  private static boolean isBlank(Map<String, String> fields, String field) {
    return fields.getOrDefault(field, "").isBlank();
  }

  private static void askFor(String field, Optional<?> read, FieldProblems problems) {
    if (read.isEmpty() && problems.at(field) == null) {
      problems.add(
          field,
          new Problem(
              "", "The travel of a hole is not known.", "Enter thread and positions per turn."));
    }
  }

  private static Optional<Double> play(Map<String, String> fields, FieldProblems problems) {
    return problems.take(
        PLAY,
        LengthEntry.parse(fields.get(PLAY), LengthEntry.Unit.MILLIMETRE)
            .map(t -> t.length().millimetres())
            .check(
                mm ->
                    mm > 0 && mm <= MOST_MM
                        ? Optional.empty()
                        : Optional.of(
                            new Problem(
                                fields.get(PLAY),
                                "Not a play that can be dialled.",
                                "Back off until there is play, then enter more than 0 mm."))));
  }

  private static Optional<Integer> holes(Map<String, String> fields, FieldProblems problems) {
    return problems
        .take(
            HOLES,
            QuantityEntry.COUNT
                .parse(fields.get(HOLES))
                .check(
                    n ->
                        n >= 1 && n <= MOST_HOLES
                            ? Optional.empty()
                            : Optional.of(
                                new Problem(
                                    fields.get(HOLES),
                                    "Not a count of holes.",
                                    "Enter 1 to " + MOST_HOLES + "."))))
        .map(Double::intValue);
  }
}
