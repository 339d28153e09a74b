package unbo.app.proving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.vehicle.Vehicle;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.vehicle.VehicleKind;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;

class ProvePageTest extends PageTest {

  @Autowired private Proofs proofs;

  private static final List<String> TESTS =
      List.of(
          "before-rock",
          "1.9",
          "before-rock-second",
          "290",
          "after-rock",
          "0.3",
          "after-rock-second",
          "290");
  private static final List<String> STOPS =
      List.of(
          "stop-split-pin",
          "on",
          "stop-faces",
          "on",
          "stop-wheel-nuts",
          "on",
          "detail-wheel-nuts",
          "90",
          "stop-brake",
          "on",
          "stop-pulled",
          "on",
          "recheckKm",
          "300 mi");

  private ResultActions send(Job job, String user, String path, List<String> fields)
      throws Exception {
    MockHttpServletRequestBuilder request =
        post("/jobs/" + job.getId() + path).with(as(user)).with(csrf());
    for (int i = 0; i < fields.size(); i += 2) {
      request.param(fields.get(i), fields.get(i + 1));
    }
    return mvc.perform(request.param("revision", "" + reload(job).work().revision(Station.PROVE)));
  }

  private static List<String> and(List<String> a, List<String> b) {
    List<String> all = new ArrayList<>(a);
    all.addAll(b);
    return all;
  }

  /** A job whose vehicle judges by the way the wheel comes to rest, so that Set is one click. */
  private Job setJob() throws Exception {
    Job job = newJob();
    mvc.perform(
        post("/jobs/{id}/set/school", job.getId())
            .param("school", "JUST_FREE")
            .param("revision", "0")
            .with(as("joren"))
            .with(csrf()));
    mvc.perform(
        post("/jobs/{id}/set/other", job.getId())
            .param("school", "JUST_FREE")
            .param("rest", "FREE")
            .param("revision", "1")
            .with(as("joren"))
            .with(csrf()));
    return job;
  }

