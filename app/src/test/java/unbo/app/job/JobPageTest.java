package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.AtOnce;
import unbo.app.PageTest;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.PartTemplate;

class JobPageTest extends PageTest {

  @ParameterizedTest
  @EnumSource(Station.class)
  void everyStationOpensAsAPlainAddress(Station station) throws Exception {
    mvc.perform(get("/jobs/{id}", newJob().getId()).param("at", station.id()).with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("<h2>" + station.title() + "</h2>")));
  }

  @ParameterizedTest
  @MethodSource("parts")
  void everyPartOpensASheet(PartTemplate part) throws Exception {
    mvc.perform(get("/jobs/{id}", newJob().getId()).param("part", part.id()).with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("class=\"balloon is-selected\"")));
    mvc.perform(
            get("/jobs/{id}", newJob().getId())
                .param("at", "part")
                .param("part", part.id())
                .with(as("tuva")))
        .andExpect(status().isOk());
  }

  static List<PartTemplate> parts() {
    return Arrangements.of("a1").parts();
  }

  @Test
  void wordsInTheAddressThatMeanNothingOpenTheNextStation() throws Exception {
    mvc.perform(
            get("/jobs/{id}", newJob().getId())
                .param("at", "nonsense")
                .param("part", "x")
                .with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("<h2>Listen</h2>")));
  }

  @Test
  void theAddressOfAFormLeadsBackToItsPage() throws Exception {
    String job = "/jobs/" + newJob().getId();
    mvc.perform(get(job + "/set/preview").with(as("tuva")))
        .andExpect(redirectedUrl(job + "?at=set"));
    mvc.perform(get(job + "/prove/waivers/brake").with(as("tuva")))
        .andExpect(redirectedUrl(job + "?at=prove"));
    mvc.perform(get(job + "/parts/hub").with(as("tuva")))
        .andExpect(redirectedUrl(job + "?at=part&part=hub"));
  }

  private ResultActions note(Job job, String station, String note, String what, int revision)
      throws Exception {
    return mvc.perform(
        post("/jobs/{id}/stations/{s}/note", job.getId(), station)
            .param("note", note)
            .param("do", what)
            .param("revision", "" + revision)
            .with(as("tuva"))
            .with(csrf()));
  }

  @Test
  void aStationThatIsNotBuiltTakesADatedNote() throws Exception {
    Job job = newJob();
    note(job, "strip", "out with a press sleeve", "elsewhere", 0)
        .andExpect(status().is3xxRedirection());
    StationMark mark = reload(job).work().mark(Station.STRIP).orElseThrow();
    assertThat(mark.getState()).isEqualTo(StationMark.State.ELSEWHERE);
    assertThat(mark.getPerson()).isEqualTo("Tuva Lind");
    note(job, "strip", "", "elsewhere", 1)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The note is empty")));
    note(job, "strip", "n".repeat(10_000), "elsewhere", 1)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("it has 10000")));
    note(job, "strip", "mine", "elsewhere", 0)
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString(">mine</textarea>")));
    note(job, "fit", "", "skip", 0).andExpect(status().is3xxRedirection());
    note(job, "set", "no", "elsewhere", 0).andExpect(status().isNotFound());
  }

  @Test
  void aSizeChangesTheSectionAndABadOneIsAnsweredAtItsField() throws Exception {
    Job job = newJob();
    mvc.perform(
            post("/jobs/{id}/parts/hub", job.getId())
                .param("revision", "0")
                .param("state", "KEEP")
                .param("hub.shoulder-distance", "1 5/16")
                .with(as("joren"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    assertThat(reload(job).assembly().valueOf("hub.shoulder-distance")).isEqualTo(33.3375);
    mvc.perform(get("/jobs/{id}", job.getId()).with(as("joren")))
        .andExpect(content().string(containsString(">K</text>")));
    for (String bad : List.of("-4", "wide", "9".repeat(10_000))) {
      mvc.perform(
              post("/jobs/{id}/parts/hub", job.getId())
                  .param("revision", "1")
                  .param("state", "KEEP")
                  .param("hub.flange-thickness", bad)
                  .with(as("joren"))
                  .with(csrf()))
          .andExpect(status().isUnprocessableEntity())
          .andExpect(content().string(containsString("value=\"" + bad + "\"")));
    }
    mvc.perform(
            post("/jobs/{id}/parts/hub", job.getId())
                .param("revision", "1")
                .param("state", "MELTED")
                .with(as("joren"))
                .with(csrf()))
        .andExpect(status().isUnprocessableEntity());
  }

  /** Ten people save the same station at once: one wins, nine are told, nothing is half written. */
  @Test
  void onlyOneOfManyWritersWins() throws Exception {
    Job job = newJob();
    long won =
        AtOnce.all(10, i -> isFirst(job, "Writer " + i, "note " + i)).stream()
            .filter(first -> first)
            .count();
    assertThat(won).isEqualTo(1);
    StationMark mark = reload(job).work().mark(Station.FIT).orElseThrow();
    assertThat(mark.getRevision()).isEqualTo(1);
    assertThat(mark.getNote().substring(5)).isEqualTo(mark.getPerson().substring(7));
    assertThat(jobs.history(job.getId()).stream().filter(e -> e.getStation() == Station.FIT))
        .hasSize(1);
  }

  /** The first note at a station taken back leaves no mark there, but an old page is still told. */
  @Test
  void aStationTakenBackMeanwhileIsSaid() throws Exception {
    Job job = newJob();
    note(job, "strip", "first", "elsewhere", 0).andExpect(status().is3xxRedirection());
    long change = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    jobs.takeBack(job.getId(), change, "Tuva Lind", true).orElseThrow();
    assertThat(reload(job).work().mark(Station.STRIP)).isEmpty();
    note(job, "strip", "second", "elsewhere", 1)
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("Tuva Lind changed this station")))
        .andExpect(content().string(containsString("undone: done, see note: first")))
        .andExpect(content().string(containsString(">second</textarea>")));
    note(job, "strip", "second", "elsewhere", 0).andExpect(status().is3xxRedirection());
  }

  /**
   * False when it was said that somebody else came first; anything else that is thrown is wrong.
   */
  private boolean isFirst(Job job, String person, String note) {
    try {
      jobs.note(job.getId(), Station.FIT, 0, person, StationMark.State.ELSEWHERE, note);
      return true;
    } catch (StaleStation e) {
      return false;
    }
  }

  /** Stations do not disturb one another, not even in the same instant: each waits for its turn. */
  @Test
  void manyWritersAtDifferentStationsAllWin() throws Exception {
    Job job = newJob();
    Station[] stations = Station.values();
    AtOnce.all(
        stations.length,
        i ->
            jobs.note(
                job.getId(), stations[i], 0, "W" + i, StationMark.State.ELSEWHERE, "note " + i));
    for (int i = 0; i < stations.length; i++) {
      assertThat(reload(job).work().mark(stations[i]).orElseThrow().getNote())
          .isEqualTo("note " + i);
    }
    assertThat(jobs.history(job.getId())).hasSize(stations.length + 1);
    assertThat(jobs.lastChange(reload(job)).orElseThrow().getEventId())
        .as("the one that can be taken back is the last one in the history")
        .isEqualTo(jobs.history(job.getId()).get(0).getId());
  }

  /** The same change cannot be taken back twice, however fast two people press. */
  @Test
  void oneOfManyTakesItBack() throws Exception {
    Job job = newJob();
    note(job, "strip", "first", "elsewhere", 0).andExpect(status().is3xxRedirection());
    long change = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    assertThat(AtOnce.all(6, i -> jobs.takeBack(job.getId(), change, "W" + i, true).isPresent()))
        .containsOnlyOnce(true);
    assertThat(reload(job).work().mark(Station.STRIP)).isEmpty();
  }

  @Test
  void twoPeopleAtDifferentStationsDoNotDisturbEachOther() throws Exception {
    Job job = newJob();
    note(job, "strip", "one", "elsewhere", 0).andExpect(status().is3xxRedirection());
    note(job, "read", "two", "elsewhere", 0).andExpect(status().is3xxRedirection());
    assertThat(reload(job).work().mark(Station.STRIP).orElseThrow().getNote()).isEqualTo("one");
  }

  /**
   * Somebody saved the part's station since the page was opened: nothing is lost on either side.
   */
  @Test
  void aPartSavedOnAnOldPageKeepsWhatWasTyped() throws Exception {
    Job job = newJob();
    for (String size : List.of("34", "35.5")) {
      mvc.perform(
              post("/jobs/{id}/parts/hub", job.getId())
                  .param("revision", "0")
                  .param("state", "KEEP")
                  .param("hub.shoulder-distance", size)
                  .with(as("joren"))
                  .with(csrf()))
          .andExpect(size.equals("34") ? status().is3xxRedirection() : status().isConflict())
          .andExpect(
              content()
                  .string(
                      size.equals("34") ? containsString("") : containsString("value=\"35.5\"")));
    }
    assertThat(reload(job).assembly().valueOf("hub.shoulder-distance")).isEqualTo(34);
  }

  @Test
  void theAddressOfANoteLeadsBackToItsStation() throws Exception {
    String job = "/jobs/" + newJob().getId();
    mvc.perform(get(job + "/stations/fit/note").with(as("tuva")))
        .andExpect(redirectedUrl(job + "?at=fit"));
    mvc.perform(get(job + "/take-back").with(as("tuva"))).andExpect(redirectedUrl(job));
  }
}
