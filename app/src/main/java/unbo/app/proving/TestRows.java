package unbo.app.proving;

import java.util.List;
import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.app.proving.ProveSheet.TestRow;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.TaperPair;
import unbo.core.measure.Verdict;
import unbo.core.rock.Comparison;
import unbo.core.units.Digits;
import unbo.core.verification.AccusingTest;
import unbo.core.working.Origin;
import unbo.core.working.Settling;
import unbo.core.working.Working;

/** The rows of the accusing tests, with the workings of their figures. */
final class TestRows {

  private final Workpiece piece;
  private final ProveRecord record;
  private final Figures figures;
  private final Optional<TaperPair> pair;
  private final Workings workings = new Workings("prove");

  TestRows(Workpiece piece, ProveRecord record, Figures figures) {
    this.piece = piece;
    this.record = record;
    this.figures = figures;
    this.pair = TaperPair.of(piece.assembly());
  }

  List<WorkingView> workings() {
    return workings.all();
  }

  TestRow row(AccusingTest test) {
    TestRecord r = ProveSheet.record(piece, record, test).orElse(null);
    boolean repeated = r != null && r.isRepeated();
    Verdict better = r == null ? null : TestFigures.repeated(test, r).better().orElse(null);
    Working gain = repeated ? gain(test, r) : null;
    return new TestRow(
        test,
        r == null ? null : shown(test, "before", r.before(), before()),
        repeated ? shown(test, "now", r.after(), now(r)) : null,
        gain == null ? null : figure(test, gain),
        better,
        better == Verdict.CANNOT_TELL
            ? Settling.of(gain, Comparison.BETTER).sentences()
            : List.of(),
        test == AccusingTest.END_PLAY,
        r != null && r.inOrder(),
        repeated && isSigned(r) ? r.person() + ", " + figures.moment(r.at()) : "");
  }

  private TestFigures.Shown shown(AccusingTest test, String when, TestReading read, Origin origin) {
    return new TestFigures(test, when, origin, pair, workings, figures).shown(read);
  }

  private static Origin before() {
    return Origin.measured("before the work");
  }

  private Origin now(TestRecord r) {
    if (isSigned(r)) {
      return Origin.measured(r.person() + ", " + figures.moment(r.at()));
    }
    boolean named = r.person() != null && !r.person().isEmpty();
    return Origin.measured(named ? r.person() : "typed here, not saved");
  }

  /** On the bench nobody signs. */
  private static boolean isSigned(TestRecord r) {
    return r.at() != null && r.person() != null && !r.person().isEmpty();
  }

  private Working gain(AccusingTest test, TestRecord r) {
    return Comparison.gain(
        test.title(),
        test.moreIsBetter(),
        r.before().compared(test, r.after()),
        r.after().compared(test, r.before()),
        test.comparedUnit(),
        TestFigures.finer(test, r),
        now(r));
  }

  private Figure figure(AccusingTest test, Working gain) {
    String unit = test.comparedUnit();
    String text = Digits.both(gain.result().value(), gain.result().uncertainty()) + " " + unit;
    return workings.judged("", gain, Comparison.BETTER, text);
  }
}
