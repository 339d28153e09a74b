package unbo.core.comparison;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;

class ComparisonTest {

  private static final DesignationReader READER = DesignationReader.standard();

  private static Reading reading(String text) {
    return READER.read(text).readings().get(0);
  }

  private static Comparison compare(String old, String fresh, String position) {
    Optional<PositionDuty> duty = position.isEmpty() ? Optional.empty() : PositionDuty.at(position);
    return Comparison.of(reading(old), reading(fresh), duty);
  }

  /** The trade's own cases, each with the verdict and the aspect that decides it. */
  @ParameterizedTest
  @CsvSource({
    "6204-2RS,6204-2RS,a4,SUITS,",
    "6204-2RS,6204 DDU C3,a4,SUITS,clearance",
    "6204-2RS,6204,a4,FITS_BUT_UNSUITABLE,seals",
    "6204-2RS,6204-V,a4,FITS_BUT_UNSUITABLE,full complement",
    "61902-2RS,61902-V 2RS,a16,SUITS,full complement",
    "61902-V 2RS,61902-2RS,a16,SUITS,full complement",
    "6205,6305,a4,DOES_NOT_FIT,outside",
    "6205,NU205,a9,SUITS,along the shaft",
    "6205,NU205,a20,FITS_BUT_UNSUITABLE,along the shaft",
    "6205,NUP205,a20,SUITS,kind",
    "NU205,6205,a9,FITS_BUT_UNSUITABLE,kind",
    "NU205,NU205E,a9,SUITS,raceway",
    "6206,6206-2RS,a9,FITS_BUT_UNSUITABLE,seals",
    "6206 C3,6206,a9,FITS_BUT_UNSUITABLE,clearance",
    "6205,1205,a4,FITS_BUT_UNSUITABLE,kind",
    "7205B,7205C,a10,FITS_BUT_UNSUITABLE,contact angle",
    "7205B DB,7205B,a10,FITS_BUT_UNSUITABLE,pairing",
    "6205,7205B,a10,FITS_BUT_UNSUITABLE,pairing",
    "1205,1205 K,a4,DOES_NOT_FIT,bore taper",
    "30205,6205,a1,DOES_NOT_FIT,width",
    "6205,6205 CM,a4,SUITS,clearance",
    "6205 CM,6205 C2,a9,FITS_BUT_UNSUITABLE,clearance",
    "608 ZZ MC3,608 ZZ,a15,SUITS,clearance",
    "608 ZZ MC5,608 ZZ MC1,a15,SUITS,clearance",
    "6305 NR,6305,a20,FITS_BUT_UNSUITABLE,snap ring",
    "6305 NR,6305 N,a20,SUITS,snap ring",
    "6305,6305 N,a20,SUITS,snap ring",
    "F688 ZZ,688 ZZ,a15,FITS_BUT_UNSUITABLE,flange of the outer ring",
    "688 ZZ,F688 ZZ,a15,SUITS,flange of the outer ring",
    "DAC39720037 ABS,DAC39720037,a2,FITS_BUT_UNSUITABLE,sensor ring",
    "LM67010,LM67048,a1,DOES_NOT_FIT,parts",
    "6204-2RS,6204-16-2RS,a4,UNKNOWN,bore",
    "6202-16-2RS,6202-2RS,a4,UNKNOWN,bore",
    "6201-2RS,6201-2RS 12.7,a4,DOES_NOT_FIT,bore",
    "6202-2RS,6202-2RS-10,a4,DOES_NOT_FIT,bore",
    "AXK2542 2AS,AXK2542 AS,a7,SUITS,washers",
    "BK1612,HK1612,a7,FITS_BUT_UNSUITABLE,closed end",
    "HK1612,BK1612,a7,FITS_BUT_UNSUITABLE,closed end",
    "30306,30306 D,a11,FITS_BUT_UNSUITABLE,contact angle",
    "GE20 ES,GE20 C,a8,SUITS,sliding surfaces",
    "GE20 C,GE20 E,a8,SUITS,sliding surfaces",
    "R8 ZZ,R8,a4,DOES_NOT_FIT,width",
    "DAC35720033,DAC35720034,a2,DOES_NOT_FIT,width",
    "DAC38740036,DAC38740036/33,a2,FITS_BUT_UNSUITABLE,width of the other ring"
  })
  void knowsTheCasesOfTheTrade(
      String old, String fresh, String position, Verdict verdict, String aspect) {
    Comparison found = compare(old, fresh, position);
    assertThat(found.verdict()).as(found.differences().toString()).isEqualTo(verdict);
    if (aspect != null) {
      assertThat(found.differences()).extracting(Difference::aspect).contains(aspect);
    }
  }

