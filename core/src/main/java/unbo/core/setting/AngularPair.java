package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Two single-row angular contact ball bearings side by side. The lines of contact meet the axis at
 * a = (B + dm·tan α)/2 from the wide face of the outer ring; how far these points of a pair lie
 * apart decides how stiff it is against tilt. Source: geometry; DB, DF and DT as in the general
 * catalogues of the trade and ISO 15:2017 for the sizes. Limits: equal bearings, unloaded angle.
 */
public enum AngularPair {
  DB(
      "DB",
      "back to back, O",
      "Lines of contact run apart: wide base, stiff against tilt, load both ways. A warmer shaft tightens it, though less than face to face: its length works against it."),
  DF(
      "DF",
      "face to face, X",
      "Lines of contact run together: narrow base, forgives a tilted or bent seat, load both ways. A warmer shaft tightens it most."),
  DT(
      "DT",
      "one behind the other, tandem",
      "Both carry load one way and share it; nothing the other way: a third bearing has to hold against it.");

  private final String id;
  private final String title;
  private final String about;

  AngularPair(String id, String title, String about) {
    this.id = id;
    this.title = title;
    this.about = about;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  public String about() {
    return about;
  }

  /**
   * What is asked of a position.
   *
   * @param tilts whether a moment tilts it: a wheel, a pulley, an overhung gear
   * @param bent whether its seats are not in line, or its shaft bends
   * @param oneWay whether nearly all load along the axis goes one way and is too much for one
   */
  public record Asked(boolean tilts, boolean bent, boolean oneWay) {}

  /** What suits, the best first, each with its reason. */
  public record Choice(AngularPair pair, String why) {}

  /** Ranks the three. */
  public static List<Choice> choose(Asked asked) {
    List<Choice> choices = new ArrayList<>();
    if (asked.oneWay()) {
      choices.add(
          new Choice(
              DT,
              "The load along the axis goes one way and two share it; set it against a third bearing."));
    }
    Choice back =
        new Choice(
            DB,
            asked.bent()
                ? "Stiff, but a seat out of line loads its edges: true the seats first."
                : "The usual one: stiff against tilt, load both ways.");
    Choice face =
        new Choice(
            DF,
            asked.tilts()
                ? "Gives way to tilt on its narrow base: only where seats cannot be had in line."
                : "Forgives seats that are not in line.");
    boolean faceFirst = asked.bent() && !asked.tilts();
    choices.add(faceFirst ? face : back);
    choices.add(faceFirst ? back : face);
    if (!asked.oneWay()) {
      choices.add(new Choice(DT, "Holds nothing the other way: not where load comes both ways."));
    }
    return List.copyOf(choices);
  }

  /**
   * How far the points lie apart where the lines of contact meet the axis, mm.
   *
   * @param widthMm of one bearing, over 0
   * @param pitchMm diameter of the circle of balls, over 0
   * @param angleDeg of contact, over 0, under 60
   * @throws IllegalArgumentException for what is no such bearing
   */
  public Working base(double widthMm, double pitchMm, double angleDeg) {
    boolean can = widthMm > 0 && pitchMm > 0 && angleDeg > 0 && angleDeg < 60;
    if (!can) {
      throw new IllegalArgumentException("Not an angular contact bearing");
    }
    return Working.of(
        Formula.of(
                "Base of the pair",
                "mm",
                switch (this) {
                  case DB -> "S = B + dm·tan α";
                  case DF -> "S = |dm·tan α − B|";
                  case DT -> "S = B";
                },
                v ->
                    switch (this) {
                      case DB -> v.get("B") + arm(v.get("dm"), v.get("α"));
                      case DF -> Math.abs(arm(v.get("dm"), v.get("α")) - v.get("B"));
                      case DT -> v.get("B");
                    },
                "Geometry of the lines of contact.",
                "Two equal bearings that touch; the angle unloaded.")
            .by(
                "each from its wide face",
                "mm",
                v -> (v.get("B") + arm(v.get("dm"), v.get("α"))) / 2),
        List.of(
            Input.exact("B", "width of one", widthMm, "mm", Origin.table("sizes")),
            Input.of(
                "dm",
                "circle of the balls",
                pitchMm,
                0.02 * pitchMm,
                "mm",
                Origin.assumed("middle of bore and outside")),
            Input.of("α", "angle of contact", angleDeg, 2, "°", Origin.assumed("as marked"))));
  }

  private static double arm(double pitch, double angleDeg) {
    return pitch * Math.tan(Math.toRadians(angleDeg));
  }
}
