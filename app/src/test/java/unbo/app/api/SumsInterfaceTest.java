package unbo.app.api;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.is;
import static org.hamcrest.Matchers.nullValue;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.hamcrest.CustomTypeSafeMatcher;
import org.hamcrest.Matcher;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;

/** Film, mixing, drag, speeds, spacers, shims and lives over the interface: one sum of each. */
class SumsInterfaceTest extends PageTest {

  private ResultActions send(String call, String body) throws Exception {
    return mvc.perform(
        post("/api/v1/" + call)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body.replace('\'', '"'))
            .with(as("tuva")));
  }

  /** However long a number is written, it is read as one of these or those. */
  private static Matcher<Number> near(double value, double off) {
    return new CustomTypeSafeMatcher<>(value + " ± " + off) {
      @Override
      protected boolean matchesSafely(Number number) {
        return Math.abs(number.doubleValue() - value) <= off;
      }
    };
  }

  @Test
  void film() throws Exception {
    send(
            "viscosities",
            "{'rpm':1500,'meanDiameterMm':38.5,'oil':{'v40':46,'v100':6.7},'operatingC':60}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.requiredMm2s", near(18.7, 0.1)))
        .andExpect(jsonPath("$.actualMm2s", near(21, 1.5)))
        .andExpect(jsonPath("$.ndm", near(57750, 0.1)))
        .andExpect(jsonPath("$.verdict", is("good")));
  }

  @Test
  void mixing() throws Exception {
    mvc.perform(
            get("/api/v1/mixings").param("a", "polyurea").param("b", "lithium").with(as("tuva")))
        .andExpect(jsonPath("$.verdict", is("bad")));
    mvc.perform(get("/api/v1/mixings").param("a", "blue").param("b", "lithium").with(as("tuva")))
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.verdict", is("unknown")))
        .andExpect(jsonPath("$.reason", containsString("wash")));
    mvc.perform(get("/api/v1/mixings").param("a", "lithium").with(as("tuva")))
        .andExpect(status().isBadRequest());
  }

  @Test
  void drag() throws Exception {
    send(
            "frictions",
            "{'boreMm':25,'outerMm':52,'rpm':600,'radialN':500,'viscosityMm2s':100,"
                + "'staticRatingN':7850,'seal':'contact','widthMm':15}")
        .andExpect(jsonPath("$.torqueNmm.noLoad", near(13.12, 0.02)))
        .andExpect(jsonPath("$.torqueNmm.load", near(2.12, 0.02)))
        .andExpect(jsonPath("$.torqueNmm.seal", near(24.82, 0.02)))
        .andExpect(jsonPath("$.watts", near(2.517, 0.01)));
    send("frictions", "{'boreMm':25,'outerMm':52,'rpm':600,'viscosityMm2s':100}")
        .andExpect(jsonPath("$.runningC", nullValue()))
        .andExpect(jsonPath("$.torqueNmm.seal", is(0.0)));
  }

  @Test
  void speeds() throws Exception {
    send("element-speeds", "{'meanDiameterMm':75,'elementMm':6,'rpm':5200}")
        .andExpect(jsonPath("$.elementRpm", near(32292, 1)))
        .andExpect(jsonPath("$.ndm", near(390000, 0.1)));
  }

  private static final String PAIR = "'shoulderMm':55,'elementMm':7.938,'elements':8,";

  @Test
  void spacers() throws Exception {
    send("spacer-pairs", "{" + PAIR + "'spacerMm':55.02,'radialClearanceUm':8}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.verdict", is("free")))
        .andExpect(jsonPath("$.preloadChance", nullValue()));
    send(
            "spacer-pairs",
            "{"
                + PAIR
                + "'spacerMm':55,'radialClearanceUm':8,'clampN':8300,"
                + "'spacerSection':{'outsideMm':20,'boreMm':15.2,'material':'aluminium'}}")
        .andExpect(jsonPath("$.clampedSpacerMm", near(54.9515, 0.0005)));
    send("spacer-pairs", "{" + PAIR + "'spacerMm':55,'radialClearanceUm':0}")
        .andExpect(status().is(422))
        .andExpect(jsonPath("$.problems[0].remedy", containsString("Already preloaded")));
  }

  @Test
  void shims() throws Exception {
    send(
            "shim-sums",
            "{'depths':[{'label':'case','valueMm':40,'uncertaintyMm':0.02,'sign':1},"
                + "{'label':'left','valueMm':18.85,'uncertaintyMm':0.02,'sign':-1},"
                + "{'label':'right','valueMm':20.6,'uncertaintyMm':0.02,'sign':-1}],"
                + "'shimCloses':1,'wantedPlayMm':0.05}")
        .andExpect(jsonPath("$.neededMm", near(0.5, 1e-9)))
        .andExpect(jsonPath("$.uncertaintyMm", near(0.0346, 1e-3)))
        .andExpect(jsonPath("$.verdict", is("yes")));
    send(
            "shim-stacks",
            "{'targetMm':0.75,'toleranceMm':0.01,'stock':[{'thicknessMm':0.5,'count':1},"
                + "{'thicknessMm':0.25,'count':1},{'thicknessMm':0.1,'count':4}]}")
        .andExpect(jsonPath("$.best", hasSize(2)))
        .andExpect(jsonPath("$.totalMm", near(0.75, 1e-9)));
    send(
            "shim-stacks",
            "{'targetMm':0.78,'toleranceMm':0.005,'stock':[{'thicknessMm':0.5,'count':1}]}")
        .andExpect(status().is(422))
        .andExpect(jsonPath("$.problems[0].remedy", containsString("0.5 mm")));
  }

  @Test
  void lives() throws Exception {
    send(
            "lives",
            "{'ratingN':14000,'loadN':1400,'kappa':1,'contaminationFactor':1,'fatigueLimitN':140,"
                + "'rpm':1000,'tyreDiameterMm':600}")
        .andExpect(jsonPath("$.l10Mrev", near(1000, 1e-6)))
        .andExpect(jsonPath("$.aIso", near(2.43, 0.01)))
        .andExpect(jsonPath("$.l10mMrev", near(2430, 10)))
        .andExpect(jsonPath("$.hours", near(40500, 200)));
    send("lives", "{'ratingN':14000,'loadN':1400,'rpm':1000}")
        .andExpect(jsonPath("$.aIso", nullValue()))
        .andExpect(jsonPath("$.l10mMrev", nullValue()))
        .andExpect(jsonPath("$.hours", near(16666.7, 0.1)));
  }

  private static final String ROW =
      "{'elements':17,'elementMm':7.5,'lengthMm':11,'contactAngleDeg':14,'meanDiameterMm':50}";

  @Test
  void settingLives() throws Exception {
    send(
            "setting-lives",
            "{'rows':["
                + ROW
                + ","
                + ROW
                + "],'spanMm':40,'radialN':4000,'fromMm':-0.02,"
                + "'toMm':0.4,'points':22,'windowMm':[0.03,0.13]}")
        .andExpect(status().isOk())
        .andExpect(jsonPath("$.curve", hasSize(22)))
        .andExpect(jsonPath("$.curve[0].relativeLife", near(0.2, 0.06)))
        .andExpect(jsonPath("$.curve[1].relativeLife", near(1, 1e-6)))
        .andExpect(jsonPath("$.curve[21].relativeLife", near(0.08, 0.03)))
        .andExpect(jsonPath("$.curve[5].inWindow", is(true)))
        .andExpect(jsonPath("$.curve[1].life10h").value(org.hamcrest.Matchers.nullValue()));
    String rated = ROW.replace("}", ",'ratingN':40000}");
    // 2 kN on each of two rows: (40/2)^(10/3) million turns, 0.540 of it for the pair, at 700 rpm.
    send(
            "setting-lives",
            "{'rows':["
                + rated
                + ","
                + rated
                + "],'spanMm':40,'radialN':4000,'fromMm':0,'toMm':0.2,'points':3,'rpm':700}")
        .andExpect(jsonPath("$.curve[0].life10h", near(279_000, 30_000)))
        .andExpect(jsonPath("$.curve[2].life10h", org.hamcrest.Matchers.lessThan(140_000.0)));
  }

  /** What cannot be is told at its field. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "viscosities|{'rpm':1500,'meanDiameterMm':38,'oil':{'v40':6,'v100':46},'operatingC':60}|422|oil.v100",
        "viscosities|{'rpm':1500,'meanDiameterMm':38,'oil':{'v40':46,'v100':6},'operatingC':200}|422|operatingC",
        "viscosities|{'rpm':1500,'meanDiameterMm':38,'operatingC':60}|400|oil",
        "frictions|{'boreMm':25,'outerMm':20,'rpm':600,'viscosityMm2s':100}|422|outerMm",
        "frictions|{'boreMm':25,'outerMm':52,'rpm':600,'viscosityMm2s':100,'fresh':'yes'}|400|fresh",
        "frictions|{'boreMm':25,'outerMm':52,'rpm':600,'viscosityMm2s':100,'sealedSides':3}|422|sealedSides",
        "element-speeds|{'meanDiameterMm':10,'elementMm':12,'rpm':600}|422|elementMm",
        "spacer-pairs|{'shoulderMm':55,'spacerMm':70,'radialClearanceUm':8,'elementMm':8,'elements':8}|422|spacerMm",
        "spacer-pairs|{'shoulderMm':55,'spacerMm':55,'radialClearanceUm':8,'elementMm':8}|400|elements",
        "shim-sums|{'depths':[{'valueMm':40,'sign':2}],'shimCloses':1}|422|depths[0].sign",
        "shim-sums|{'depths':[{'valueMm':40}],'shimCloses':1}|400|depths[0].sign",
        "shim-sums|{'depths':[{'valueMm':40,'sign':1}],'shimCloses':1,'wantedPlayMm':0.1,'wantedPreloadMm':0.1}|422|wantedPlayMm",
        "shim-sums|{'shimCloses':1}|400|depths",
        "shim-stacks|{'targetMm':1,'toleranceMm':0.01,'stock':[{'thicknessMm':-1,'count':2}]}|422|stock[0].thicknessMm",
        "shim-stacks|{'targetMm':1,'toleranceMm':0.01,'mostShims':99,'stock':[{'thicknessMm':1,'count':2}]}|422|mostShims",
        "setting-lives|{'rows':[],'spanMm':40,'radialN':4000}|400|rows",
        "setting-lives|{'rows':[{},{}],'spanMm':40,'radialN':4000}|400|rows[0].elements",
        "lives|{'ratingN':0,'loadN':10}|422|ratingN",
        "lives|{'ratingN':100,'loadN':10,'cleanliness':'spotless'}|422|cleanliness"
      })
  void whatCannotBeIsToldAtItsField(String call, String body, int status, String field)
      throws Exception {
    send(call, body)
        .andExpect(status().is(status))
        .andExpect(jsonPath("$.problems[*].field", hasItem(field)));
  }
}
