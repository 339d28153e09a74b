package unbo.app.setting;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.app.drawing.FanPicture;
import unbo.app.drawing.NoteText;
import unbo.app.drawing.SectionNote;
import unbo.app.drawing.SettingCurve;
import unbo.app.drawing.Sign;
import unbo.app.drawing.WarmBars;
import unbo.app.job.Form;
import unbo.app.job.Marks;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.TurningGroups;
import unbo.core.fit.Material;
import unbo.core.load.WheelLoad;
import unbo.core.measure.Measured;
import unbo.core.measure.Window;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.setting.PairRow;
import unbo.core.setting.SettingDuty;
import unbo.core.setting.SettingLife;
import unbo.core.setting.SettingLife.Hub;
import unbo.core.setting.SettingLife.Mounting;
import unbo.core.setting.SettingLife.Point;
import unbo.core.setting.WarmPlay;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Life and stiffness of a pair against its setting, under the load that its wheel brings.
 *
 * @param moment about the pair's middle; null while the load is missing
 * @param warm what heat does to the play; null while no heat was entered
 * @param warmBars its part along the axis and by the diameters; null with it
 * @param picture null while the load is missing
 * @param lines what it says, sentences
 * @param distance basic rating life at the setting that is shown, km; null while it is not known
 * @param fans load of each element of both rows at that setting; empty while the load is missing
 * @param loads of the rows, beside those of a wider rim, more load, a kerb
 * @param axialN along the axis on the hub, positive to row two
 * @param shownAt the setting that is shown, in words
 */
