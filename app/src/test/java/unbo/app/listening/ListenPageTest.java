package unbo.app.listening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.app.AtOnce;
import unbo.app.vehicle.Vehicle;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.vehicle.VehicleKind;

class ListenPageTest extends ListenTest {

  /** Every answer of every test leads to a page; the word that is never said is not on it. */
  @ParameterizedTest
  @EnumSource(
      value = VehicleKind.class,
      names = {"CAR", "TRAILER"})
  void everyAnswerLeadsOn(VehicleKind kind) throws Exception {
    Listening search = listenings.start(kind, null, "", "Tester");
    for (DiagnosisTest test : search.model().tests()) {
      for (DiagnosisTest.Answer answer : test.answers()) {
        answer(search, test.id(), answer.id());
      }
      String page = text(search).toLowerCase(Locale.ROOT);
      assertThat(page).as(test.id()).contains("cross out").doesNotContain(" safe.");
    }
    assertThat(answers(search).current()).hasSize(search.model().tests().size());
  }

  @Test
  void aLooseWheelIsSaidAtTheTop() throws Exception {
    Listening search = someCar();
    page(search, "").andExpect(content().string(not(containsString("Do not move the vehicle."))));
    answer(search, "sound", "knock", "nuts", "axle-1-left");
    page(search, "")
        .andExpect(content().string(containsString("Do not move the vehicle.")))
        .andExpect(content().string(containsString("Road tests are withheld")));
  }

  /** Struck out, it no longer counts; put back, it does; both keep who gave it. */
  @Test
  void anAnswerIsStruckOutAndPutBack() throws Exception {
    Listening search = someCar();
    answer(search, "nuts", "axle-1-left");
    GivenAnswer line = answers(search).last().orElseThrow();
    send(search, "/lines/" + line.getId());
    assertThat(answers(search).current()).isEmpty();
    assertThat(text(search)).contains("Restore").doesNotContain("Do not move the vehicle.");
    send(search, "/lines/" + line.getId(), "do", "put-back");
    assertThat(answers(search).byTest()).containsEntry("nuts", "axle-1-left");
    assertThat(answers(search).last().orElseThrow().getPerson()).isEqualTo("Tuva Lind");
  }

  /** A second hand that finds something else is shown against the first, and counts. */
  @Test
  void aRepeatedTestShowsWhatStandsAgainstIt() throws Exception {
    Listening search = someCar();
    answer(search, "spin", "axle-1-right", "spin", "axle-1-right", "spin", "none");
    assertThat(answers(search).lines()).as("pressed twice counts once").hasSize(2);
    assertThat(answers(search).byTest()).containsEntry("spin", "none");
    assertThat(text(search)).contains("Another answer contradicts this: front right");
  }

  @Test
  void aTestPassedOverIsNotAskedAgain() throws Exception {
    Listening search = someCar();
    String first = asked(search);
    answer(search, first, "");
    assertThat(asked(search)).isNotEqualTo(first);
    assertThat(answers(search).skipped()).containsExactly(first);
    answer(search, first, search.model().test(first).orElseThrow().answers().get(0).id());
    assertThat(answers(search).skipped()).isEmpty();
  }

  private String asked(Listening search) throws Exception {
    return text(search).replaceAll("(?s).*?name=\"test\" value=\"([^\"]+)\".*", "$1");
  }

  /** Without a road no test on the road is asked, until it settles or nothing is left. */
  @Test
  void whatCannotBeDoneIsNotAsked() throws Exception {
    Listening search = someCar();
    send(search, "/bars", "barred", "road", "barred", "lifted");
    for (int i = 0; i < 12 && !text(search).contains("Enough tests."); i++) {
      DiagnosisTest test = search.model().test(asked(search)).orElseThrow();
      assertThat(test.occasion().id()).as(test.id()).isNotIn("road", "lifted");
      answer(search, test.id(), test.answers().get(0).id());
    }
  }

  /** One place alone: its causes are listed, the mark is the selected one. */
  @Test
  void aPlaceOfThePlanListsItsCauses() throws Exception {
    Listening search = someCar();
    answer(search, "sound", "growl");
    page(search, "?at=axle-1-right")
        .andExpect(content().string(containsString("At front right wheel bearing")))
        .andExpect(content().string(containsString("All causes")));
    page(search, "?at=telepathy").andExpect(content().string(not(containsString("All causes"))));
  }

