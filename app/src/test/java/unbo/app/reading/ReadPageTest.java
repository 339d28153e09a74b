package unbo.app.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.hamcrest.Matchers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;

/** Read in a job, on the bench and over the interface. */
class ReadPageTest extends PageTest {

  private ResultActions press(Job job, String path, String... fields) throws Exception {
    var request =
        post("/jobs/{id}/read" + path, job.getId())
            .param("revision", "" + reload(job).work().revision(Station.READ))
            .with(as("joren"))
            .with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }

  private ResultActions page(Job job, String station) throws Exception {
    return mvc.perform(get("/jobs/{id}", job.getId()).param("at", station).with(as("tuva")));
  }

  private static final String[] WATER = {
    "mark",
    "pitch-lines",
    "grease",
    "milky",
    "seal",
    "failed",
    "story",
    "water",
    "words",
    "brown <ring>"
  };

  /** What the bench says is kept, goes to the sheet, and tells the stations that follow. */
  @Test
  void whatWasReadIsToldToWhatFollows() throws Exception {
    Job job = newJob();
    page(job, "pack").andExpect(content().string(not(containsString("From Read:"))));
    press(job, "", WATER).andExpect(status().is3xxRedirection());
    assertThat(reload(job).work().mark(Station.READ).orElseThrow().getState())
        .isEqualTo(StationMark.State.DONE);
    page(job, "read")
        .andExpect(content().string(containsString("Water while it stood, ")))
        .andExpect(content().string(containsString("class=\"raceway\"")))
        .andExpect(content().string(containsString("Not used again.")))
        .andExpect(content().string(containsString("brown &lt;ring&gt;")));
    page(job, "pack").andExpect(content().string(containsString("a grease that bears water")));
    page(job, "name").andExpect(content().string(containsString("contact seals")));
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("Water while it stood")));
  }

  /** A preview shows what an answer makes of it and writes nothing. */
  @Test
  void aPreviewWritesNothing() throws Exception {
    Job job = newJob();
    press(job, "/preview", "mark", "washboard", "story", "current", "words", "")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Electric current")));
    assertThat(reload(job).work().mark(Station.READ)).isEmpty();
    press(job, "/preview", "mark", "", "words", "")
        .andExpect(content().string(containsString("Nothing answered yet.")));
  }

  @Test
  void badInputIsAnsweredAndNothingIsLost() throws Exception {
    Job job = newJob();
    press(job, "", "mark", "", "words", " ")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Nothing answered.")));
    press(job, "", "mark", "purple", "words", "seen it")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Not an answer to this.")))
        .andExpect(content().string(containsString("value=\"seen it\"")));
    press(job, "", "words", "w".repeat(1001)).andExpect(status().isUnprocessableEntity());
  }

  @Test
  void theBenchReadsWithoutAJob() throws Exception {
    mvc.perform(
            get("/bench/a4/read")
                .param("mark", "pitch-dents")
                .param("grinding", "visible")
                .with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Dents of a blow")));
  }

  private ResultActions damages(String body) throws Exception {
    return mvc.perform(
        post("/api/v1/damages")
            .contentType(MediaType.APPLICATION_JSON)
            .content(body.replace('\'', '"'))
            .with(as("tuva")));
  }

  @Test
  void theInterfaceSaysTheSame() throws Exception {
    mvc.perform(get("/api/v1/damage-questions").with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$[0].id", Matchers.is("mark")));
    damages(
            "{'answers':[{'question':'mark','answer':'flakes'},{'question':'nail','answer':'deep'},{'question':'story','answer':'water'},{'question':'grease','answer':'milky'}]}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.classes[0].id", Matchers.is("water")))
        .andExpect(jsonPath("$.order[0]", Matchers.startsWith("First water")))
        .andExpect(jsonPath("$.reuse", Matchers.is("no")))
        .andExpect(jsonPath("$.advice[*].station", Matchers.hasItem("pack")));
    damages("{'answers':[]}")
        .andExpect(jsonPath("$.classes").isEmpty())
        .andExpect(jsonPath("$.nextQuestion", Matchers.is("mark")));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{'answers':[{'question':'smell','answer':'bad'}]}|422",
        "{'answers':[{'question':'mark','answer':'purple'}]}|422",
        "{'family':'teapot','answers':[]}|422",
        "{'answers':7}|400"
      })
  void whatCannotBeIsRefused(String body, int status) throws Exception {
    damages(body).andExpect(status().is(status));
  }

  /** The path is read with nothing else answered, and told to Fit. */
  @Test
  void aPathDrawnOnBothRingsIsRead() throws Exception {
    Job job = newJob();
    press(
            job,
            "",
            "words",
            "",
            "path-turning",
            "full",
            "path-standing-drawn",
            "30,32 60,30 90,33;180,32 240,31")
        .andExpect(status().is3xxRedirection());
    page(job, "read")
        .andExpect(content().string(containsString("Reads as an oval seat of the standing ring.")))
        .andExpect(content().string(containsString("points=\"180,32 240,31\"")));
    page(job, "fit").andExpect(content().string(containsString("ovality of the seat")));
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("an oval seat of the standing ring")));
  }

  @Test
  void whatIsNoPathIsAnsweredAtItsField() throws Exception {
    Job job = newJob();
    press(job, "", "words", "kept", "path-turning-drawn", "10,10 20,20;".repeat(7))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("7 strokes: that is more than one path.")))
        .andExpect(content().string(containsString("value=\"kept\"")));
    press(job, "/preview", "path-turning", "part", "path-standing", "side")
        .andExpect(content().string(containsString("These two do not go together")));
  }

  /** Play against the clearance group that the number says; a caged bearing's alone. */
  @Test
  void fitToReuseIsJudgedByItsGroup() throws Exception {
    Job job = newJobOn("a4");
    String[] good = {
      "words", "", "reuse-kind", "caged", "reuse-history", "good", "reuse-clean", "good",
      "reuse-nail", "good", "reuse-cage", "good", "reuse-faces", "good", "reuse-colour", "good",
      "reuse-play", "0.010"
    };
    press(job, "/preview", good)
        .andExpect(content().string(containsString("Nothing found against it.")))
        .andExpect(content().string(containsString("Not proved:")));
    good[good.length - 1] = "0.2";
    press(job, "", good).andExpect(status().is3xxRedirection());
    page(job, "read")
        .andExpect(content().string(containsString("radial play of 0.200 mm is over group CN")));
    press(job, "", "words", "", "reuse-play", "a hair", "reuse-nail", "good")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("a hair")));
    press(job, "/preview", "reuse-kind", "joint", "reuse-caps", "bad")
        .andExpect(content().string(containsString("a cap has lost needles")));
  }
}
