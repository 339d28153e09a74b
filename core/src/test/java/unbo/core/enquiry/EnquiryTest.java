package unbo.core.enquiry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.designation.DesignationReader;
import unbo.core.enquiry.Enquiry.Kind;
import unbo.core.size.SizeDimension;

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
        "25 x 52 x 15;SIZE;",
        "25x52x15;SIZE;",
        "30.15 x 41 x 6.5;SIZE;",
        "1.378 bore;SIZE;",
        "3/4;SIZE;",
        "17 mm shaft;SIZE;",
        "bore 25, outside 52;SIZE;",
        "trailer hub 1 1/4 spindle;SIZE;a1",
        "swing arm;PLACE;a7",
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

  @Test
  void whatIsNothingSaysWhatWouldDo() {
    assertThat(of("hello there").problem().orElseThrow().remedy()).contains("25 x 52 x 15");
    assertThat(of("x".repeat(100_000)).problem()).isPresent();
    assertThat(of(null).problem()).isEmpty();
    assertThat(of("\u202e6205\u0301\u0000").kind()).isNotNull();
  }
}
