package unbo.core.buying;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.comparison.Comparison;
import unbo.core.comparison.PositionDuty;
import unbo.core.comparison.Verdict;
import unbo.core.designation.Closure;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Equivalents;
import unbo.core.designation.Reading;

class ShoppingTest {

  private static final DesignationReader READER = DesignationReader.standard();

  private static Bearing bearing(String designation) {
    return Catalogue.standard().find(designation).orElseThrow();
  }

  private static Specification specification(String designation, String at) {
    return Specification.of(bearing(designation), Arrangements.of(at));
  }

  private static ShoppingLine line(String designation, String at) {
    return ShoppingLine.of(specification(designation, at), Arrangements.of(at), READER);
  }

  @Test
  void aWetHubWantsLipsAndACage() {
    Specification s = specification("6204", "a4");
    assertThat(s.closure()).isEqualTo(Closure.CONTACT);
    assertThat(s.clearance()).contains("CN");
    assertThat(s.fullComplement()).isFalse();
    assertThat(s.lines()).allSatisfy(l -> assertThat(l.reason()).isNotBlank());
    ShoppingLine line = line("6204", "a4");
    assertThat(line.substitutes())
        .extracting(ShoppingLine.Substitute::text)
        .contains("6204 2RS C3");
    assertThat(line.spellings()).contains("6204-2RS", "6204-LLU", "6204-DDU");
    assertThat(line.refuse())
        .extracting(ShoppingLine.Refusal::text)
        .anySatisfy(t -> assertThat(t).contains("full complement"))
        .anySatisfy(t -> assertThat(t).contains("unmarked"));
  }

  @Test
  void crankMainsWantOilAndRoom() {
    Specification s = specification("6205", "a9");
    assertThat(s.closure()).isEqualTo(Closure.OPEN);
    assertThat(s.clearance()).contains("C3");
    assertThat(line("6205", "a9").substitutes())
        .extracting(ShoppingLine.Substitute::text)
        .anySatisfy(t -> assertThat(t).startsWith("NU205"));
  }

  @Test
  void aPivotWantsEveryBall() {
    assertThat(specification("61902", "a16").fullComplement()).isTrue();
    assertThat(line("61902", "a16").spellings()).anySatisfy(t -> assertThat(t).endsWith(" V"));
    assertThat(line("61902", "a16").spellings()).anySatisfy(t -> assertThat(t).startsWith("6902"));
  }

  @Test
  void whatShowsOnlyAfterOpeningIsHeldTwice() {
    assertThat(specification("6205", "a13").other()).isPresent();
    assertThat(specification("6205", "a4").other()).isEmpty();
  }

  /** Law: every spelling on the line reads back as the bearing with the closure asked for. */
  @Test
  void everySpellingMeansTheSpecification() {
    for (Arrangement at : Arrangements.standard().all()) {
      for (String designation :
          new String[] {"6205", "61902", "30206", "32005", "7205", "3205", "HK2016", "608"}) {
        Specification s = Specification.of(bearing(designation), at);
        for (String spelling : ShoppingLine.of(s, at, READER).spellings()) {
          assertThat(READER.read(spelling).readings())
              .as(spelling + " at " + at.id())
              .anySatisfy(
                  r -> {
                    assertThat(r.bearing()).isEqualTo(s.bearing());
                    assertThat(r.left()).isEqualTo(s.closure());
                    assertThat(r.right()).isEqualTo(s.closure());
                  });
        }
      }
    }
  }

  /** Law: no substitute is one that the comparison would refuse. */
  @Test
  void substitutesSuit() {
    for (Arrangement at : Arrangements.standard().all()) {
      Specification s = Specification.of(bearing("6205"), at);
      ShoppingLine line = ShoppingLine.of(s, at, READER);
      Reading wanted = READER.read(line.spellings().get(0)).readings().get(0);
      for (ShoppingLine.Substitute substitute : line.substitutes()) {
        Reading other = READER.read(substitute.text()).readings().get(0);
        assertThat(Comparison.of(wanted, other, PositionDuty.at(at.id())).verdict())
            .as(substitute + " at " + at.id())
            .isEqualTo(Verdict.SUITS);
      }
    }
  }

  @Test
  void equivalentsCrossTheNamingSystems() {
    assertThat(Equivalents.of(bearing("30206"))).contains("30206", "T3DB030");
    assertThat(Equivalents.of(bearing("6204"))).contains("6204", "204");
    assertThat(Equivalents.of(bearing("61902"))).contains("61902", "6902");
    assertThat(Equivalents.of(bearing("3205"))).contains("3205", "5205");
    assertThat(Equivalents.older(bearing("NJ205"))).isEmpty();
    assertThat(Equivalents.older(bearing("6205"))).containsExactly("205");
    assertThat(Equivalents.of(bearing("618/8"))).doesNotContain("688");
  }
}
