package unbo.core.arrangement;

import static unbo.core.arrangement.HubDimension.*;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.core.arrangement.Section.StackProblem;

/**
 * What cannot be in a taper hub, said at the part. A difference under 0.15 mm between a ring and
 * its seat is a matter of fits and is not judged here.
 */
final class StackCheck {

  private static final double FIT_MATTERS_MM = 0.15;
  private static final double CAP_CLEARANCE_MM = 1;

  private final TaperHub hub;
  private final List<StackProblem> problems = new ArrayList<>();

  private StackCheck(TaperHub hub) {
    this.hub = hub;
  }

  static List<StackProblem> of(TaperHub hub) {
    StackCheck check = new StackCheck(hub);
    check.seats();
    check.spindle();
    check.seal();
    check.nutEnd();
    return List.copyOf(check.problems);
  }

  private void seats() {
    differ(HubPart.INBOARD_CONE, "cone bore", hub.inboard().boreMm(), "spindle seat", INBOARD_SEAT);
    differ(
        HubPart.OUTBOARD_CONE, "cone bore", hub.outboard().boreMm(), "spindle seat", OUTBOARD_SEAT);
    differ(HubPart.INBOARD_CUP, "cup outside", hub.inboard().outerMm(), "hub bore", INBOARD_BORE);
    differ(
        HubPart.OUTBOARD_CUP, "cup outside", hub.outboard().outerMm(), "hub bore", OUTBOARD_BORE);
  }

  private void differ(HubPart part, String ring, double size, String seat, HubDimension dimension) {
    double difference = size - hub.get(dimension);
    if (Math.abs(difference) > FIT_MATTERS_MM) {
      add(
          part,
          "The %s is %s mm, the %s measures %s: it does not go on. Read the number again or measure the seat again.",
          ring,
          plain(size),
          seat,
          plain(hub.get(dimension)));
    }
  }

  private void spindle() {
    if (hub.get(SEAL_SEAT) <= hub.inboard().boreMm() + 1) {
      add(
          HubPart.SPINDLE,
          "The seal seat of %s mm leaves no shoulder for a cone of %s mm bore.",
          plain(hub.get(SEAL_SEAT)),
          plain(hub.inboard().boreMm()));
    }
    if (hub.outboard().boreMm() > hub.inboard().boreMm()) {
      add(
          HubPart.OUTBOARD_CONE,
          "The outboard bore of %s mm is greater than the inboard one of %s: the inboard cone would not pass the spindle.",
          plain(hub.outboard().boreMm()),
          plain(hub.inboard().boreMm()));
    }
    if (hub.thread().diameterMm() > hub.outboard().boreMm() + 0.05) {
      add(
          HubPart.NUT,
          "The thread of %s mm does not pass the outboard cone of %s mm bore.",
          plain(hub.thread().diameterMm()),
          plain(hub.outboard().boreMm()));
    }
  }

  private void seal() {
    if (hub.get(SEAL_OUTSIDE) < hub.inboard().outerMm() - FIT_MATTERS_MM) {
      add(
          HubPart.SEAL,
          "A seal bore of %s mm lets no cup of %s mm through.",
          plain(hub.get(SEAL_OUTSIDE)),
          plain(hub.inboard().outerMm()));
    }
    if (hub.get(SEAL_OUTSIDE) <= hub.get(SEAL_SEAT) + 4) {
      add(
          HubPart.SEAL,
          "Between seat %s and outside %s mm there is no room for a lip.",
          plain(hub.get(SEAL_SEAT)),
          plain(hub.get(SEAL_OUTSIDE)));
    }
    double widest = Math.max(hub.inboard().outerMm(), hub.get(SEAL_OUTSIDE));
    if (hub.get(BARREL_OUTSIDE) < widest + 4) {
      add(
          HubPart.HUB,
          "A barrel of %s mm has no wall left over a bore of %s mm.",
          plain(hub.get(BARREL_OUTSIDE)),
          plain(widest));
    }
    if (hub.get(FLANGE_OUTSIDE) <= hub.get(BARREL_OUTSIDE)) {
      add(
          HubPart.HUB,
          "A flange of %s mm does not stand out from a barrel of %s mm.",
          plain(hub.get(FLANGE_OUTSIDE)),
          plain(hub.get(BARREL_OUTSIDE)));
    }
  }

  private void nutEnd() {
    double insideCap = hub.get(OUTBOARD_BORE) - 2.4;
    if (hub.get(WASHER_OUTSIDE) <= hub.thread().diameterMm()) {
      add(
          HubPart.WASHER,
          "A washer of %s mm does not go over a thread of %s mm.",
          plain(hub.get(WASHER_OUTSIDE)),
          plain(hub.thread().diameterMm()));
    }
    if (hub.get(WASHER_OUTSIDE) > insideCap - 2 * CAP_CLEARANCE_MM) {
      add(
          HubPart.WASHER,
          "The washer of %s mm stands still and would rub the cap, %s mm inside.",
          plain(hub.get(WASHER_OUTSIDE)),
          plain(insideCap));
    }
    double corners = hub.get(NUT_ACROSS_FLATS) / Math.cos(Math.PI / 6);
    if (corners > insideCap - 2 * CAP_CLEARANCE_MM) {
      add(
          HubPart.NUT,
          "The nut is %s mm over its corners, stands still and would rub the cap, %s mm inside.",
          plain(corners),
          plain(insideCap));
    }
    if (hub.get(NUT_ACROSS_FLATS) <= hub.thread().diameterMm() + 2) {
      add(
          HubPart.NUT,
          "Across flats %s mm leaves no wall over a thread of %s mm.",
          plain(hub.get(NUT_ACROSS_FLATS)),
          plain(hub.thread().diameterMm()));
    }
    // The hub reaches 7 mm beyond the cone's face; the cap's depth counts from there.
    double room = 7 + hub.get(CAP_LENGTH) - 1.2 - CAP_CLEARANCE_MM;
    double needed = hub.get(WASHER_THICKNESS) + hub.get(NUT_HEIGHT) + 2;
    if (needed > room) {
      add(
          HubPart.CAP,
          "Washer, nut and spindle end need %s mm, the cap leaves %s: it would touch.",
          plain(needed),
          plain(room));
    }
  }

  private void add(HubPart part, String text, Object... values) {
    problems.add(new StackProblem(part, String.format(Locale.ROOT, text, values)));
  }

  private static String plain(double value) {
    return HubDimension.plain(Math.round(value * 100) / 100.0);
  }
}
