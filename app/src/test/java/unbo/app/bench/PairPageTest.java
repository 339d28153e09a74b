package unbo.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.web.servlet.ResultActions;
import unbo.app.PageTest;
import unbo.app.drawing.PairPicture;
import unbo.core.catalogue.Catalogue;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.setting.AngularPair;

class PairPageTest extends PageTest {

  private ResultActions page(String query) throws Exception {
    return mvc.perform(get("/bench/pairs?" + query).with(as("tuva"))).andExpect(status().isOk());
  }

  @ParameterizedTest
  @CsvSource({
    "number=7205B&tilts=true, 'DB, back to back, O: The usual one'",
    "number=7205B&bent=true, 'DF, face to face, X: Forgives'",
    "number=7205B&one-way=true, 'DT, one behind the other, tandem: The load'"
  })
  void whatIsAskedComesFirst(String query, String first) throws Exception {
    page(query)
        .andExpect(content().string(containsString(first)))
        .andExpect(content().string(containsString("Nothing in this number says")));
  }

  @Test
  void aMarkedPairIsSaidToBeOne() throws Exception {
    page("number=7205BDB")
        .andExpect(content().string(containsString("matched pair back-to-back")))
        .andExpect(content().string(not(containsString("Nothing in this number says"))));
  }

  /** A deep groove bearing is refused for the pair, with what a nut does to it. */
  @Test
  void aPlainBallBearingIsNeverClamped() throws Exception {
    page("number=6205")
        .andExpect(content().string(containsString("is never clamped against another")))
        .andExpect(content().string(containsString("6205 squeezed by 0.03 mm carries about")))
        .andExpect(content().string(not(containsString("Base on the axis"))));
    for (String number : new String[] {"", "NU205", "%3Cscript%3E"}) {
      page("number=" + number)
          .andExpect(content().string(containsString("Enter its number, such as 7205 B.")));
    }
  }

  /** The lines meet the axis as far apart as the sum says, to the drawing's scale. */
  @ParameterizedTest
  @CsvSource({"DB", "DF", "DT"})
  void theDrawingAgreesWithTheSum(AngularPair pair) {
    var bearing = Catalogue.standard().find("7205").orElseThrow();
    InternalGeometry inside = BearingPortrait.of(bearing).inside().orElseThrow();
    PairPicture drawn = PairPicture.of(pair, 25, 52, 15, inside, 40);
    String[] ends = drawn.base().substring(1).split(" L?");
    double apart = Math.abs(Double.parseDouble(ends[0]) - Double.parseDouble(ends[2]));
    double unit = (drawn.balls().get(1).x() - drawn.balls().get(0).x()) / 15;
    assertThat(apart / unit)
        .isCloseTo(pair.base(15, inside.pitchMm(), 40).result().value(), within(0.05));
    assertThat(drawn.balls()).allMatch(b -> b.x() > 0 && b.x() < drawn.width());
  }
}
