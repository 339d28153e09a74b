package unbo.core.tolerance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.tolerance.IncomingInspection.Sizes;

class IncomingInspectionTest {

  private static final Bearing BALL = Catalogue.standard().find("6205").orElseThrow();

  private static Optional<Measured> mm(double value, double u) {
    return Optional.of(new Measured(value, u));
  }

  private static IncomingInspection inspect(Sizes sizes) {
    return IncomingInspection.of(BALL, "Normal", "CN", sizes);
  }

  /** 6205 Normal: bore 25 0/−10 µm, outside 52 0/−13 µm, width 15 0/−120 µm; CN 5 to 20 µm. */
  @Test
  void aGoodOnePassesWithAGoodInstrument() {
    IncomingInspection found =
        inspect(new Sizes(mm(24.995, 0.004), mm(51.9935, 0.005), mm(14.94, 0.005), mm(12, 5)));
    assertThat(found.verdict()).isEqualTo(Verdict.YES);
    assertThat(found.findings()).hasSize(4);
  }

  @Test
  void aCaliperCannotTell() {
    IncomingInspection found =
        inspect(new Sizes(mm(25, 0.03), mm(52, 0.03), mm(14.95, 0.03), Optional.empty()));
    assertThat(found.verdict()).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(found.findings().get(0).reason()).contains("coarser than the class");
  }

  @Test
  void aFalseOneIsRefused() {
    IncomingInspection found =
        inspect(new Sizes(mm(25.02, 0.005), Optional.empty(), Optional.empty(), mm(60, 5)));
    assertThat(found.verdict()).isEqualTo(Verdict.NO);
    assertThat(found.findings().get(0).reason()).contains("15 µm or more");
    assertThat(found.findings().get(1).verdict()).isEqualTo(Verdict.NO);
  }

  @Test
  void nothingMeasuredProvesNothing() {
    Sizes none = new Sizes(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    assertThat(inspect(none).verdict()).isEqualTo(Verdict.CANNOT_TELL);
    Sizes two =
        new Sizes(mm(24.995, 0.004), mm(51.9935, 0.005), Optional.empty(), Optional.empty());
    assertThat(inspect(two).verdict()).isEqualTo(Verdict.CANNOT_TELL);
  }
}
