package unbo.app.drawing;

import unbo.core.measure.RunOut;

/**
 * Run-out as a polar trace: the mark at the top, angles clockwise in the sense of turning, readings
 * far enlarged against the radius, the fitted sine beside them.
 *
 * @param trace path through the readings
 * @param sine path of the fitted once-per-turn sine
 * @param high the high spot of the sine
 * @param spike where most is left over
 * @param magnified how many units a hundredth of a millimetre is drawn
 */
public record PolarTrace(
    String trace, String sine, Spot high, Spot highLabel, Spot spike, double magnified) {

  /** Side of the square that it stands in. */
  public static final double SIZE = 240;

  /** Radius of the circle of the mean. */
  public static final double MEAN = 72;

  private static final double SWING = 26;
  private static final double LEAST_MM = 0.01;

  /** Draws a fitted trace. */
  public static PolarTrace of(RunOut runOut) {
    double scale = SWING / Math.max(LEAST_MM, runOut.totalMm() / 2);
    double mean = runOut.readingsMm().stream().mapToDouble(v -> v).average().orElseThrow();
    int n = runOut.readingsMm().size();
    StringBuilder trace = new StringBuilder();
    for (int i = 0; i < n; i++) {
      trace
          .append(i == 0 ? "M" : " L")
          .append(at(360.0 * i / n, (runOut.readingsMm().get(i) - mean) * scale).pair());
    }
    StringBuilder sine = new StringBuilder();
    for (int degrees = 0; degrees < 360; degrees += 5) {
      sine.append(degrees == 0 ? "M" : " L")
          .append(at(degrees, (runOut.fittedMm(degrees) - mean) * scale).pair());
    }
    double spike = runOut.spikeDeg();
    double reading = runOut.readingsMm().get((int) Math.round(spike * n / 360) % n);
    return new PolarTrace(
        trace + " Z",
        sine + " Z",
        at(runOut.highSpotDeg(), runOut.sineMm() * scale),
        at(runOut.highSpotDeg(), SWING + 14),
        at(spike, (reading - mean) * scale),
        scale / 100);
  }

  private static Spot at(double degrees, double outMm) {
    double angle = Math.toRadians(degrees);
    double radius = MEAN + outMm;
    return new Spot(SIZE / 2 + radius * Math.sin(angle), SIZE / 2 - radius * Math.cos(angle));
  }

  public double size() {
    return SIZE;
  }

  public double mean() {
    return MEAN;
  }
}
