package unbo.app.setting;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;

/** Presses the general sheet of Set. */
abstract class SetPressing extends PageTest {

  ResultActions press(Job job, String path, String... fields) throws Exception {
    var request =
        post("/jobs/{id}/set" + path, job.getId())
            .param("revision", "" + reload(job).work().revision(Station.SET))
            .with(as("joren"))
            .with(csrf());
    for (int i = 0; i < fields.length; i += 2) {
      request.param(fields[i], fields[i + 1]);
    }
    return mvc.perform(request);
  }

  StationMark.State state(Job job) {
    return reload(job).work().mark(Station.SET).map(StationMark::getState).orElse(null);
  }
}
