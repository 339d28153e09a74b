package unbo.core.arrangement;

import java.util.EnumMap;
import java.util.Map;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.TaperGeometry;
import unbo.core.setting.SpindleThread;

/**
 * Arrangement A1: a taper pair back to back, cups pressed in a rotating hub, cones on a fixed
 * spindle, castle nut and split pin. Dimensions that nobody measured take defaults that follow from
 * the bearings and the thread; they are drawn dashed and called <em>assumed</em>.
 *
 * @param inboard the bearing at the seal
 * @param outboard the bearing at the nut
 * @param thread the spindle thread
 * @param measured the dimensions that somebody measured
 */
public record TaperHub(
    Bearing inboard, Bearing outboard, SpindleThread thread, Map<HubDimension, Double> measured) {

  /** Wall left outside the larger of cup and seal; an ordinary casting. */
  private static final double BARREL_WALL_MM = 9;

  public TaperHub {
    measured = Map.copyOf(measured);
    if (!inboard.isTaper() || !outboard.isTaper()) {
      throw new IllegalArgumentException("Arrangement A1 takes tapers only");
    }
  }

  /**
   * The thread drawn while nobody has measured it: a little under the outboard bore, fine pitch.
   */
  public static SpindleThread assumedThread(Bearing outboard) {
    double diameter = Math.max(6, Math.floor(outboard.boreMm()) - 2);
    return new SpindleThread(diameter, 1.5, "M" + (long) diameter + "×1.5");
  }

  public boolean isAssumed(HubDimension dimension) {
    return !measured.containsKey(dimension);
  }

  /** The measured value of a dimension, or its default, in millimetres. */
  public double get(HubDimension dimension) {
    Double value = measured.get(dimension);
    return value != null ? value : defaultOf(dimension);
  }

  /** All dimensions with their values. */
  public Map<HubDimension, Double> dimensions() {
    Map<HubDimension, Double> all = new EnumMap<>(HubDimension.class);
    for (HubDimension dimension : HubDimension.values()) {
      all.put(dimension, get(dimension));
    }
    return all;
  }

  /** Where the outboard cone's back face stands when there is no play. */
  public double outboardFaceMm() {
    return inboard.widthMm() + get(HubDimension.SHOULDER_DISTANCE) + outboard.widthMm();
  }

  /** Distance of the two effective centres, from estimated internal geometry. */
  public double effectiveCentresMm() {
    return outboardFaceMm()
        - TaperGeometry.estimate(inboard).effectiveCentreMm()
        - TaperGeometry.estimate(outboard).effectiveCentreMm();
  }

  /** Mean contact angle of the two rows, in degrees. */
  public double meanContactAngleDeg() {
    return (TaperGeometry.estimate(inboard).contactAngleDeg()
            + TaperGeometry.estimate(outboard).contactAngleDeg())
        / 2;
  }

  public TaperHub withInboard(Bearing bearing) {
    return new TaperHub(bearing, outboard, thread, measured);
  }

  public TaperHub withOutboard(Bearing bearing) {
    return new TaperHub(inboard, bearing, thread, measured);
  }

  private double defaultOf(HubDimension dimension) {
    return switch (dimension) {
      case SEAL_SEAT -> inboard.boreMm() + 8;
      case INBOARD_SEAT -> inboard.boreMm();
      case OUTBOARD_SEAT -> outboard.boreMm();
      case SEAL_OUTSIDE -> inboard.outerMm() + 2;
      case SEAL_WIDTH -> 8;
      case INBOARD_BORE -> inboard.outerMm();
      case OUTBOARD_BORE -> outboard.outerMm();
      case SHOULDER_DISTANCE -> Math.max(20, inboard.outerMm() * 0.55);
      case BARREL_OUTSIDE -> widestBore() + 2 * BARREL_WALL_MM;
      case FLANGE_OUTSIDE -> get(HubDimension.BARREL_OUTSIDE) + 60;
      case FLANGE_THICKNESS -> 10;
      case WASHER_OUTSIDE -> Math.min(outboard.boreMm() + 14, outboard.outerMm() - 8);
      case WASHER_THICKNESS -> 3.5;
      // ISO 4032 proportions: across flats 1.5 d; a castle nut is about 0.95 d high (DIN 935).
      case NUT_HEIGHT -> Math.round(0.95 * thread.diameterMm());
      case NUT_ACROSS_FLATS -> Math.round(1.5 * thread.diameterMm());
      case CAP_LENGTH -> get(HubDimension.WASHER_THICKNESS) + get(HubDimension.NUT_HEIGHT) + 4;
    };
  }

  private double widestBore() {
    return Math.max(
        get(HubDimension.SEAL_OUTSIDE), Math.max(inboard.outerMm(), outboard.outerMm()));
  }
}
