package unbo.app.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.JobEvent;

/** Photographs of a job: sent, refused by name, shown, unrolled, deleted. */
class PhotographPageTest extends PageTest {

  @Autowired private Photographs photographs;

  private static MockMultipartFile file(String name, byte[] bytes) {
    return new MockMultipartFile("photograph", name, "image/jpeg", bytes);
  }

  private ResultActions send(Job job, MediaType accept, MockMultipartFile... files)
      throws Exception {
    MockMultipartHttpServletRequestBuilder request =
        multipart("/jobs/{id}/photographs", job.getId());
    for (MockMultipartFile file : files) {
      request.file(file);
    }
    return mvc.perform(
        request.param("station", "read").accept(accept).with(as("joren")).with(csrf()));
  }

  private ResultActions page(Job job, String station) throws Exception {
    return mvc.perform(get("/jobs/{id}", job.getId()).param("at", station).with(as("tuva")));
  }

  private Photograph one(Job job) throws Exception {
    send(job, MediaType.TEXT_HTML, file("ring.jpg", Pictures.ring(400, 9)))
        .andExpect(status().is3xxRedirection());
    return photographs.of(job.getId()).get(0);
  }

  /** Three files, one broken and one in disguise: the good one is kept, the others are named. */
  @Test
  void whatIsBrokenDoesNotCostTheOthers() throws Exception {
    Job job = newJob();
    send(
            job,
            MediaType.TEXT_HTML,
            file("C:\\phone\\good one.jpg", Pictures.file(640, 480, "jpg")),
            file("empty.jpg", new byte[0]),
            file("<b>film.jpg", "0000ftypqt  ".getBytes()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("good one.jpg")))
        .andExpect(content().string(containsString("“empty.jpg”: The file is empty (0 bytes).")))
        .andExpect(content().string(containsString("“&lt;b&gt;film.jpg”: This is a film.")));
    assertThat(photographs.of(job.getId()))
        .extracting(Photograph::getName, Photograph::getStation)
        .containsExactly(org.assertj.core.groups.Tuple.tuple("good one.jpg", "read"));
    assertThat(jobs.history(job.getId()))
        .extracting(JobEvent::getText)
        .contains("photograph added: good one.jpg");
  }

  @Test
  void theScriptIsToldOfEach() throws Exception {
    Job job = newJob();
    send(job, MediaType.APPLICATION_JSON, file("a.png", Pictures.file(64, 48, "png")))
        .andExpect(jsonPath("$.taken").value(1))
        .andExpect(jsonPath("$.problems").isEmpty());
    send(job, MediaType.APPLICATION_JSON, file("b.heic", "0000ftypheic".getBytes()))
        .andExpect(jsonPath("$.taken").value(0))
        .andExpect(jsonPath("$.problems[0]", containsString("most compatible")));
  }

