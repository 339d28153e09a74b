package unbo.app.api;

import static org.hamcrest.Matchers.closeTo;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.lessThan;
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

/** {@code /tolerances}, {@code /fits} and {@code /heats}. */
class FitInterfaceTest extends PageTest {

  private static final String RING = "'boreMm':25,'outerMm':52,'widthMm':15";

  private ResultActions send(String call, String body) throws Exception {
    return mvc.perform(
        post("/api/v1/" + call)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body.replace('\'', '"'))
            .with(as("tuva")));
  }

  private ResultActions zone(String zone, String mm) throws Exception {
    return mvc.perform(
        get("/api/v1/tolerances").param("zone", zone).param("diameterMm", mm).with(as("tuva")));
  }

  @Test
  void zonesByCaseAndSize() throws Exception {
    zone("k5", "25")
        .andExpect(jsonPath("$.lowerUm", is(2.0)))
        .andExpect(jsonPath("$.upperUm", is(11.0)));
    zone("N7", "52")
        .andExpect(jsonPath("$.lowerUm", is(-39.0)))
        .andExpect(jsonPath("$.upperUm", is(-9.0)))
        .andExpect(jsonPath("$.toleranceUm", is(30.0)))
        .andExpect(jsonPath("$.source", containsString("ISO 286")));
  }

  @ParameterizedTest
  @CsvSource({"t6,20,422", "q7,20,422", "H7,900,422", "H7,,400", ",20,400", "H7,wide,400"})
  void zonesThatAreNot(String zone, String mm, int status) throws Exception {
    zone(zone == null ? "" : zone, mm == null ? "" : mm)
        .andExpect(status().is(status))
        .andExpect(jsonPath("$.problems[0].remedy").isNotEmpty());
  }

  /** k5 and H7 with CN on 25 × 52 × 15: good, the inner ring 2 to 21 µm tight. */
  @Test
  void aTextbookFit() throws Exception {
    send("fits", "{" + RING + ",'shaft':{'zone':'k5'},'housing':{'zone':'H7'}}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.inner.leastUm", closeTo(2, 1e-6)))
        .andExpect(jsonPath("$.inner.likelyUm", closeTo(11.5, 1e-6)))
        .andExpect(jsonPath("$.inner.mostUm", closeTo(21, 1e-6)))
        .andExpect(jsonPath("$.outer.pressForceN", is(0.0)))
        .andExpect(jsonPath("$.clearanceUm.unmounted.min", is(5.0)))
        .andExpect(jsonPath("$.verdict", is("good")))
        .andExpect(jsonPath("$.recommended.shaft", is("k5")))
        .andExpect(jsonPath("$.reasons", hasItem(containsString("half again"))));
    send("fits", "{" + RING + ",'shaft':{'zone':'n6'},'housing':{'zone':'P7'}}")
        .andExpect(jsonPath("$.verdict", is("locks")));
  }

  /** Tapers are set after fitting: what the fits take from the end play instead. */
  @Test
  void aTaperIsSetAfterFitting() throws Exception {
    send(
            "fits",
            "{'family':'tapered-roller','boreMm':30,'outerMm':62,'widthMm':17.25,"
                + "'shaft':{'measuredMm':30.012,'uncertaintyMm':0.004},'housing':{'zone':'N7'}}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.clearanceUm").isEmpty())
        .andExpect(jsonPath("$.verdict").isEmpty())
        .andExpect(jsonPath("$.endPlayChangeUm", lessThan(-20.0)));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "'shaft':{'zone':'k5'},'housing':{'zone':'k5'}|422|housing.zone",
        "'shaft':{'zone':'k5'},'housing':{'zone':'H7','outsideMm':50}|422|housing.outsideMm",
        "'shaft':{'zone':'k5','boreMm':30},'housing':{'zone':'H7'}|422|shaft.boreMm",
        "'shaft':{'zone':'k5','runningC':900},'housing':{'zone':'H7'}|422|shaft.runningC",
        "'shaft':{'measuredMm':31,'uncertaintyMm':0.01},'housing':{'zone':'H7'}|422|shaft.measuredMm",
        "'shaft':{'measuredMm':25.01},'housing':{'zone':'H7'}|400|shaft.uncertaintyMm",
        "'shaft':{'zone':'k5','material':'butter'},'housing':{'zone':'H7'}|422|shaft.material",
        "'shaft':{'zone':'k5'},'housing':{'zone':'H7'},'clearance':'C9'|422|clearance",
        "'shaft':{'zone':'k5'},'housing':{'zone':'H7'},'family':'headset-angular-ball'|422|family",
        "'shaft':{'zone':'k5'},'housing':{'zone':'H7'},'outerRacewayMm':60|422|outerRacewayMm",
        "'housing':{'zone':'H7'}|400|shaft",
        "'shaft':7,'housing':{'zone':'H7'}|400|shaft"
      })
  void whatCannotBeBuiltIsAnsweredAtItsField(String seats, int status, String field)
      throws Exception {
    send("fits", "{" + RING + "," + seats + "}")
        .andExpect(status().is(status))
        .andExpect(jsonPath("$.problems[*].field", hasItem(field)));
  }

  /** 12 and 10 µm on 25 mm: 70.4 K over the room. */
  @Test
  void heat() throws Exception {
    send("heats", "{" + RING + ",'interferenceUm':12,'construction':'sealed'}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.partC", closeTo(90.4, 0.05)))
        .andExpect(jsonPath("$.limitC", is(80.0)))
        .andExpect(jsonPath("$.refuseC", is(100.0)))
        .andExpect(jsonPath("$.withinLimit", is("warn")))
        .andExpect(jsonPath("$.verdict", is("drops-on")))
        .andExpect(jsonPath("$.secondsOnSeatRange[1]", is(3)));
    send("heats", "{" + RING + ",'interferenceUm':40,'heated':'housing','material':'aluminium'}")
        .andExpect(jsonPath("$.partC", closeTo(20 + 0.055 / (23.2e-6 * 52), 0.1)))
        .andExpect(jsonPath("$.secondsInAir").isEmpty());
    send("heats", "{" + RING + ",'interferenceUm':-4,'chilledPartC':30}")
        .andExpect(status().is(422))
        .andExpect(jsonPath("$.problems[*].field", hasItem("chilledPartC")));
  }
}
