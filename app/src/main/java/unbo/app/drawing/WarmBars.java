package unbo.app.drawing;

import java.util.Locale;
import unbo.core.setting.WarmPlay;

/**
 * What heat does to the play, its two parts apart: bars from the middle, play to the right.
 *
 * @param axialX left end of the bar of the lengths
 * @param axialWide its length
 * @param radialX the same of the diameters
 */
public record WarmBars(
    double axialX,
    double axialWide,
    double radialX,
    double radialWide,
    String axial,
    String radial) {

  private static final double MIDDLE = 150;
  private static final double LONGEST = 110;

  /** Draws it. */
  public static WarmBars of(WarmPlay warm) {
    double most = Math.max(1e-6, Math.max(Math.abs(warm.axialMm()), Math.abs(warm.radialMm())));
    double axial = LONGEST * warm.axialMm() / most;
    double radial = LONGEST * warm.radialMm() / most;
    return new WarmBars(
        MIDDLE + Math.min(0, axial),
        Math.abs(axial),
        MIDDLE + Math.min(0, radial),
        Math.abs(radial),
        text(warm.axialMm()),
        text(warm.radialMm()));
  }

  private static String text(double mm) {
    return String.format(Locale.ROOT, "%+.3f mm", mm).replace('-', '−');
  }
}
