package unbo.app.api;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;

/** Order and routes over the interface. */
class StripInterfaceTest extends PageTest {

  private ResultActions routes(String body) throws Exception {
    return mvc.perform(
        post("/api/v1/routes")
            .contentType(MediaType.APPLICATION_JSON)
            .content(body)
            .with(as("tuva")));
  }

  @Test
  void anOrderIsGiven() throws Exception {
    mvc.perform(
            get("/api/v1/strip-orders")
                .param("arrangement", "a1")
                .param("inboard", "32006X")
                .with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.stays", contains("spindle")))
        .andExpect(jsonPath("$.steps[0].parts[0]", is("cap")))
        .andExpect(jsonPath("$.steps[1].direction", is("radial")))
        .andExpect(jsonPath("$.steps[2].direction", is("unscrewed")))
        .andExpect(jsonPath("$.steps[4].frees", contains("outboard-cup")))
        .andExpect(jsonPath("$.steps[5].needsRoute", is(false)))
        .andExpect(jsonPath("$.steps[6].needsRoute", is(true)));
  }

  @Test
  void routesAreRankedAndTellWhatIsMissing() throws Exception {
    routes("{'arrangement':'a4','part':'left-bearing','tools':['drift']}".replace('\'', '"'))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.routes[0].kind", is("drift")))
        .andExpect(jsonPath("$.routes[0].verdict", is("scraps")))
        .andExpect(jsonPath("$.routes[0].crossesElements", is(true)))
        .andExpect(jsonPath("$.routes[0].missing").isEmpty())
        .andExpect(jsonPath("$.routes[?(@.kind=='heat-housing')].missing[0]", hasItem("oven")))
        .andExpect(
            jsonPath("$.routes[?(@.verdict=='keeps')].crossesElements", everyItem(is(false))));
  }

  /** A bolted unit slides by drawing; rust makes it tight. */
  @Test
  void rustIsTakenIn() throws Exception {
    String rusted =
        "{'arrangement':'a3','part':'outer-body','states':[{'contact':'outer-body in knuckle','state':'rusted'}]}";
    routes(rusted.replace('\'', '"'))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.routes[*].kind", hasItem("penetrant")));
    routes("{\"arrangement\":\"a3\",\"part\":\"outer-body\"}")
        .andExpect(jsonPath("$.routes[*].kind", not(hasItem("penetrant"))));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{}|400",
        "{'arrangement':'a99','part':'hub'}|422",
        "{'arrangement':'a1','part':'crank'}|422",
        "{'arrangement':'a1','part':'hub','tools':['crowbar']}|422",
        "{'arrangement':'a1','part':'hub','tight':[{'part':'cap','on':'nut'}]}|422",
        "{'arrangement':'a1','part':'hub','states':[{'contact':'cap in hub','state':'stuck'}]}|422",
        "{'arrangement':'a1','part':'hub','states':[{'contact':'cap in nut','state':'rusted'}]}|422"
      })
  void whatCannotBeIsRefused(String body, int status) throws Exception {
    routes(body.replace('\'', '"')).andExpect(status().is(status));
  }

  @ParameterizedTest
  @CsvSource({
    "arrangement, a99, 422",
    "arrangement, '', 400",
    "middle, 6205, 422",
    "inboard, 6205, 422"
  })
  void anOrderOfNothingIsRefused(String field, String value, int status) throws Exception {
    var request = get("/api/v1/strip-orders").with(as("tuva"));
    if (!field.equals("arrangement")) {
      request.param("arrangement", "a1");
    }
    mvc.perform(request.param(field, value)).andExpect(status().is(status));
  }
}
