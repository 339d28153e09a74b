package unbo.app.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.drawing.PairPicture;
import unbo.app.web.FieldProblems;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.catalogue.Bearing;
import unbo.core.contact.BallThrust;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.setting.AngularPair;
import unbo.core.units.Problem;

/**
 * How two angular contact bearings stand together.
 *
 * @param number as typed
 * @param bearing what it is, in words; empty while it is not read
 * @param cards the three ways, what suits best first; empty for another kind of bearing
 * @param ground whether its marking says that it may be paired, a sentence
 * @param never what is said of a plain ball bearing; empty for others
 */
public record PairSheet(
    String number,
    FieldProblems problems,
    AngularPair.Asked asked,
    String bearing,
    List<Card> cards,
    String ground,
    String never,
    List<WorkingView> workings) {

  private static final double USUAL_DEG = 40;

  /** A squeeze that a nut reaches unnoticed, mm. */
  private static final double SQUEEZE_MM = 0.03;

  /** One way. */
  public record Card(AngularPair pair, String why, Figure base, PairPicture picture) {}

  static PairSheet of(Map<String, String> fields) {
    String number = fields.getOrDefault("number", "7205 B").strip();
    AngularPair.Asked asked =
        new AngularPair.Asked(
            "true".equals(fields.get("tilts")),
            "true".equals(fields.get("bent")),
            "true".equals(fields.get("one-way")));
    return new Maker(number, asked).make();
  }

  /** What is needed while it is made. */
  private static final class Maker {
    private final String number;
    private final AngularPair.Asked asked;
    private final FieldProblems problems = new FieldProblems();
    private final Workings workings = new Workings("pair");

    Maker(String number, AngularPair.Asked asked) {
      this.number = number;
      this.asked = asked;
    }

    PairSheet make() {
      Optional<Reading> reading =
          DesignationReader.standard().read(number).readings().stream().findFirst();
      Optional<InternalGeometry> inside =
          reading.flatMap(r -> BearingPortrait.of(r.bearing()).inside());
      String family = reading.map(r -> r.bearing().family().id()).orElse("");
      boolean angular = family.equals("angular-contact-ball") && inside.isPresent();
      boolean plain = family.equals("deep-groove-ball");
      if (!angular && !plain) {
        problems.add(
            "number",
            new Problem(
                number,
                "No single-row angular contact bearing with a size.",
                "Enter its number, such as 7205 B."));
      }
      return new PairSheet(
          number,
          problems,
          asked,
          reading.map(r -> words(r.bearing())).orElse(""),
          angular ? cards(reading.get(), inside.get()) : List.of(),
          angular ? ground(reading.get()) : "",
          plain ? never(reading.get().bearing(), inside) : "",
          workings.all());
    }

    private static String words(Bearing b) {
      return b.designation()
          + ", "
          + size(b.boreMm())
          + " × "
          + size(b.outerMm())
          + " × "
          + size(b.widthMm())
          + " mm";
    }

    private static String size(double mm) {
      return unbo.core.units.Digits.exact(mm);
    }

    private List<Card> cards(Reading reading, InternalGeometry inside) {
      Bearing b = reading.bearing();
      double angle = reading.contactAngleDeg().orElse(USUAL_DEG);
      List<Card> cards = new ArrayList<>();
      for (AngularPair.Choice choice : AngularPair.choose(asked)) {
        var base = choice.pair().base(b.widthMm(), inside.pitchMm(), angle);
        String text = String.format(Locale.ROOT, "%.0f mm", base.result().value());
        cards.add(
            new Card(
                choice.pair(),
                choice.why(),
                workings.figure(choice.pair().id(), base, text),
                PairPicture.of(
                    choice.pair(), b.boreMm(), b.outerMm(), b.widthMm(), inside, angle)));
      }
      return cards;
    }

    private static String ground(Reading reading) {
      String marks =
          String.join(
              ", ",
              reading.parts().stream()
                  .filter(p -> p.meaning().contains("pair"))
                  .map(p -> p.text() + ": " + p.meaning())
                  .toList());
      return marks.isEmpty()
          ? "Nothing in this number says that it was ground to be set up as a pair: its faces stand off by hundredths. Take a pair that is marked, or measure the offset of both faces and shim it."
          : "Marked " + marks + ".";
    }

    /** What a squeeze does to a bearing that has only radial clearance. */
    private String never(Bearing b, Optional<InternalGeometry> inside) {
      String rule =
          "A plain ball bearing is never clamped against another to take play away: its balls run where its clearance puts them, and a nut past that squeezes without a warning. Only a spring of the force that its maker names may push on it.";
      return inside
          .map(
              i -> {
                BallThrust thrust =
                    new BallThrust(i.elementMm(), i.perRow(), 0.01, BallThrust.USUAL_OSCULATION);
                return rule
                    + String.format(
                        Locale.ROOT,
                        " %s squeezed by %.2f mm carries about %.1f kN before it has carried any load (0.01 mm of clearance left, rings stiff).",
                        b.designation(),
                        SQUEEZE_MM,
                        thrust.thrustN(SQUEEZE_MM) / 1000);
              })
          .orElse(rule);
    }
  }
}
