package unbo.app.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.drawing.FitPicture;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.fit.Feel;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.FitWorkings;
import unbo.core.fit.IsoZone;
import unbo.core.fit.Makeshift;
import unbo.core.fit.Material;
import unbo.core.fit.Recommendation;
import unbo.core.fit.SeatReadings;
import unbo.core.fit.WornSeat;
import unbo.core.measure.Instrument;
import unbo.core.tolerance.InternalClearances;

/**
 * What the Fit sheet shows of one bearing place.
 *
 * @param place that is open
 * @param places all that can be worked
 * @param fields as typed
 * @param zones recommended; null over the table's sizes
 * @param fit null while a seat is not known
 * @param creeping rings that would creep under the turning load, which rules over a good clearance
 * @param rings the two rows of figures; empty with it
 * @param running clearance as a figure; null for what is set after fitting
 * @param letsGo temperature at which the outer ring lets go; null where heat does not free it
 * @param forms ovality and taper of measured seats, in words
 * @param worn what a loose measured seat asks for, by seat
 * @param heat planner; null where nothing is tight
 * @param crank the pair of mains; null where they are none, or not measured
 * @param extras what stands beside the fit
 */
public record FitSheet(
    FitPlace place,
    List<FitPlace> places,
    Map<String, String> fields,
    FieldProblems problems,
    Recommendation zones,
    Fit fit,
    List<String> creeping,
    List<RingRow> rings,
    Figure running,
    Figure letsGo,
    FitPicture picture,
    List<String> reasons,
    List<String> forms,
    List<WornRow> worn,
    HeatSheet heat,
    CrankSheet crank,
    FitExtras extras,
    List<WorkingView> workings) {

  /** A ring's figures. */
  public record RingRow(
      String title, Figure interference, Figure chance, Figure force, Figure hot) {}

  /** A worn seat and what it asks for. */
  public record WornRow(String title, String gap, WornSeat way) {}

  static FitSheet of(
      Workpiece piece,
      FitPlace place,
      Map<String, String> typed,
      FieldProblems problems,
      Figures figures) {
    return new Maker(piece, place, typed, problems, figures).make();
  }

  /** What is needed while the sheet is made. */
  private static final class Maker {

    private final Workpiece piece;
    private final FitPlace place;
    private final Map<String, String> typed;
    private final FieldProblems problems;
    private final Figures figures;
    private final FitFields fields;
    private final Workings workings = new Workings("fit");

    Maker(
        Workpiece piece,
        FitPlace place,
        Map<String, String> typed,
        FieldProblems problems,
        Figures figures) {
      this.piece = piece;
      this.place = place;
      this.typed = typed;
      this.problems = problems;
      this.figures = figures;
      this.fields = new FitFields(typed, place, piece.arrangement(), problems);
    }

    FitSheet make() {
      Recommendation zones =
          Recommendation.of(
                  turning(), load(), place.bearing().boreMm(), fields.material(false), false)
              .orElse(null);
      Optional<FitInput> input = fields.input(place.group(piece));
      FitExtras extras = FitExtras.of(piece, place, fields, problems, zones, workings);
      if (input.isEmpty()) {
        return new FitSheet(
            place,
            FitPlace.of(piece),
            typed,
            problems,
            zones,
            null,
            List.of(),
            List.of(),
            null,
            null,
            null,
            List.of(),
            forms(zones),
            List.of(),
            null,
            null,
            extras,
            workings.all());
      }
      Fit fit = Fit.of(input.get());
      List<RingRow> rings = List.of(ring(fit, true), ring(fit, false));
      Figure running =
          fit.clearance().isEmpty()
              ? null
              : workings.figure(
                  "",
                  FitWorkings.running(fit),
                  whole(fit.clearance().get().running().likely()) + " µm");
      HeatSheet heat = HeatSheet.of(fit, fields, problems, workings, figures).orElse(null);
      return new FitSheet(
          place,
          FitPlace.of(piece),
          typed,
          problems,
          zones,
          fit,
          fit.creeping(turning()),
          rings,
          running,
          letsGo(fit),
          FitPicture.of(fit),
          fit.reasons(turning()),
          forms(zones),
          worn(fit),
          heat,
          CrankSheet.of(piece, place, fit, fields, problems, workings, figures).orElse(null),
          extras.with(fit, piece, place),
          workings.all());
    }

    private String turning() {
      String said = fields.get("turning");
      return List.of("inner", "outer", "both").contains(said)
          ? said
          : place.turning(piece.arrangement());
    }

    private String load() {
      String said = fields.get("load");
      return List.of("light", "heavy").contains(said) ? said : "normal";
    }

    private RingRow ring(Fit fit, boolean inner) {
      Fit.Ring ring = inner ? fit.inner() : fit.outer();
      String title = inner ? "Inner ring on its shaft" : "Outer ring in its housing";
      String text = FitMarks.interference(ring.cold().likely());
      String chance = String.format(Locale.ROOT, "%.0f %%", 100 * ring.tightChance());
      Figure force =
          ring.pressForceN() == 0
              ? null
              : workings.figure(
                  title, FitWorkings.force(fit.input(), inner), kilonewtons(ring.pressForceN()));
      String hot = FitMarks.interference(ring.hot().likely());
      return new RingRow(
          title,
          workings.figure(title, FitWorkings.interference(fit.input(), inner), text),
          workings.figure(title, FitWorkings.chance(fit.input(), inner), chance),
          force,
          workings.figure(title, FitWorkings.hot(fit.input(), inner), hot));
    }

    private Figure letsGo(Fit fit) {
      boolean frees =
          fit.input().housing().material().isLightAlloy() && fit.outer().cold().likely() > 0;
      return frees
          ? workings.figure(
              "",
              FitWorkings.letsGo(fit.input()),
              whole(FitWorkings.letsGo(fit.input()).result().value()) + " °C")
          : null;
    }

    private static String kilonewtons(double n) {
      return String.format(Locale.ROOT, "%.1f kN", n / 1000);
    }

    private static String whole(double value) {
      return String.format(Locale.ROOT, "%.0f", value).replace('-', '−');
    }

    private List<String> forms(Recommendation zones) {
      List<String> forms = new ArrayList<>();
      for (boolean shaft : new boolean[] {true, false}) {
        fields.readings(shaft).ifPresent(r -> forms.add(form(r, shaft, zones)));
      }
      return forms;
    }

    /** Against half the grade of the zone that is recommended, IT6 where there is none. */
    private String form(SeatReadings seat, boolean shaft, Recommendation zones) {
      String zone = zones == null ? "h6" : shaft ? zones.shaft() : zones.housing();
      double nominal = shaft ? place.bearing().boreMm() : place.bearing().outerMm();
      double grade = IsoZone.grade(IsoZone.parse(zone).orElseThrow().grade(), nominal).orElse(13);
      String half = figures.oneDecimal(grade / 2) + " µm, half the grade of " + zone;
      return (shaft ? "Shaft: " : "Housing: ")
          + figures.fine(seat.size().value())
          + " mm; "
          + form("oval", seat.ovalityMm(), seat.keeps(seat.ovalityMm(), grade))
          + ", "
          + form("taper", seat.taperMm(), seat.keeps(seat.taperMm(), grade))
          + " (limit "
          + half
          + ").";
    }

    private String form(String what, double mm, SeatReadings.Form keeps) {
      return Double.isNaN(mm)
          ? what + " not measured: three directions in two planes settle it"
          : what
              + " "
              + figures.oneDecimal(mm * 1000)
              + " µm, "
              + (keeps == SeatReadings.Form.YES
                  ? "in order"
                  : keeps == SeatReadings.Form.NO
                      ? "too much"
                      : "cannot tell: a finer gauge settles it");
    }

    /** Only what was measured is called worn. */
    private List<WornRow> worn(Fit fit) {
      List<WornRow> worn = new ArrayList<>();
      for (boolean shaft : new boolean[] {true, false}) {
        Fit.Ring ring = shaft ? fit.inner() : fit.outer();
        boolean turns = !turning().equals(shaft ? "outer" : "inner");
        if (fields.readings(shaft).isPresent() && turns && ring.cold().likely() < 0) {
          double gap = -ring.cold().likely() / 1000;
          worn.add(
              new WornRow(
                  shaft ? "Shaft" : "Housing", figures.fine(gap) + " mm", WornSeat.of(gap)));
        }
      }
      return worn;
    }
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  /** What the bearing is, in words. */
  public String bearing() {
    return place.bearing().designation() + (place.assumed() ? ", assumed" : "");
  }

  /** The verdict in a line. */
  public String verdict() {
    if (fit == null) {
      return problems.isEmpty()
          ? "Enter both seats: a zone, readings, or how it felt."
          : "Not worked: see the field.";
    }
    String both =
        "Inner "
            + rings.get(0).interference().text()
            + ", outer "
            + rings.get(1).interference().text()
            + ".";
    String creep =
        creeping.isEmpty()
            ? ""
            : "The " + String.join(" and the ", creeping) + " ring would creep. ";
    String pinched = crank != null && crank.pinched() ? "The crank is pinched. " : "";
    return creep
        + pinched
        + fit.verdict()
            .map(v -> clearance(v) + "likely " + running.text() + " running. " + both)
            .orElse(both + " Set the play after fitting.");
  }

  private static String clearance(Fit.Verdict verdict) {
    return switch (verdict) {
      case GOOD -> "Clearance good: ";
      case LOCKS -> "Locks: ";
      case PRELOADED -> "Runs preloaded: ";
      case LOOSE -> "Runs loose: ";
    };
  }

  public boolean isGood() {
    return fit != null
        && creeping.isEmpty()
        && (crank == null || !crank.pinched())
        && fit.verdict().map(v -> v == Fit.Verdict.GOOD).orElse(true);
  }

  public List<Material> materials() {
    return Material.ofSeats();
  }

  /** The material that is chosen, or the usual one where nobody chose. */
  public String material(Workpiece piece, boolean shaft) {
    String said = get((shaft ? "shaft" : "housing") + "-material");
    return !said.isEmpty()
        ? said
        : shaft ? Material.STEEL.id() : FitFields.usualHousing(piece.arrangement()).id();
  }

  public List<Makeshift> makeshifts() {
    return List.of(Makeshift.values());
  }

  public List<Feel> feels() {
    return List.of(Feel.values());
  }

  public List<Instrument> instruments(boolean shaft) {
    return FitFields.instruments(shaft);
  }

  public List<String> groups() {
    return InternalClearances.GROUPS.stream().filter(g -> !g.equals("CM")).toList();
  }

  public boolean asksGroup() {
    return Fit.clearanceKind(place.bearing().family()).isPresent();
  }
}
