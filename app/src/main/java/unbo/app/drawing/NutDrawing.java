package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import unbo.core.measure.Verdict;
import unbo.core.setting.NutLock;
import unbo.core.setting.NutPosition;
import unbo.core.setting.NutSetting;

/**
 * The castle nut as it looks from the end, inside a dial of end play. Angles are true: the dial's
 * full turn is one pitch, the window a thick arc around three o'clock, each hole a tick; turning
 * the nut clockwise (tightening a right-hand thread) moves along the dial clockwise, to less play.
 *
 * @param size width of the view box
 * @param hexagon path of the flats
 * @param slots paths of the slots
 * @param holeLines the hole lines through the spindle, lettered
 * @param windowArc path of the window
 * @param dialArc path of the dial
 * @param ticks a tick for each hole near the window
 * @param hidden how many further holes are not shown
 */
public record NutDrawing(
    double size,
    String hexagon,
    List<String> slots,
    List<HoleLine> holeLines,
    String windowArc,
    String dialArc,
    List<Tick> ticks,
    int hidden) {

  private static final double SIZE = 300;
  private static final double CENTRE_X = 112;
  private static final double CENTRE_Y = 114;
  private static final double FLATS = 78;
  private static final double CROWN = 66;
  private static final double SPINDLE = 44;
  private static final double DIAL = 100;
  private static final double TEXT = 118;

  /** Ticks beyond this angle either side of the window are left out. */
  private static final double MOST_DEGREES = 80;

  private static final double LEAST_DEGREES_APART = 9;

  /** A hole line through the spindle end. */
  public record HoleLine(String letter, String path, double x, double y, boolean used) {}

  /** A hole on the dial. */
  public record Tick(
      String path,
      double x,
      double y,
      String anchor,
      String text,
      boolean chosen,
      Verdict inWindow,
      int steps) {}

  /**
   * Draws a solved nut.
   *
   * @param pitchMm thread pitch, one turn of the dial
   * @param shownSteps the hole at which the nut is drawn
   */
  public static NutDrawing of(NutSetting setting, NutLock lock, double pitchMm, int shownSteps) {
    Dial dial = new Dial(setting.windowMm().middle(), pitchMm);
    List<NutPosition> near =
        setting.reachable().stream().filter(p -> dial.shows(p.endPlayMm().value())).toList();
    List<NutPosition> shown = thinned(near, setting.stepMm() / pitchMm * 360, shownSteps);
    double turned = 360.0 * shownSteps / lock.positionsPerTurn();
    return new NutDrawing(
        SIZE,
        polygon(turned),
        slots(lock, turned),
        holeLines(lock, lock.lineAfter(shownSteps)),
        arc(DIAL, dial.degrees(setting.windowMm().to()), dial.degrees(setting.windowMm().from())),
        arc(DIAL, -MOST_DEGREES, MOST_DEGREES),
        shown.stream().map(p -> tick(p, dial, p.steps() == shownSteps)).toList(),
        setting.reachable().size() - shown.size());
  }

  /** Drops ticks that would stand too close, never the one in use nor one inside. */
  private static List<NutPosition> thinned(
      List<NutPosition> places, double degreesApart, int keep) {
    int every = (int) Math.max(1, Math.ceil(LEAST_DEGREES_APART / degreesApart));
    return places.stream().filter(p -> Math.floorMod(p.steps() - keep, every) == 0).toList();
  }

  private record Dial(double middleMm, double pitchMm) {
    double degrees(double playMm) {
      return (middleMm - playMm) / pitchMm * 360;
    }

    boolean shows(double playMm) {
      return Math.abs(degrees(playMm)) <= MOST_DEGREES;
    }
  }

  private static Tick tick(NutPosition place, Dial dial, boolean chosen) {
    double degrees = dial.degrees(place.endPlayMm().value());
    Spot text = polar(TEXT, degrees);
    String path = Spot.line(polar(DIAL - (chosen ? 16 : 9), degrees), polar(DIAL + 11, degrees));
    String label =
        String.format(Locale.ROOT, "%.3f", place.endPlayMm().value() + 0.0).replace('-', '−');
    return new Tick(
        path, text.x(), text.y() + 5, "start", label, chosen, place.inWindow(), place.steps());
  }

  private static String polygon(double turned) {
    return IntStream.range(0, 6)
        .mapToObj(i -> polar(FLATS / Math.cos(Math.PI / 6), turned + 60 * i).pair())
        .collect(Collectors.joining(" L", "M", "Z"));
  }

  /** Slots at the top when nothing is turned, clockwise from there. */
  private static List<String> slots(NutLock lock, double turned) {
    List<String> paths = new ArrayList<>();
    for (int k = 0; k < lock.slots(); k++) {
      double middle = -90 + turned + 360.0 * k / lock.slots();
      double half = Math.min(8, 90.0 / Math.max(1, lock.slots()));
      Spot a = polar(SPINDLE + 2, middle - half * 1.3);
      Spot b = polar(CROWN, middle - half);
      Spot c = polar(CROWN, middle + half);
      Spot d = polar(SPINDLE + 2, middle + half * 1.3);
      paths.add(Spot.line(a, b, c, d) + "Z");
    }
    return paths;
  }

  private static List<HoleLine> holeLines(NutLock lock, int used) {
    List<HoleLine> lines = new ArrayList<>();
    for (int line = 0; line < lock.holeLines(); line++) {
      double degrees = -90 + 180.0 * line / lock.holeLines();
      Spot letter = polar(SPINDLE - 13, degrees + 24);
      String path = Spot.line(polar(SPINDLE, degrees), polar(SPINDLE, degrees + 180));
      lines.add(
          new HoleLine(
              String.valueOf((char) ('A' + line)), path, letter.x(), letter.y() + 5, line == used));
    }
    return lines;
  }

  private static String arc(double radius, double fromDegrees, double toDegrees) {
    boolean large = Math.abs(toDegrees - fromDegrees) > 180;
    return "M"
        + polar(radius, fromDegrees).pair()
        + " A"
        + Spot.number(radius)
        + " "
        + Spot.number(radius)
        + " 0 "
        + (large ? 1 : 0)
        + " 1 "
        + polar(radius, toDegrees).pair();
  }

  /** Degrees clockwise from three o'clock. */
  private static Spot polar(double radius, double degrees) {
    double angle = Math.toRadians(degrees);
    return new Spot(CENTRE_X + radius * Math.cos(angle), CENTRE_Y + radius * Math.sin(angle));
  }

  public double height() {
    return 2 * CENTRE_Y;
  }

  public double centreX() {
    return CENTRE_X;
  }

  public double centreY() {
    return CENTRE_Y;
  }

  public double crownRadius() {
    return CROWN;
  }

  public double spindleRadius() {
    return SPINDLE;
  }
}
