package unbo.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.core.section.InternalGeometry;

/**
 * The sleeve that presses a ball or roller bearing in without loading its elements: on the inner
 * ring alone, on the outer ring alone, or on both at once. The shoulders of the rings lie at dₘ ∓
 * 0.6·D_w, a fifth of the element deep in each groove; estimated, so a tenth of the ring's section
 * is left free on either side. Limits: open faces; a seal or shield that stands proud is not in it.
 */
public final class PressSleeve {

  /** The share of the element's diameter between pitch circle and shoulder. */
  private static final double SHOULDER = 0.6;

  /** Share of the way from the seat to the shoulder that the sleeve keeps off either. */
  private static final double FREE = 0.15;

  private PressSleeve() {}

  /** What to push with, sentences; one for each tight ring, or one plate for both. */
  public static List<String> of(Fit fit, InternalGeometry inside) {
    boolean inner = fit.inner().cold().likely() > 0;
    boolean outer = fit.outer().cold().likely() > 0;
    double d = fit.input().boreMm();
    double most = fit.input().outerMm();
    double shoulder = inside.pitchMm() - SHOULDER * inside.elementMm();
    double lip = inside.pitchMm() + SHOULDER * inside.elementMm();
    List<String> said = new ArrayList<>();
    if (inner && outer) {
      said.add("Both rings are tight: a plate or ring that pushes both faces at once.");
    }
    if (inner && shoulder > d) {
      double free = FREE * (shoulder - d);
      said.add(
          "Inner ring: a sleeve over %s mm inside and under %s mm outside."
              .formatted(mm(d + free), mm(shoulder - free)));
    }
    if (outer && lip < most) {
      double free = FREE * (most - lip);
      said.add(
          "Outer ring: a sleeve over %s mm inside and under %s mm outside."
              .formatted(mm(lip + free), mm(most - free)));
    }
    return List.copyOf(said);
  }

  private static String mm(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}
