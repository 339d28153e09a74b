package unbo.app.roadside;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import unbo.app.PageTest;
import unbo.core.roadside.RoadCard;

class RoadCardPageTest extends PageTest {

  /** No sign-in, no script, every sign on the page. */
  @Test
  void anybodyCanReadIt() throws Exception {
    var page =
        mvc.perform(get("/road"))
            .andExpect(status().isOk())
            .andExpect(content().string(not(containsString("<script"))))
            .andExpect(content().string(containsString("promises no distance")));
    for (RoadCard.Sign sign : RoadCard.signs()) {
      page.andExpect(content().string(containsString("value=\"" + sign.id() + "\"")));
    }
  }

  @Test
  void theWorstSignCounts() throws Exception {
    mvc.perform(get("/road").param("sign", "growl-faint", "smoke"))
        .andExpect(content().string(containsString("Stop. Do not drive on.</p>")))
        .andExpect(content().string(containsString("can lock or catch fire")));
    mvc.perform(get("/road").param("sign", "asked"))
        .andExpect(content().string(containsString("No sign found.")));
    mvc.perform(get("/road").param("sign", "<b>"))
        .andExpect(status().isOk())
        .andExpect(content().string(not(containsString("<b>\""))));
  }

  /** The page of a running event has the same signs and needs no sign-in either. */
  @Test
  void theEventCardSortsTheSameSigns() throws Exception {
    var page =
        mvc.perform(get("/road/event").param("sign", "hunt", "late-roll"))
            .andExpect(status().isOk())
            .andExpect(content().string(containsString("Come in now.</p>")))
            .andExpect(content().string(not(containsString("<script"))));
    for (RoadCard.Sign sign : RoadCard.signs()) {
      page.andExpect(content().string(containsString("value=\"" + sign.id() + "\"")));
    }
    mvc.perform(get("/road/event").param("sign", "click"))
        .andExpect(content().string(containsString("Look afterwards.</p>")));
  }
}
