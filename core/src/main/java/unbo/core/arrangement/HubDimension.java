package unbo.core.arrangement;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import unbo.core.units.Length;
import unbo.core.units.Problem;

/** The dimensions of a hub and its spindle that are not the bearings' own, in millimetres. */
public enum HubDimension {
  SEAL_SEAT(HubPart.SPINDLE, "Seal seat, diameter", 10, 200),
  INBOARD_SEAT(HubPart.SPINDLE, "Inboard cone seat, diameter", 8, 120),
  OUTBOARD_SEAT(HubPart.SPINDLE, "Outboard cone seat, diameter", 8, 120),
  SEAL_OUTSIDE(HubPart.SEAL, "Outside diameter", 16, 300),
  SEAL_WIDTH(HubPart.SEAL, "Width", 3, 30),
  INBOARD_BORE(HubPart.HUB, "Inboard cup bore", 16, 260),
  OUTBOARD_BORE(HubPart.HUB, "Outboard cup bore", 16, 260),
  SHOULDER_DISTANCE(HubPart.HUB, "Between cup shoulders", 1, 300),
  BARREL_OUTSIDE(HubPart.HUB, "Barrel outside diameter", 20, 360),
  FLANGE_OUTSIDE(HubPart.HUB, "Flange diameter", 40, 500),
  FLANGE_THICKNESS(HubPart.HUB, "Flange thickness", 3, 60),
  WASHER_OUTSIDE(HubPart.WASHER, "Outside diameter", 10, 160),
  WASHER_THICKNESS(HubPart.WASHER, "Thickness", 0.5, 20),
  NUT_HEIGHT(HubPart.NUT, "Height over all", 4, 80),
  NUT_ACROSS_FLATS(HubPart.NUT, "Across flats", 8, 180),
  CAP_LENGTH(HubPart.CAP, "Length beyond the hub", 4, 120);

  private final HubPart part;
  private final String label;
  private final double least;
  private final double most;

  HubDimension(HubPart part, String label, double least, double most) {
    this.part = part;
    this.label = label;
    this.least = least;
    this.most = most;
  }

  public HubPart part() {
    return part;
  }

  public String label() {
    return label;
  }

  public static List<HubDimension> of(HubPart part) {
    return Arrays.stream(values()).filter(d -> d.part == part).toList();
  }

  /** Why a length is not taken for this dimension, if so. */
  public Optional<Problem> problemWith(Length length) {
    double mm = length.millimetres();
    if (mm >= least && mm <= most) {
      return Optional.empty();
    }
    return Optional.of(
        new Problem(
            plain(mm) + " mm",
            mm <= 0 ? "A size must be over zero." : "That is outside what this part can be.",
            "Taken are " + plain(least) + " to " + plain(most) + " mm."));
  }

  static String plain(double value) {
    double rounded = Math.round(value * 1000) / 1000.0;
    return rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded);
  }
}