  /** Twins by their numbers: the corner decides whether the ring seats. */
  @Test
  void nearTwinConesAskForTheirCorners() {
    assertThat(compare("L44643/L44610", "L44649/L44610", "a1").differences())
        .anySatisfy(
            d -> {
              assertThat(d.aspect()).isEqualTo("corner radius");
              assertThat(d.severity()).isEqualTo(Severity.MATTERS);
            });
  }

  /** Law: whatever stands there may be put back as it was marked, wherever it stands. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "6204 V",
        "6205 XQJ",
        "DAC35720033",
        "7205",
        "7205B",
        "30206",
        "NU205",
        "HK1612",
        "GE20 C",
        "6205 TN9",
        "61902 V 2RS"
      })
  void aBearingSuitsInPlaceOfItself(String number) {
    for (Arrangement at : Arrangements.standard().all()) {
      Comparison same = compare(number, number, at.id());
      assertThat(same.verdict()).as(number + " at " + at.id()).isEqualTo(Verdict.SUITS);
      assertThat(same.differences()).isEmpty();
    }
  }

  /** Law: no line says that something differs where both sides of it read the same. */
  @Test
  void noLineWithoutADifference() {
    List<String> numbers =
        List.of(
            "6205",
            "6205-2RS",
            "6205 V",
            "6205 C3 TN9",
            "6205 ZZ TN9",
            "7205B",
            "7205B C3",
            "NU205E",
            "NU205E C3",
            "6305 NR C3",
            "6305 NR",
            "30205",
            "30205 J");
    for (String old : numbers) {
      for (String fresh : numbers) {
        for (Arrangement at : Arrangements.standard().all()) {
          assertThat(compare(old, fresh, at.id()).differences())
              .as(old + " " + fresh + " at " + at.id())
              .filteredOn(d -> !d.old().equals("not known"))
              .allSatisfy(d -> assertThat(d.fresh()).isNotEqualTo(d.old()));
        }
      }
    }
  }

  @Test
  void twentyFiveIsNotAnInch() {
    Comparison found = compare("6205", "RLS8", "a4");
    assertThat(found.verdict()).isEqualTo(Verdict.DOES_NOT_FIT);
    assertThat(found.differences())
        .filteredOn(d -> d.aspect().equals("bore"))
        .allSatisfy(d -> assertThat(d.reason()).contains("creeps"));
  }

  @Test
  void withoutAnAngleLetterItCannotBeTold() {
    assertThat(compare("7205", "7205B", "").verdict()).isEqualTo(Verdict.UNKNOWN);
  }

  @Test
  void theGoodSurpriseIsAGain() {
    assertThat(compare("6205", "NU205", "a9").differences())
        .filteredOn(d -> d.severity() == Severity.GAIN)
        .extracting(Difference::aspect)
        .contains("kind", "along the shaft");
  }

  /** Law: nothing differs from itself in a way that matters, at any position. */
  @Test
  void everyBearingSuitsInItsOwnPlace() {
    for (String text : List.of("6205-2RS C3", "30206", "NJ206", "HK2016", "GE20ES", "51105")) {
      for (var arrangement : Arrangements.standard().all()) {
        Comparison found = compare(text, text, arrangement.id());
        assertThat(found.verdict()).as(text + " " + arrangement.id()).isEqualTo(Verdict.SUITS);
        assertThat(found.differences()).isEmpty();
      }
    }
  }

  /** Law: a size that does not go in does not go in the other way round. */
  @Test
  void notFittingIsSymmetrical() {
    var all = Catalogue.standard().all();
    for (int i = 0; i < all.size(); i += 37) {
      for (int j = 0; j < all.size(); j += 41) {
        Reading a = reading(all.get(i).designation());
        Reading b = reading(all.get(j).designation());
        boolean forth = Comparison.of(a, b, Optional.empty()).verdict() == Verdict.DOES_NOT_FIT;
        boolean back = Comparison.of(b, a, Optional.empty()).verdict() == Verdict.DOES_NOT_FIT;
        assertThat(forth).as(a.bearing() + " " + b.bearing()).isEqualTo(back);
        assertThat(forth)
            .as(a.bearing() + " " + b.bearing())
            .isEqualTo(!a.bearing().hasEnvelopeOf(b.bearing()));
      }
    }
  }

  @Test
  void everyArrangementHasItsDuty() {
    assertThat(Arrangements.standard().all())
        .allSatisfy(a -> assertThat(PositionDuty.at(a.id())).as(a.id()).isPresent());
  }
}
