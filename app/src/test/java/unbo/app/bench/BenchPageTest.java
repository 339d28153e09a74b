package unbo.app.bench;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.app.PageTest;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.PartTemplate;

@Order(11)
@Execution(ExecutionMode.CONCURRENT)
class BenchPageTest extends PageTest {

  static List<Arrangement> arrangements() {
    return Arrangements.standard().all();
  }

  /** Every part of every arrangement opens, on the bench and as a job. */
  @ParameterizedTest
  @MethodSource("arrangements")
  void everyPartOpens(Arrangement arrangement) throws Exception {
    long job = newJobOn(arrangement.id()).getId();
    for (PartTemplate part : arrangement.parts()) {
      mvc.perform(get("/bench/{a}", arrangement.id()).param("part", part.id()).with(as("tuva")))
          .andExpect(status().isOk())
          .andExpect(content().string(containsString("<h2>" + part.title() + "</h2>")));
      mvc.perform(
              get("/jobs/{id}", job).param("at", "part").param("part", part.id()).with(as("tuva")))
          .andExpect(status().isOk());
    }
    for (String station : List.of("name", "pack", "set", "prove", "book")) {
      mvc.perform(get("/jobs/{id}", job).param("at", station).with(as("tuva")))
          .andExpect(status().isOk());
    }
    mvc.perform(get("/jobs/{id}/sheet", job).with(as("tuva"))).andExpect(status().isOk());
  }

  @Test
  void sizesStandInTheAddressAndTheSectionFollows() throws Exception {
    mvc.perform(
            get("/bench/a4")
                .param("left", "6205")
                .param("spacer.length", "1 in")
                .param("part", "spacer")
                .with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("left bearing 6205")))
        .andExpect(content().string(containsString("25.400 mm")))
        .andExpect(content().string(containsString("name=\"left\" value=\"6205\"")))
        .andExpect(content().string(containsString("more than 1 mm shorter than")));
  }

  @Test
  void badEntriesAreAnswered() throws Exception {
    mvc.perform(
            get("/bench/a4")
                .param("left", "30206")
                .param("spacer.length", "long")
                .param("part", "left-bearing")
                .with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("No deep groove ball bearing found")))
        .andExpect(content().string(not(containsString("left bearing 30206"))));
    mvc.perform(get("/bench/a19").with(as("tuva"))).andExpect(status().isNotFound());
    mvc.perform(get("/bench/a4").param("part", "<b>").with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(content().string(not(containsString("<b>\""))));
  }
}