  @Test
  void wordsAreReadAndShown() throws Exception {
    Vehicle car = newCar();
    var begun =
        mvc.perform(
                post("/listen")
                    .param("subject", "vehicle-" + car.getId())
                    .param("sign", "growl")
                    .param("words", "louder in left bends, hub front right hot, like a <b>cow</b>")
                    .with(as("tuva"))
                    .with(csrf()))
            .andExpect(status().is3xxRedirection())
            .andReturn();
    String page = begun.getResponse().getRedirectedUrl();
    Listening search = listenings.get(Long.parseLong(page.replaceAll("\\D", "")));
    assertThat(search.getVehicle().getId()).isEqualTo(car.getId());
    assertThat(answers(search).byTest())
        .containsEntry("sound", "growl")
        .containsEntry("bend", "left")
        .containsEntry("heat", "axle-1-right");
    mvc.perform(get("/listen/" + search.getId()).flashAttrs(begun.getFlashMap()).with(as("tuva")))
        .andExpect(content().string(containsString("Not understood: like a &lt;b&gt;cow")));
    send(search, "/words", "words", "no play and it clicks");
    assertThat(answers(search).byTest())
        .containsEntry("rock-12", "none")
        .containsEntry("sound", "click");
    assertThat(text(search)).contains("Another answer contradicts this: growl or hum");
  }

  /** What was typed or picked wrong is answered at its place, and stays there. */
  @Test
  void badInputIsAnswered() throws Exception {
    mvc.perform(post("/listen").param("words", "it growls").with(as("tuva")).with(csrf()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("No vehicle chosen.")))
        .andExpect(content().string(containsString("it growls")));
    Listening search = someCar();
    send(search, "/words", "words", " ").andExpect(status().isUnprocessableEntity());
    send(search, "/words", "words", "x".repeat(401)).andExpect(status().isUnprocessableEntity());
    for (List<String> no :
        List.of(List.of("telepathy", "yes"), List.of("spin", "warp"), List.of("t-rock", "none"))) {
      send(search, "/answers", "test", no.get(0), "answer", no.get(1))
          .andExpect(status().isNotFound());
    }
    send(search, "/lines/999999999").andExpect(status().isNotFound());
    mvc.perform(get("/listen/99999999").with(as("tuva"))).andExpect(status().isNotFound());
    mvc.perform(get("/listen/car").with(as("tuva"))).andExpect(status().is4xxClientError());
    assertThat(answers(search).lines()).isEmpty();
  }

  /** A line of another search cannot be struck out from here. */
  @Test
  void aLineBelongsToItsSearch() throws Exception {
    Listening one = someCar();
    Listening other = someCar();
    answer(one, "spin", "none");
    long line = answers(one).last().orElseThrow().getId();
    send(other, "/lines/" + line).andExpect(status().isNotFound());
    assertThat(answers(one).current()).hasSize(1);
  }

  /** Loading an answer's address again leads to the page, not to an error. */
  @ParameterizedTest
  @ValueSource(strings = {"/answers", "/words", "/bars", "/lines/1", "/job", "/recheck", "/drop"})
  void addressesOfFormsLeadBack(String path) throws Exception {
    Listening search = someCar();
    page(search, path).andExpect(redirectedUrl("/listen/" + search.getId()));
  }

  /** The first page offers what there are tables for, and what is still running. */
  @Test
  void theStartOffersVehiclesAndRunningSearches() throws Exception {
    Vehicle trailer = newTrailer();
    Listening search = on(trailer);
    mvc.perform(get("/listen?vehicle=" + trailer.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("value=\"vehicle-" + trailer.getId() + "\"")))
        .andExpect(content().string(containsString("/listen/" + search.getId())))
        .andExpect(content().string(containsString("Another trailer")));
    send(search, "/drop").andExpect(redirectedUrl("/listen"));
    assertThat(listenings.running()).noneMatch(l -> l.getId().equals(search.getId()));
    send(search, "/answers", "test", "t-rock", "answer", "none")
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("This search has ended")));
  }

  /** A button pressed twice, or by two hands: one line; two different answers: both, in order. */
  @Test
  void anAnswerGivenManyTimesInTheSameInstantCountsOnce() throws Exception {
    Listening search = someCar();
    AtOnce.all(
        8,
        i -> {
          listenings.answer(search.getId(), "nuts", "axle-1-left", "", "Tester");
          return i;
        });
    assertThat(answers(search).lines()).hasSize(1);
    AtOnce.all(
        4,
        i -> {
          listenings.answer(search.getId(), "nuts", "", "", "Tester " + i);
          return i;
        });
    assertThat(answers(search).lines()).hasSize(5);
  }

  /** Only one of those who end a search ends it. */
  @Test
  void aSearchEndsOnce() throws Exception {
    Listening search = someCar();
    List<Boolean> ended =
        AtOnce.all(
            6,
            i -> {
              try {
                listenings.drop(search.getId(), "Tester " + i);
                return true;
              } catch (EndedListening e) {
                return false;
              }
            });
    assertThat(ended).containsOnlyOnce(true);
  }
}
