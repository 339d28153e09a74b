package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.measure.Measured;
import unbo.core.measure.Window;

class NutAdviceTest {

  private static final Window WINDOW = NutSetting.DEFAULT_WINDOW_MM;
  private static final NutLock COARSE = NutLock.castle(6, 1);

  @ParameterizedTest
  @CsvSource({
    "0,Leave it at this hole",
    "1,One hole tighter",
    "-1,One hole looser",
    "3,Three holes tighter",
    "-12,12 holes looser"
  })
  void turnsAreSaidInWords(int steps, String words) {
    assertThat(NutAdvice.turns(steps)).isEqualTo(words);
  }

  @Test
  void perhapsInsideIsSaidToBeNoMoreThanThat() {
    NutSetting setting =
        NutSetting.solve(1.5, NutLock.castle(6, 2), new Measured(0.25, 0.06), WINDOW);
    NutAdvice advice = NutAdvice.of(setting, NutLock.castle(6, 2));
    assertThat(advice.headline()).contains("perhaps within limits").contains("Only the dial");
    assertThat(advice.remedies()).anyMatch(r -> r.contains("± 0.060 mm"));
  }

  @Test
  void aRetainerIsNotToldOfHoleLines() {
    NutLock retainer = NutLock.retainer(6);
    NutSetting setting = NutSetting.solve(1.5, retainer, new Measured(0.45, 0.01), WINDOW);
    assertThat(NutAdvice.of(setting, retainer).remedies()).noneMatch(r -> r.contains("hole line"));
  }

  @Test
  void eightSlotsGainNothingFromASecondLine() {
    NutLock eight = NutLock.castle(8, 1);
    NutSetting setting = NutSetting.solve(3, eight, new Measured(0.60, 0.01), WINDOW);
    assertThat(setting.recommended()).isEmpty();
    assertThat(NutAdvice.of(setting, eight).remedies())
        .noneMatch(r -> r.contains("second pin hole"));
  }

  /** Law: the washer that is advised does bring that hole to the middle of the window. */
  @Property
  void theAdvisedWasherWorks(
      @ForAll @DoubleRange(min = 0.2, max = 2) double play,
      @ForAll @DoubleRange(min = 1, max = 3) double pitch) {
    NutSetting setting = NutSetting.solve(pitch, COARSE, new Measured(play, 0.01), WINDOW);
    if (setting.recommended().isPresent()) {
      return;
    }
    Pattern washer =
        Pattern.compile("A washer ([0-9.]+) mm (thicker|thinner) .*\\((-?[0-9.]+) mm\\)");
    for (String remedy : NutAdvice.of(setting, COARSE).remedies()) {
      Matcher m = washer.matcher(remedy);
      if (m.find()) {
        double sign = m.group(2).equals("thicker") ? -1 : 1;
        double result = Double.parseDouble(m.group(3)) + sign * Double.parseDouble(m.group(1));
        assertThat(result).isCloseTo(WINDOW.middle(), within(0.006));
      }
    }
  }

  @Test
  void theCardSaysWhenReadingsAreTooRoughToShowIt() {
    SpindleThread thread = new SpindleThread(18, 1.5, "M18×1.5");
    NutSetting rough =
        NutSetting.solve(1.5, NutLock.castle(6, 2), new Measured(0.25, 0.06), WINDOW);
    ProcedureCard card = ProcedureCard.of(thread, NutLock.castle(6, 2), Optional.of(rough));
    assertThat(card.steps()).anyMatch(s -> s.text().contains("more steadily than before"));
    assertThat(card.steps()).anyMatch(s -> s.caution().contains("never on the jack alone"));
  }
}
