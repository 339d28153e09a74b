package unbo.app.listening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.proving.ProveRecord;
import unbo.app.vehicle.Vehicle;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.Repeat;

/** From the search to the job, and what stands there until somebody has looked. */
class ListenEndTest extends ListenTest {

  /** A hot, loose, rough right hub of a trailer, the rock measured. */
  private Job foundJob() throws Exception {
    Listening search = on(newTrailer());
    send(
        search,
        "/answers",
        "test",
        "t-rock",
        "answer",
        "axle-1-right",
        "rim",
        "1.9",
        "radius",
        "290",
        "wheel",
        "axle-1-right");
    answer(search, "t-spin", "axle-1-right", "t-sound", "growl", "cap-heat", "axle-1-right");
    String code = "axle-1-right";
    String to = send(search, "/job", "position", code).andReturn().getResponse().getRedirectedUrl();
    assertThat(to).contains("at=name");
    Job job = jobs.get(listenings.get(search.getId()).getJobId());
    assertThat(job.place().code()).isEqualTo(code);
    return job;
  }

  private ResultActions page(Job job, String at) throws Exception {
    return mvc.perform(get("/jobs/{id}?at={at}", job.getId(), at).with(as("joren")));
  }

  private ResultActions send(Job job, Station station, String path, String... fields)
      throws Exception {
    var request = post("/jobs/" + job.getId() + path).with(as("joren")).with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request.param("revision", "" + reload(job).work().revision(station)));
  }

  /** Listen and Rock are done, the numbers are where Prove compares, the rest is repeated there. */
  @Test
  void theFindingsOpenTheJob() throws Exception {
    Job job = foundJob();
    assertThat(job.work().mark(Station.LISTEN).orElseThrow().getState())
        .isEqualTo(StationMark.State.DONE);
    assertThat(job.work().mark(Station.ROCK).orElseThrow().getState())
        .isEqualTo(StationMark.State.DONE);
    assertThat(job.work().sheet(ProveRecord.TYPE).tests().get(AccusingTest.ROCK).before().values())
        .containsExactly(1.9);
    assertThat(job.work().getOpeningFindings().values())
        .filteredOn(f -> f.isRepeated())
        .extracting(f -> f.getAnswer())
        .containsExactlyInAnyOrder("right hub", "growl", "right hub");
    page(job, "prove")
        .andExpect(content().string(containsString("Found before the work")))
        .andExpect(content().string(containsString("What does the noise sound like?")));
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("joren")))
        .andExpect(content().string(containsString("Found before the work")))
        .andExpect(content().string(containsString("Tilt 6.55")));
  }

  /** Play, grit and noise are damage until somebody has looked: Set is closed, and says why. */
  @Test
  void setStaysClosedUntilSomebodyHasLooked() throws Exception {
    Job job = foundJob();
    page(job, "set")
        .andExpect(content().string(containsString("Locked: inspect the parts first.")))
        .andExpect(content().string(not(containsString("Keep this setting"))));
    send(job, Station.SET, "/set/school", "school", "JUST_FREE").andExpect(status().isConflict());
    assertThat(reload(job).work().mark(Station.SET)).isEmpty();
    send(job, Station.STRIP, "/looked", "seen", "", "do", "looked")
        .andExpect(status().isUnprocessableEntity());
    send(job, Station.STRIP, "/looked", "seen", "Raceways clean, no marks", "do", "looked")
        .andExpect(status().is3xxRedirection());
    assertThat(reload(job).isLookedForFirst()).isFalse();
    assertThat(reload(job).work().getOpening().getLookedBy()).isEqualTo("Joren Maak");
    page(job, "set").andExpect(content().string(not(containsString("Locked: inspect"))));
  }

  /** An apprentice cannot waive the look; one who may does it by name and with a reason. */
  @Test
  void theLookIsWaivedByNameOnly() throws Exception {
    Job job = foundJob();
    var request =
        post("/jobs/" + job.getId() + "/looked")
            .param("seen", "in a hurry")
            .param("do", "waive")
            .param("revision", "" + reload(job).work().revision(Station.STRIP))
            .with(as("tuva"))
            .with(csrf());
    assertThat(mvc.perform(request).andReturn().getResponse().getStatus()).isIn(403, 422);
    assertThat(reload(job).isLookedForFirst()).isTrue();
    send(job, Station.STRIP, "/looked", "seen", "Owner sells it for scrap", "do", "waive")
        .andExpect(status().is3xxRedirection());
    assertThat(reload(job).work().getOpening().isLookedWaived()).isTrue();
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("joren")))
        .andExpect(content().string(containsString("Owner sells it for scrap")));
  }

  /** What accused it is done again; still there keeps the job from being proved. */
  @Test
  void proveRepeatsTheFindings() throws Exception {
    Job job = foundJob();
    int place =
        job.work().getOpeningFindings().entrySet().stream()
            .filter(e -> e.getValue().getAnswer().equals("growl"))
            .findFirst()
            .orElseThrow()
            .getKey();
    send(job, Station.PROVE, "/prove", "repeat-" + place, "STILL_THERE");
    page(job, "prove").andExpect(content().string(containsString("growl")));
    assertThat(reload(job).work().getOpeningFindings().get(place).getOutcome())
        .isEqualTo(Repeat.Outcome.STILL_THERE);
    send(job, Station.PROVE, "/prove", "repeat-" + place, "GONE");
    assertThat(reload(job).work().getOpeningFindings().get(place).getPerson())
        .isEqualTo("Joren Maak");
    long change = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    mvc.perform(
        post("/jobs/{id}/take-back", job.getId())
            .param("change", "" + change)
            .with(as("joren"))
            .with(csrf()));
    assertThat(reload(job).work().getOpeningFindings().get(place).getOutcome())
        .as("taken back to what it showed before")
        .isEqualTo(Repeat.Outcome.STILL_THERE);
  }

  /** Not to be moved: said at the top of the job, on its sheet and in the yard. */
  @Test
  void doNotMoveItGoesAlong() throws Exception {
    Listening search = on(newTrailer());
    answer(search, "t-nuts", "axle-1-left", "t-sound", "knock");
    send(search, "/job", "position", "axle-1-left");
    Job job = jobs.get(listenings.get(search.getId()).getJobId());
    page(job, "name").andExpect(content().string(containsString("Do not move the vehicle.")));
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("joren")))
        .andExpect(content().string(containsString("Do not move the vehicle.")));
    mvc.perform(get("/yard").with(as("joren")))
        .andExpect(content().string(containsString("Do not move the vehicle.")));
  }

  /** A search on another car needs a vehicle when its job is opened. */
  @Test
  void someCarNeedsAVehicleForItsJob() throws Exception {
    Listening search = someCar();
    answer(search, "spin", "axle-1-right", "heat", "axle-1-right", "sound", "growl");
    send(search, "/job", "position", "axle-1-right")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("needs a vehicle from the yard")));
    Vehicle trailer = newTrailer();
    send(search, "/job", "position", "axle-1-right", "vehicle", "" + trailer.getId())
        .andExpect(status().isUnprocessableEntity());
    Vehicle car = newCar();
    send(search, "/job", "position", "axle-1-right", "vehicle", "" + car.getId())
        .andExpect(status().is3xxRedirection());
    long first = listenings.get(search.getId()).getJobId();
    send(search, "/job", "position", "axle-1-right", "vehicle", "" + car.getId());
    assertThat(listenings.get(search.getId()).getJobId()).as("pressed twice").isEqualTo(first);
    assertThat(text(search)).contains("/jobs/" + first).doesNotContain("Cross out");
  }

  /** None of these: a recheck with a day, kept with the vehicle. */
  @Test
  void noneOfTheseBooksARecheck() throws Exception {
    Vehicle trailer = newTrailer();
    Listening search = on(trailer);
    answer(search, "t-rock", "none", "cap-heat", "none");
    String day = LocalDate.now().plusDays(20).toString();
    send(search, "/recheck", "recheckOn", day, "recheckKm", "500 mi", "note", "feel the caps")
        .andExpect(status().is3xxRedirection());
    assertThat(listenings.get(search.getId()).getRecheckKm()).isEqualTo(805);
    assertThat(text(search)).contains("feel the caps", "Start a new search");
    mvc.perform(get("/vehicles/" + trailer.getId()).with(as("joren")))
        .andExpect(content().string(containsString("feel the caps")));
    mvc.perform(get("/listen").with(as("joren")))
        .andExpect(content().string(containsString("feel the caps")));
  }

  @ParameterizedTest
  @CsvSource({"tomorrow,500", "2020-01-01,500", "2199-01-01,500", "'',500"})
  void aBadRecheckIsAnswered(String day, String km) throws Exception {
    Listening search = someCar();
    send(search, "/recheck", "recheckOn", day, "recheckKm", km, "note", "keep me")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Date not understood")))
        .andExpect(content().string(containsString("keep me")));
    assertThat(listenings.get(search.getId()).isEnded()).isFalse();
  }
}