public record LifePanel(
    Form form,
    FieldProblems problems,
    Figure moment,
    Figure warm,
    WarmBars warmBars,
    SettingCurve picture,
    List<String> lines,
    Figure distance,
    List<FanPicture> fans,
    List<RowLoads> loads,
    double axialN,
    String shownAt,
    List<WorkingView> workings) {

  private static final double FROM_MM = -0.1;
  private static final double TO_MM = 0.4;
  private static final int POINTS = 51;
  private static final double RIM_MM = 200;

  /** Empty where there are no two rows that are set against each other. */
  static Optional<LifePanel> of(Workpiece piece, Form form) {
    return Pair.of(piece).map(p -> new Reader(piece, form, p).read());
  }

  /** Whether a form is the panel's own. */
  static boolean isMeant(Form form) {
    return form.has("life-kg");
  }

  /**
   * On the section: what either row carries, as a fan of its elements' loads, and what pushes the
   * hub along its axis.
   */
  List<SectionNote> notes(Workpiece piece) {
    List<SectionNote> notes = new java.util.ArrayList<>();
    if (loads.isEmpty()) {
      return notes;
    }
    List<BearingPlace> places = piece.arrangement().namedPlaces();
    double[] rows = {loads.get(0).oneN(), loads.get(0).twoN()};
    for (int i = 0; i < rows.length; i++) {
      String part = piece.arrangement().partsOf(places.get(i).id()).get(0).id();
      FanPicture fan = fans.get(i);
      String text =
          String.format(
              Locale.ROOT, "carries %,.0f N on %d of %d", rows[i], fan.carrying(), fan.of());
      notes.add(Marks.note(part, NoteText.of(text)).drawn(fan.small()));
    }
    if (Math.abs(axialN) >= 1) {
      String text = String.format(Locale.ROOT, "side force %,.0f N", Math.abs(axialN));
      notes.add(
          Marks.note(TurningGroups.turningPart(piece.arrangement()).id(), NoteText.of(text))
              .drawn(axialN > 0 ? Sign.PUSH_RIGHT : Sign.PUSH_LEFT));
    }
    return notes;
  }

  public String get(String field) {
    return form.get(field);
  }

  public boolean isEntered() {
    return picture != null || warm != null || !problems.isEmpty();
  }

  /** Two set rows of one arrangement. */
  private record Pair(
      PairRow one,
      PairRow two,
      double spanMm,
      Mounting mounting,
      String oneTitle,
      String twoTitle) {

    static Optional<Pair> of(Workpiece piece) {
      Assembly assembly = piece.assembly();
      List<BearingPlace> places = assembly.arrangement().namedPlaces();
      if (places.size() != 2 || assembly.arrangement().adjustments().isEmpty()) {
        return Optional.empty();
      }
      Optional<PairRow> one = row(assembly, places.get(0));
      Optional<PairRow> two = row(assembly, places.get(1));
      if (one.isEmpty() || two.isEmpty()) {
        return Optional.empty();
      }
      double span =
          assembly.valueOf(places.get(1).id() + ".middle")
              - assembly.valueOf(places.get(0).id() + ".middle");
      return span <= 0
          ? Optional.empty()
          : Optional.of(
              new Pair(
                  one.get(),
                  two.get(),
                  span,
                  places.get(0).facingRight() ? Mounting.BACK_TO_BACK : Mounting.FACE_TO_FACE,
                  places.get(0).id().replace('-', ' '),
                  places.get(1).id().replace('-', ' ')));
    }

    private static Optional<PairRow> row(Assembly assembly, BearingPlace place) {
      return assembly
          .bearingAt(place.id())
          .filter(b -> b.isTaper() || b.family().id().equals("angular-contact-ball"))
          .flatMap(b -> BearingPortrait.of(b).inside())
          .map(Pair::row);
    }

    private static PairRow row(InternalGeometry in) {
      double angle = in.contactAngleDeg().orElse(in.lengthMm().isPresent() ? 14 : 25);
      return new PairRow(in.perRow(), in.elementMm(), in.lengthMm().orElse(0), angle, in.pitchMm());
    }
  }

  /** One panel being read. */
  private static final class Reader {
    private final Workpiece piece;
    private final Form form;
    private final Pair pair;
    private final FieldProblems problems = new FieldProblems();
    private final Workings workings = new Workings("life");

    Reader(Workpiece piece, Form form, Pair pair) {
      this.piece = piece;
      this.form = form;
      this.pair = pair;
    }

    LifePanel read() {
      Optional<Double> kg = number("life-kg", 1, 20_000);
      double radius = number("life-radius", 20, 1000).orElse(300.0);
      // With its top leaning in, the tyre meets the road further out than the wheel's plane.
      double camber = number("life-camber", -10, 10).orElse(0.0);
      double offset =
          number("life-offset", -300, 300).orElse(0.0) - radius * Math.tan(Math.toRadians(camber));
      double side = number("life-side", 0, 1.5).orElse(0.0);
      Optional<WarmPlay> warm = warm();
      Figure warmth = warm.map(w -> workings.figure("", w.change(), said(w))).orElse(null);
      if (kg.isEmpty() || !problems.isEmpty()) {
        return nothing(warmth, warm);
      }
      boolean outside = !get("life-bend").equals("inside");
      WheelLoad load = WheelLoad.of(kg.get() * WheelLoad.G, 0, offset, radius, side, outside);
      Optional<Measured> measured = measured();
      double at =
          number("life-at", FROM_MM, TO_MM).or(() -> measured.map(Measured::value)).orElse(0.0);
      RowLoads.Wheel wheel =
          new RowLoads.Wheel(kg.get() * WheelLoad.G, offset, radius, side, outside, at);
      Optional<SettingDuty> shares = new LifeDuty(form, problems).of(wheel, this::hub);
      if (!problems.isEmpty()) {
        return nothing(warmth, warm);
      }
      Hub hub = hub(load);
      SettingDuty duty = shares.orElseGet(() -> SettingDuty.of(hub));
      List<Point> curve = duty.curve(FROM_MM, TO_MM, POINTS);
      Window window = window();
      Figure moment =
          workings.figure(
              "",
              load.moment(),
              String.format(Locale.ROOT, "%.0f Nm", load.moment().result().value())
                  .replace('-', '−'));
      return new LifePanel(
          form,
          problems,
          moment,
          warmth,
          warm.map(WarmBars::of).orElse(null),
          SettingCurve.of(
              curve,
              window,
              measured.map(m -> List.of(m.least(), m.value(), m.most())).orElse(List.of()),
              at,
              warm.map(w -> OptionalDouble.of(w.change().result().value()))
                  .orElse(OptionalDouble.empty())),
          lines(hub, curve, window, measured),
          distance(duty, at, radius),
          FanPicture.of(List.of(pair.oneTitle, pair.twoTitle), SettingLife.elements(hub, at)),
          RowLoads.of(wheel, this::hub, workings),
          load.axialN(),
          String.format(Locale.ROOT, "%.2f mm", at).replace('-', '−'),
          workings.all());
    }

    private LifePanel nothing(Figure warmth, Optional<WarmPlay> warm) {
      return new LifePanel(
          form,
          problems,
          null,
          warmth,
          warm.map(WarmBars::of).orElse(null),
          null,
          List.of(),
          null,
          List.of(),
          List.of(),
          0,
          "",
          workings.all());
    }

    /** Basic rating life at a setting as distance; null where the rows have no rating. */
    private Figure distance(SettingDuty duty, double at, double radius) {
      OptionalDouble turns = duty.millionTurns(at);
      if (turns.isEmpty()) {
        return null;
      }
      Working km =
          Working.of(
              Formula.of(
                  "Basic rating life as distance",
                  "km",
                  "D = 2·π·r·L",
                  v -> 2 * Math.PI * v.get("r") * v.get("L"),
                  "ISO 281; ratings of the rows from what is inside them.",
                  "Clean, well greased, one load: for comparing settings, never a promise."),
              List.of(
                  Input.of(
                      "L",
                      "life of the pair",
                      turns.getAsDouble(),
                      0.5 * turns.getAsDouble(),
                      "million turns",
                      Origin.computed(
                          "equilibrium of the rows; ± half, our own, for ratings that are estimated")),
                  Input.exact("r", "radius of the tyre", radius, "mm", Origin.entered("wheel"))));
      double value = km.result().value();
      double step = Math.pow(10, Math.floor(Math.log10(value)) - 1);
      return workings.figure(
          "", km, String.format(Locale.ROOT, "%,.0f km", Math.round(value / step) * step));
    }

    /** What the rise of axle and hub since the setting does to the play. */
    private Optional<WarmPlay> warm() {
      Optional<Double> axle = number("life-axle-warm", -60, 150);
      Optional<Double> hub = number("life-hub-warm", -60, 150);
      if (axle.isEmpty() && hub.isEmpty()) {
        return Optional.empty();
      }
      double cot =
          pair.one.meanMm() / 2 / Math.tan(Math.toRadians(pair.one.angleDeg()))
              + pair.two.meanMm() / 2 / Math.tan(Math.toRadians(pair.two.angleDeg()));
      Material ofHub =
          Material.withId(piece.arrangement().fact("housing-material")).orElse(Material.STEEL);
      return Optional.of(
          WarmPlay.of(
              pair.spanMm,
              cot,
              axle.orElse(0.0),
              hub.orElse(0.0),
              Material.STEEL,
              ofHub,
              pair.mounting));
    }

    private static String said(WarmPlay warm) {
      return String.format(
              Locale.ROOT,
              "%+.3f mm (%+.3f mm along the axis, %+.3f mm by the diameters)",
              warm.change().result().value(),
              warm.axialMm(),
              warm.radialMm())
          .replace('-', '−');
    }

    private Hub hub(WheelLoad load) {
      double plane = pair.spanMm / 2 + load.planeMm();
      double moment = 0.05 * load.radialN() * pair.spanMm / 1000;
      return new Hub(
          pair.one,
          pair.two,
          pair.spanMm,
          plane,
          load.radialN(),
          load.axialN(),
          pair.mounting,
          moment);
    }

    /** The dialled setting, as the record has it. */
    private Optional<Measured> measured() {
      SetRecord record = SettingResults.record(piece);
      Optional<Measured> dialled =
          record
              .endPlay(Stage.PINNED)
              .or(() -> record.endPlay(Stage.FIRST))
              .map(unbo.core.measure.Readings::result);
      return dialled.or(
          () ->
              record.general().values().stream()
                  .filter(s -> s.unit().equals("mm"))
                  .flatMap(s -> s.measured().stream())
                  .map(unbo.core.measure.Readings::result)
                  .findFirst());
    }

    private Window window() {
      SetRecord record = SettingResults.record(piece);
      return piece.arrangement().isSetByNutPosition()
          ? record.nut().window()
          : record.general().values().stream()
              .filter(s -> s.unit().equals("mm"))
              .flatMap(s -> s.window().stream())
              .findFirst()
              .orElse(null);
    }

    private List<String> lines(
        Hub hub, List<Point> curve, Window window, Optional<Measured> measured) {
      List<String> lines = new java.util.ArrayList<>();
      if (window != null) {
        lines.add(
            "Across the limits: "
                + said(hub, window.from())
                + " at the lower end, "
                + said(hub, window.to())
                + " at the upper.");
      }
      measured.ifPresent(
          m ->
              lines.add(
                  "As measured: "
                      + said(hub, m.value())
                      + String.format(
                          Locale.ROOT,
                          ", %.0f %% of its elements carry.",
                          100 * SettingLife.at(hub, m.value()).loadZone())));
      lines.add(cliff(curve));
      return List.copyOf(lines);
    }

    /** Where preload has taken half of the life that is there with nothing. */
    private static String cliff(List<Point> curve) {
      return curve.stream()
          .filter(p -> p.settingMm() < 0 && p.relativeLife() < 0.5)
          .max(java.util.Comparator.comparingDouble(Point::settingMm))
          .map(
              p ->
                  String.format(
                      Locale.ROOT,
                      "With %.2f mm of preload half of the life is gone; a dial’s error and the drift of heat are 0.01 to 0.02 mm. The peak is never a target: that cliff stands beside it.",
                      -p.settingMm()))
          .orElse(
              "Under this load the cliff lies beyond 0.1 mm of preload. The peak is never a target.");
    }

    /** Life against that at nothing, and how much further the wheel tips than there. */
    private static String said(Hub hub, double setting) {
      Point p = SettingLife.at(hub, setting);
      double more = Math.abs(p.tiltMrad() - SettingLife.at(hub, 0).tiltMrad()) / 1000 * RIM_MM;
      return String.format(
          Locale.ROOT,
          "%.2f of the life, the wheel tips %.2f mm more at %.0f mm from the axle, %.2f° of camber; toe gives as much for the same moment",
          p.relativeLife(),
          more,
          RIM_MM,
          Math.toDegrees(more / RIM_MM));
    }

    private String get(String field) {
      return form.get(field).strip();
    }

    private Optional<Double> number(String field, double least, double most) {
      return NumberField.read(field, get(field), least, most, problems);
    }
  }
}
