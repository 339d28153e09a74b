package unbo.app.fitting;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;

/** What is pressed at Fit of a job, and its page. */
abstract class FitTest extends PageTest {

  final ResultActions press(Job job, String path, String... fields) throws Exception {
    var request =
        post("/jobs/{id}/fit" + path, job.getId())
            .param("revision", "" + reload(job).work().revision(Station.FIT))
            .with(as("joren"))
            .with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }

  final ResultActions page(Job job) throws Exception {
    return mvc.perform(get("/jobs/{id}", job.getId()).param("at", "fit").with(as("tuva")));
  }
}