  @Test
  void provedWithATestRepeatedAndEveryStopMet() throws Exception {
    Job job = setJob();
    send(job, "tuva", "/prove", and(TESTS, STOPS)).andExpect(status().is3xxRedirection());
    Job proved = reload(job);
    assertThat(proofs.of(proved).open()).isEmpty();
    assertThat(proved.work().mark(Station.PROVE).orElseThrow().getState())
        .isEqualTo(StationMark.State.DONE);
    assertThat(proved.work().sheet(ProveRecord.TYPE).recheckKm()).isEqualTo(483);
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "prove").with(as("tuva")))
        .andExpect(content().string(containsString("1.9 mm at 290 mm")))
        .andExpect(content().string(containsString(">6.6 mrad</button>")))
        .andExpect(content().string(containsString("<b>Better</b>")));
  }

  @Test
  void nothingRepeatedIsNotProved() throws Exception {
    Job job = setJob();
    send(job, "joren", "/prove", and(TESTS.subList(0, 4), STOPS));
    assertThat(proofs.of(reload(job)).open())
        .anyMatch(o -> o.contains("No fault test was repeated"));
  }

  @Test
  void anApprenticeCannotWaiveAMechanicCanByNameAndItStaysVisible() throws Exception {
    Job job = setJob();
    List<String> noBrake = new ArrayList<>(and(TESTS, STOPS));
    int at = noBrake.indexOf("stop-brake");
    noBrake.subList(at, at + 2).clear();
    send(job, "joren", "/prove", noBrake);
    String reason = "Unbraked trailer, nothing to check.";
    send(job, "tuva", "/prove/waivers/brake", List.of("reason", reason))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("An apprentice cannot waive")))
        .andExpect(content().string(containsString("value=\"" + reason + "\"")));
    send(job, "joren", "/prove/waivers/brake", List.of("reason", "ok"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("A waiver needs a reason")));
    send(job, "joren", "/prove/waivers/brake", List.of("reason", reason))
        .andExpect(status().is3xxRedirection());
    assertThat(proofs.of(reload(job)).isProved()).isTrue();
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("Waived: " + HardStop.BRAKE.title())))
        .andExpect(content().string(containsString("Joren Maak, mechanic")));
    send(job, "joren", "/prove/waivers/brake", List.of("do", "lift"))
        .andExpect(status().is3xxRedirection());
    assertThat(proofs.of(reload(job)).isProved()).isFalse();
  }

  @Test
  void aFindingKeepsItOffTheRoadAndTheJobOpen() throws Exception {
    Job job = setJob();
    send(job, "joren", "/prove", and(and(TESTS, STOPS), List.of("finding-crack", "on")));
    assertThat(proofs.of(reload(job)).blocking()).anyMatch(b -> b.contains("a cracked part"));
    mvc.perform(
            post("/jobs/{id}/book", job.getId())
                .param("revision", "0")
                .with(as("ilse"))
                .with(csrf()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("a cracked part")));
    assertThat(reload(job).isClosed()).isFalse();
    mvc.perform(get("/jobs/{id}", job.getId()).param("at", "name").with(as("tuva")))
        .andExpect(content().string(not(containsString("class=\"closed-line\""))));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "after-rock|lots|No number found",
        "after-rock-second|0|Out of range",
        "after-drag|5|One of the two numbers is missing",
        "recheckOn|2001-01-01|A recheck must be within",
        "recheckOn|soon|Date not understood",
        "recheckKm|-5|Out of range",
        "detail-wheel-nuts|tight|Not a number that can be read",
      })
  void badInputIsAnsweredAtItsFieldAndNothingIsLost(String field, String typed, String answer)
      throws Exception {
    Job job = setJob();
    List<String> fields = new ArrayList<>(and(TESTS, STOPS));
    int at = fields.indexOf(field);
    if (at >= 0) {
      fields.set(at + 1, typed);
    } else {
      fields.addAll(List.of(field, typed));
    }
    send(job, "joren", "/prove", fields)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(answer)))
        .andExpect(content().string(containsString("value=\"" + typed + "\"")));
    assertThat(reload(job).work().sheet(ProveRecord.TYPE).tests()).isEmpty();
  }

  @Test
  void wheelNutsNeedTheirFigure() throws Exception {
    Job job = setJob();
    send(job, "joren", "/prove", List.of("stop-wheel-nuts", "on", "detail-wheel-nuts", ""))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("The figure is missing")));
  }

  @Test
  void twoPeopleAtOnceDoNotOverwriteEachOther() throws Exception {
    Job job = setJob();
    send(job, "joren", "/prove", TESTS);
    MockHttpServletRequestBuilder late =
        post("/jobs/" + job.getId() + "/prove")
            .with(as("ilse"))
            .with(csrf())
            .param("revision", "0")
            .param("recheckKm", "777");
    mvc.perform(late)
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("Joren Maak changed this station")))
        .andExpect(content().string(containsString("value=\"777\"")));
    assertThat(reload(job).work().sheet(ProveRecord.TYPE).recheckKm()).isNull();
  }

  /** Each arrangement shows its own checks, with the parts that they look at. */
  @Test
  void whatIsAskedFollowsFromWhatComesApart() throws Exception {
    assertThat(checks("a1")).contains("New split pin", "split pin: a used pin", "fresh paint");
    assertThat(checks("a6")).contains("Wheel’s axle", "Brake checked").doesNotContain("split pin");
    assertThat(checks("a2")).contains("Circlip seated", "Speed sensor", "nut: to the vehicle");
    assertThat(checks("a12")).doesNotContain("Brake checked", "End play within limits");
  }

  private String checks(String arrangement) throws Exception {
    return mvc.perform(
            get("/jobs/{id}", newJobOn(arrangement).getId()).param("at", "prove").with(as("tuva")))
        .andReturn()
        .getResponse()
        .getContentAsString(java.nio.charset.StandardCharsets.UTF_8);
  }

  /** A bottom bracket: no wheel comes off, nothing is set at a nut, and still it can be closed. */
  @Test
  void aPositionWithoutAWheelOrANutIsProvedAndClosed() throws Exception {
    Job job = newJobOn("a14");
    List<String> drag =
        List.of(
            "before-drag",
            "9",
            "before-drag-second",
            "170",
            "after-drag",
            "2",
            "after-drag-second",
            "170");
    List<String> stops = List.of("stop-thread-hand", "on", "stop-pulled", "on", "recheckKm", "200");
    send(job, "joren", "/prove", and(drag, stops)).andExpect(status().is3xxRedirection());
    assertThat(proofs.of(reload(job)).open()).hasSize(1).first().asString().contains("End play");
    jobs.note(job.getId(), Station.SET, 0, "Joren", StationMark.State.ELSEWHERE, "play just gone");
    assertThat(proofs.of(reload(job)).isProved()).isTrue();
    mvc.perform(
            post("/jobs/{id}/book", job.getId())
                .param("revision", "0")
                .with(as("joren"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    assertThat(reload(job).isClosed()).isTrue();
  }

  /** An after with no before proves nothing; the field of the before says so. */
  @Test
  void aRepeatNeedsSomethingToCompareWith() throws Exception {
    Job job = setJob();
    send(job, "joren", "/prove", List.of("after-rock", "0.3", "after-rock-second", "290"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(
            content().string(containsString("There is no value from before to compare with.")));
    assertThat(reload(job).work().sheet(ProveRecord.TYPE).tests()).isEmpty();
  }

  /** A front hub is never judged by a rear one: heat is asked where there is another side. */
  @Test
  void heatIsAskedWhereThereIsAnotherSide() {
    assertThat(ProveSheet.measurable(newJobOn("a2"))).contains(AccusingTest.HUB_HEAT);
    Vehicle motorcycle =
        vehicles.save(
            new Vehicle("Test motorcycle", VehicleKind.MOTORCYCLE, "for a test", "T 1")
                .withLayout(DiagnosisModel.someLayout(VehicleKind.MOTORCYCLE).orElseThrow()));
    Job front = jobs.openAt(motorcycle, "front-wheel", "for a test", "Tester");
    assertThat(front.hasOtherSide()).isFalse();
    assertThat(ProveSheet.measurable(front)).isNotEmpty().doesNotContain(AccusingTest.HUB_HEAT);
  }
}
