package unbo.app.setting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import unbo.app.job.Form;
import unbo.core.measure.Window;

class SetInputTest {

  private static MultiValueMap<String, String> form(String... fields) {
    MultiValueMap<String, String> form = new LinkedMultiValueMap<>();
    for (int i = 0; i < fields.length; i += 2) {
      form.add(fields[i], fields[i + 1]);
    }
    return form;
  }

  private static SetInput read(String... fields) {
    return SetInput.of(SetForm.typed(Form.typed(form(fields))));
  }

  @Test
  void aRetainersPositionsRuleOverSlots() {
    SetInput input = read("slots", "7", "lines", "", "positions", "18");
    assertThat(input.lock().orElseThrow().positionsPerTurn()).isEqualTo(18);
    assertThat(input.lock().orElseThrow().isCastle()).isFalse();
    assertThat(input.problems().at("slots")).isNull();
  }

  @Test
  void slotsWithoutHoleLinesAreNotKnownYetAndNoFault() {
    SetInput input = read("slots", "6", "thread", "M18x1.5");
    assertThat(input.lock()).isEmpty();
    assertThat(input.problems().isEmpty()).isTrue();
  }

  @Test
  void emptyBoxesBetweenReadingsAreLeftOut() {
    SetInput input = read("first", "0.31", "first", "", "first", "0.30", "first", "0.32");
    assertThat(input.first())
        .extracting(SetInput.TypedReading::typed)
        .containsExactly("0.31", "0.30", "0.32");
    assertThat(input.measured(Stage.PINNED)).isEmpty();
  }

  @Test
  void theFaultStandsAtTheBoxThatHasIt() {
    SetInput input = read("first", "0.31", "first", "O.3", "first", "0.32");
    assertThat(input.problems().at("first1").found()).isEqualTo("O.3");
    assertThat(input.problems().at("first0")).isNull();
  }

  @ParameterizedTest
  @CsvSource({"0.02,0.08,0.02,0.08", "1 thou,5 thou,0.0254,0.127", "'0,05','0,10',0.05,0.10"})
  void theMakersWindowIsReadInAnyUnit(String from, String to, double a, double b) {
    Window window = read("windowFrom", from, "windowTo", to).window().orElseThrow().window();
    assertThat(window.from()).isEqualTo(a);
    assertThat(window.to()).isEqualTo(b);
  }

  @ParameterizedTest
  @CsvSource(
      nullValues = "-",
      value = {
        "0.1,0.1,windowTo",
        "0.2,0.1,windowTo",
        "0.1,'',windowTo",
        "'',0.1,windowFrom",
        "-0.1,0.1,windowFrom"
      })
  void aWindowThatIsNoneIsRefusedAtItsField(String from, String to, String field) {
    SetInput input = read("windowFrom", from, "windowTo", to);
    assertThat(input.window()).isEmpty();
    assertThat(input.problems().at(field)).isNotNull();
  }

  @Test
  void noWindowMeansTheDefaultAndNoFault() {
    assertThat(read("windowFrom", " ", "windowTo", "").window()).isEmpty();
    assertThat(read("thread", "M18x1.5").problems().isEmpty()).isTrue();
  }

  @Test
  void aFormHasThreeBoxesAtLeastAndTwelveAtMost() {
    assertThat(SetForm.typed(Form.typed(form())).first()).hasSize(3);
    String[] many = new String[80];
    for (int i = 0; i < 80; i += 2) {
      many[i] = "first";
      many[i + 1] = "0.3";
    }
    SetForm full = SetForm.typed(Form.typed(form(many)));
    assertThat(full.first()).hasSize(12);
    assertThat(full.withOneMore(Stage.FIRST).first()).hasSize(12);
    assertThat(full.withOneMore(Stage.PINNED).again()).hasSize(4);
  }

  @Test
  void anUnknownGaugeIsTheDial() {
    assertThat(read("gauge", "laser").gauge().id()).isEqualTo("dial");
    assertThat(read("gauge", "test-dial").gauge().id()).isEqualTo("test-dial");
  }
}
