package unbo.app.listening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.PageTest;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.vehicle.VehicleKind;

/** Searches on two and three wheels: every test opens, the measured ones are worked out. */
@Execution(ExecutionMode.CONCURRENT)
class TwoWheelListenTest extends PageTest {

  @Autowired private Listenings listenings;

  @ParameterizedTest
  @EnumSource(VehicleKind.class)
  void everyTestOfEveryKindOpens(VehicleKind kind) throws Exception {
    Listening listening = listenings.start(kind, null, "", "Tester");
    for (DiagnosisTest test : listening.model().tests()) {
      mvc.perform(get("/listen/{i}", listening.getId()).param("test", test.id()).with(as("tuva")))
          .andExpect(status().isOk())
          .andExpect(content().string(containsString("class=\"test-drawing\"")));
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "MOTORCYCLE | m-swing | force=6 6.2 6.1;arm=350;least=2;most=4 | Result: over",
        "MOTORCYCLE | m-swing | force=3;least=2;most=4 | Result: within the figure",
        "MOTORCYCLE | m-swing | force=1;least=2;most=4 | Result: the bars fall by themselves",
        "MOTORCYCLE | m-swing | force=4;least=2;most=4 | Cannot tell: the vehicle maker’s limit",
        "MOTORCYCLE | m-swing | force=6 | Cannot tell without the vehicle maker",
        "MOTORCYCLE | m-swing | force=6;least=4;most=2 | Cannot tell without the vehicle maker",
        "MOTORCYCLE | m-swing | force=1 2 3 4 5 6 7 8 9 10 11 12 13 | Enter 12 at most.",
        "MOTORCYCLE | m-swing | force=much | Not a number that can be read",
        "MOTORCYCLE | m-seal-grip | at-front-wheel=0.4;at-rear-wheel=3 | Result: front wheel",
        "MOTORCYCLE | m-seal-grip | at-front-wheel=4;at-rear-wheel=3 | Result: none",
        "MOTORCYCLE | m-lift | lift=2 | Free lift 2 ± 0.5 mm",
        "MOTORCYCLE | m-lift | lift=0.2 | No measurable",
        "BICYCLE | b-count | clicks=10;turns=10;ring=36;sprocket=12 | Result: once per crank turn",
        "BICYCLE | b-count | clicks=10;turns=10;ring=32;sprocket=32 | Two causes fit",
        "BICYCLE | b-count | clicks=20;turns=10;ring=36;sprocket=12 | Result: twice",
        "BICYCLE | b-count | clicks=30;turns=10;ring=36;sprocket=12 | Result: with the wheel",
        "BICYCLE | b-count | clicks=0;turns=10;ring=36;sprocket=12 | not counted or no beat",
        "BICYCLE | b-count | clicks=10;turns=2 | Out of range"
      })
  void measuredTestsAreWorkedOut(VehicleKind kind, String test, String fields, String says)
      throws Exception {
    Listening listening = listenings.start(kind, null, "", "Tester");
    var request =
        post("/listen/{i}/gauge", listening.getId())
            .param("test", test)
            .with(as("tuva"))
            .with(csrf());
    for (String field : fields.split(";")) {
      request.param(field.split("=")[0].strip(), field.split("=")[1].strip());
    }
    mvc.perform(request).andExpect(content().string(containsString(says)));
  }

  @Test
  void wordsOfRidersAreUnderstood() throws Exception {
    Listening bike =
        listenings.start(VehicleKind.BICYCLE, null, "creaks under load, goes when standing", "T");
    assertThat(listenings.answers(bike).byTest())
        .containsEntry("b-sound", "creak")
        .containsEntry("b-when", "pedal")
        .containsEntry("b-out-of-saddle", "goes");
  }

  /**
   * What a colleague answers comes to a page that knew less; nothing comes while nothing is new.
   */
  @Test
  void twoSeeEachOthersAnswers() throws Exception {
    Listening listening = listenings.start(VehicleKind.TRICYCLE, null, "", "Tester");
    String address = "/listen/" + listening.getId() + "/since";
    mvc.perform(get(address).param("seen", "0-0").with(as("joren")))
        .andExpect(status().isNoContent());
    mvc.perform(
        post("/listen/{i}/answers", listening.getId())
            .param("test", "b-when")
            .param("answer", "coast")
            .with(as("tuva"))
            .with(csrf()));
    mvc.perform(get(address).param("seen", "0-0").param("lines", "0").with(as("joren")))
        .andExpect(status().isOk())
        .andExpect(
            content().string(containsString("Tuva Lind: When is the noise there? only when")));
    mvc.perform(
        post("/listen/{i}/answers", listening.getId())
            .param("test", "b-when")
            .param("answer", "brake")
            .with(as("joren"))
            .with(csrf()));
    mvc.perform(get(address).param("seen", "1-0").param("lines", "1").with(as("tuva")))
        .andExpect(content().string(containsString("Another answer contradicts this")))
        .andExpect(content().string(not(containsString("Tuva Lind: When"))));
  }

  /** A figure that cannot be read stops the answer that was pressed, and stays in its field. */
  @Test
  void anAnswerWithABadFigureIsNotTaken() throws Exception {
    Listening listening = listenings.start(VehicleKind.MOTORCYCLE, null, "", "Tester");
    mvc.perform(
            post("/listen/{i}/answers", listening.getId())
                .param("test", "m-swing")
                .param("answer", "heavy")
                .param("force", "much")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("value=\"much\"")));
    assertThat(listenings.answers(listening).lines()).isEmpty();
  }
}
