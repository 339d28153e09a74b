package unbo.core.enquiry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.designation.DesignationReader;
import unbo.core.enquiry.Enquiry.Kind;
import unbo.core.size.SizeDimension;
import unbo.core.units.Problem;

class EnquiryTest {

  private static final DesignationReader READER = DesignationReader.standard();

  private static Enquiry of(String text) {
    return Enquiry.of(text, READER);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "6205-2RS;NUMBERS;",
        "3020?;NUMBERS;",
        "30206 / 30204;NUMBERS;",
        "L44649/10;NUMBERS;",
        "62/22;NUMBERS;",
        "302/32;NUMBERS;",
        "K20x24x17;NUMBERS;",
        "DAC35680233/30;NUMBERS;",
        "6203 2RS 16mm;NUMBERS;",
        "6205-2RS 25 mm;NUMBERS;",
        "6205 1 inch;NUMBERS;",
        "25 mm 6205;NUMBERS;",
        "bore 25 mm 6205-2RS;NUMBERS;",
        "17 mm shaft 6203-2RS;NUMBERS;",
        "16 mm 6203;NUMBERS;",
        "25 x 52 x 15;SIZE;",
        "25x52x15;SIZE;",
        "30.15 x 41 x 6.5;SIZE;",
        "1.378 bore;SIZE;",
        "3/4;SIZE;",
        "17 mm shaft;SIZE;",
        "bore 25, outside 52;SIZE;",
        "25/52/15;SIZE;",
        ".750 x 1.780 x .610;SIZE;",
        "30.15x41x6.5 36/45;NUMBERS;",
        "25x-52x15;NOTHING;",
        "NaN x 3 x 4;NOTHING;",
        "25x52x15x3;NOTHING;",
        "25/10/2026;NOTHING;",
        "52-25-15-04;NOTHING;",
        "trailer hub 1 1/4 spindle;SIZE;a1",
        "swing arm;PLACE;a7",
        "big end;PLACE;a32",
        "propshaft centre bearing;PLACE;a37",
        "tie rod ends;PLACE;a45",
        "motorcycle front wheel;PLACE;a4",
        "car wheel bearing;PLACE;a2",
        "wheel bearing;NOTHING;",
        "gearbox;NOTHING;",
        "the Bottom Bracket, please;PLACE;a14",
        "headset;PLACE;a31",
        "'  ';NOTHING;",
        "hello there;NOTHING;"
      })
  void worksOutWhatItIs(String text, Kind kind, String position) {
    Enquiry found = of(text);
    assertThat(found.kind()).as(found.said()).isEqualTo(kind);
    assertThat(found.position().map(a -> a.id()).orElse(null)).isEqualTo(position);
    assertThat(found.said().isEmpty()).isEqualTo(kind == Kind.NOTHING);
  }

  /** However a size is written, no number slips into another’s place. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "25*52*15 mm",
        "25 by 52 by 15",
        "52 x 25 x 15",
        "25/52/15",
        "25-52-15",
        "25 52 15",
        "ø25 x ø52 x 15",
        "Ø 25 Ø52 B15",
        "Ø52 Ø25 15",
        "d25 D52 B15",
        "d = 25, D = 52, B = 15",
        "id 25 od 52 w 15",
        "ID=25 OD=52 W=15",
        "inner 25 outer 52 thickness 15",
        "shaft 25 housing 52 width 15",
        "25mm ID, 52mm OD, 15mm wide",
        "25,0 x 52,0 x 15,0",
        "2.5 cm x 5.2 cm x 1.5 cm"
      })
  void oneSizeHasManySpellings(String text) {
    assertThat(of(text).sizes())
        .as(text)
        .isEqualTo(
            Map.of(SizeDimension.BORE, 25.0, SizeDimension.OUTER, 52.0, SizeDimension.WIDTH, 15.0));
  }

  @ParameterizedTest
  @CsvSource({
    "25 x 52 x 15,25,52,15",
    "25×52×15 mm,25,52,15",
    "1 x 2 1/4 x 5/8 in,25.4,57.15,15.875",
    "bore 25 outside 52 width 15,25,52,15",
    "17 mm shaft 40 od 12 wide,17,40,12",
    "1.378 bore 2.8346 outside 0.6693 width,35.0012,71.99884,17.00022"
  })
  void sizesAreTakenInMillimetres(String text, double bore, double outer, double width) {
    var sizes = of(text).sizes();
    assertThat(sizes.get(SizeDimension.BORE)).isCloseTo(bore, within(1e-6));
    assertThat(sizes.get(SizeDimension.OUTER)).isCloseTo(outer, within(1e-6));
    assertThat(sizes.get(SizeDimension.WIDTH)).isCloseTo(width, within(1e-6));
  }

  @Test
  void whatIsTakenInInchesIsSaid() {
    assertThat(of("1.378 bore").notes()).anySatisfy(n -> assertThat(n).contains("inches"));
    assertThat(of("3/4").sizes().get(SizeDimension.BORE)).isCloseTo(19.05, within(1e-9));
    assertThat(of("30 cone 25 bore").sizes()).containsKeys(SizeDimension.CONE, SizeDimension.BORE);
  }

  /** A word that means several places is not guessed: what to write instead is said. */
  @Test
  void aWordForSeveralPlacesNamesThem() {
    Problem problem = of("wheel bearing").problem().orElseThrow();
    assertThat(problem.wrong()).contains("Taper pair on a fixed spindle", "Pressed-in");
    assertThat(problem.remedy()).contains("trailer hub", "motorcycle wheel");
    assertThat(of("front wheel bearing 25x52x15").position()).isEmpty();
    assertThat(of("front wheel bearing 25x52x15").kind()).isEqualTo(Kind.SIZE);
  }

  /** Law: a word that is offered leads where it says, and every place has one. */
  @Test
  void everyPlaceHasAWord() {
    for (Arrangement each : Arrangements.standard().all()) {
      String word = Phrases.surePhrase(each);
      assertThat(of(word).position()).as(each.id() + " " + word).contains(each);
    }
  }

  @Test
  void whatIsNothingSaysWhatWouldDo() {
    assertThat(of("hello there").problem().orElseThrow().remedy()).contains("25 x 52 x 15");
    assertThat(of("x".repeat(100_000)).problem()).isPresent();
    assertThat(of(null).problem()).isEmpty();
    assertThat(of("\u202e6205\u0301\u0000").kind()).isNotNull();
  }
}