  @Test
  void moreThanTwelveAtOnceAreSentLater() throws Exception {
    Job job = newJob();
    MockMultipartFile[] files = new MockMultipartFile[13];
    for (int i = 0; i < files.length; i++) {
      files[i] = file("p" + i + ".png", Pictures.file(32, 24, "png"));
    }
    send(job, MediaType.TEXT_HTML, files)
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("“p12.png”: At most 12 at once.")));
    assertThat(photographs.of(job.getId())).hasSize(12);
  }

  @Test
  void itIsShownAtItsStationAndNamedAtOthers() throws Exception {
    Job job = newJob();
    Photograph kept = one(job);
    page(job, "read").andExpect(content().string(containsString(kept.address() + "/small")));
    page(job, "name")
        .andExpect(content().string(not(containsString(kept.address() + "/small"))))
        .andExpect(content().string(containsString("Read (1)")));
    mvc.perform(get(kept.address() + "/small").with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(header().string("Content-Type", "image/jpeg"))
        .andExpect(header().string("X-Content-Type-Options", "nosniff"));
    Job other = newJob();
    mvc.perform(
            get("/jobs/{id}/photographs/{p}/picture", other.getId(), kept.getId()).with(as("tuva")))
        .andExpect(status().isNotFound());
  }

  /** Only with a reason; the picture goes, its line stays. */
  /** A PDF fetches nothing, so it carries the picture; the page leads to it. */
  @Test
  void itGoesOnTheJobSheet() throws Exception {
    Job job = newJob();
    send(job, MediaType.TEXT_HTML, file("worn ring.jpg", Pictures.file(640, 480, "jpg")));
    mvc.perform(get("/jobs/{id}/sheet", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("/small\" alt=\"worn ring.jpg\"")));
    byte[] pdf =
        mvc.perform(get("/jobs/{id}/sheet.pdf", job.getId()).with(as("tuva")))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    try (var document = org.apache.pdfbox.Loader.loadPDF(pdf)) {
      int pictures = 0;
      for (var page : document.getPages()) {
        for (var name : page.getResources().getXObjectNames()) {
          pictures += page.getResources().isImageXObject(name) ? 1 : 0;
        }
      }
      assertThat(pictures).isEqualTo(1);
    }
  }

  @Test
  void itIsDeletedByNameAndReason() throws Exception {
    Job job = newJob();
    Photograph kept = one(job);
    mvc.perform(post(kept.address() + "/delete").with(as("tuva")).with(csrf()))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Write why it is deleted")));
    mvc.perform(
            post(kept.address() + "/delete")
                .param("reason", "blurred <x>")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    mvc.perform(get(kept.address() + "/picture").with(as("tuva"))).andExpect(status().isNotFound());
    page(job, "read").andExpect(content().string(containsString("blurred &lt;x&gt;")));
    assertThat(photographs.picture(job.getId(), kept.getId(), true)).isEmpty();
    assertThat(jobs.history(job.getId()))
        .extracting(JobEvent::getText)
        .contains("photograph deleted: ring.jpg, blurred <x>");
  }

  @Test
  void aClosedJobTakesNone() throws Exception {
    Job job = newJob();
    jobs.close(job.getId(), 0, "Tester", j -> true);
    send(job, MediaType.TEXT_HTML, file("a.jpg", Pictures.file(64, 48, "jpg")))
        .andExpect(status().isConflict());
    page(job, "read").andExpect(content().string(not(containsString("Add photographs"))));
  }

  @Test
  void aRingIsUnrolledAndReadFromItsStrip() throws Exception {
    Photograph kept = one(newJob());
    mvc.perform(
            get(kept.address())
                .param("centre", "200, 200")
                .param("edge", "375, 200")
                .param("damage", "overload")
                .param("rollers", "9")
                .param("number", "6204 2RS C3")
                .with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("20 × 47 × 14")))
        .andExpect(content().string(containsString("/strip?centre=200,%20200&amp;edge=375")));
    mvc.perform(
            get(kept.address() + "/strip")
                .param("centre", "200, 200")
                .param("edge", "375, 200")
                .with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(header().string("Content-Type", "image/jpeg"));
  }

  /** Each at its own field; nothing typed is lost. */
  @Test
  void aMarkOutsideThePictureIsSaidAtItsField() throws Exception {
    Photograph kept = one(newJob());
    for (List<String> wrong :
        List.of(
            List.of("centre", "9000, 20", "400 × 400 pixels"),
            List.of("centre", "in the middle", "Not a point."),
            List.of("edge", "200 200", "The edge lies on the centre."),
            List.of("inner", "140", "The band has no place there."),
            List.of("rollers", "-3", "Not a count of elements."),
            List.of("start", "north", "Not a whole number."))) {
      mvc.perform(
              get(kept.address())
                  .param("centre", wrong.get(0).equals("centre") ? wrong.get(1) : "200, 200")
                  .param("edge", wrong.get(0).equals("edge") ? wrong.get(1) : "375, 200")
                  .param(wrong.get(0), wrong.get(1))
                  .with(as("tuva")))
          .andExpect(status().isOk())
          .andExpect(content().string(containsString(wrong.get(2))))
          .andExpect(content().string(containsString("value=\"" + wrong.get(1) + "\"")));
    }
    mvc.perform(get(kept.address() + "/strip").param("centre", "1, 1").with(as("tuva")))
        .andExpect(status().isUnprocessableEntity());
  }
}
