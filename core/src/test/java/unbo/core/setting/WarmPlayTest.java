package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import unbo.core.fit.Material;
import unbo.core.setting.SettingLife.Mounting;

class WarmPlayTest {

  private static final double RADII = (20 + 27.5) / Math.tan(Math.toRadians(14));

  private static WarmPlay steel(double inner, double outer, Mounting mounting) {
    return WarmPlay.of(70, RADII, inner, outer, Material.STEEL, Material.STEEL, mounting);
  }

  /** Steel, X 70, R 20 and 27.5, 14°, hub 30 °C warmer: −0.025 axial, +0.067 radial, net +0.042. */
  @Test
  void aWarmHub() {
    WarmPlay warm = steel(0, 30, Mounting.BACK_TO_BACK);
    assertThat(warm.axialMm()).isCloseTo(-0.025, within(0.0006));
    assertThat(warm.radialMm()).isCloseTo(0.067, within(0.0006));
    assertThat(warm.change().result().value()).isCloseTo(0.042, within(0.0006));
  }

  /** Evenly warm steel keeps its play; face to face both parts give it. */
  @Property
  void evenHeatOfOneMetalChangesNothing(@ForAll @DoubleRange(min = 0, max = 120) double rise) {
    assertThat(steel(rise, rise, Mounting.BACK_TO_BACK).change().result().value())
        .isCloseTo(0, within(1e-12));
    WarmPlay face = steel(0, rise, Mounting.FACE_TO_FACE);
    assertThat(face.axialMm()).isGreaterThanOrEqualTo(0);
    assertThat(face.radialMm()).isGreaterThanOrEqualTo(0);
  }
}
