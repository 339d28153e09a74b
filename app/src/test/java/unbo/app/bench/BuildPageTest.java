package unbo.app.bench;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

class BuildPageTest extends PageTest {

  static Stream<Arrangement> all() {
    return Arrangements.standard().all().stream();
  }

  private ResultActions page(String path) throws Exception {
    return mvc.perform(get(path).with(as("tuva"))).andExpect(status().isOk());
  }

  @ParameterizedTest
  @MethodSource("all")
  void everyArrangementIsBuilt(Arrangement arrangement) throws Exception {
    page("/bench/" + arrangement.id() + "/build?step=1")
        .andExpect(content().string(containsString("Step 1 of")));
  }

  @Test
  void whatIsTickedAndLeftOutStaysInTheForm() throws Exception {
    page("/bench/a4/build?step=2&without=spacer&free=left-bearing&hub.shoulder-distance=61")
        .andExpect(content().string(containsString("Step 2 of")))
        .andExpect(content().string(containsString("value=\"spacer\" checked")))
        .andExpect(content().string(containsString("name=\"hub.shoulder-distance\" value=\"61\"")));
    page("/bench/a4/build?without=spacer&without=nonsense&step=99")
        .andExpect(content().string(not(containsString("value=\"nonsense\""))));
  }

  @Test
  void anUnknownArrangementIsSaidSo() throws Exception {
    mvc.perform(get("/bench/a99/build").with(as("tuva"))).andExpect(status().isNotFound());
  }
}
