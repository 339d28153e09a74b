package unbo.core.lubricant;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A grease as its data sheet has it. What a sheet does not say stays empty and is said to be
 * missing.
 *
 * @param thickener a word of {@link Mixing#THICKENERS}
 * @param oil base oil; empty where the sheet gives no viscosities
 * @param leastC lowest temperature of use
 * @param mostC highest temperature of use
 * @param ndmLimit greatest n·dₘ; empty where the sheet gives none
 * @param washOutPercent lost in a wash-out test; empty where the sheet gives none
 * @param density g/cm³
 * @param refuses what it must not touch: {@code rubber}, {@code plastic}, {@code brake}
 */
public record Tin(
    String name,
    String thickener,
    Optional<Oil> oil,
    double leastC,
    double mostC,
    OptionalDouble ndmLimit,
    OptionalDouble washOutPercent,
    boolean extremePressure,
    double density,
    Set<String> refuses) {

  /**
   * @throws IllegalArgumentException for what is no grease
   */
  public Tin {
    boolean can =
        !name.isBlank()
            && Mixing.THICKENERS.contains(thickener)
            && mostC > leastC
            && density > 0.7
            && density < 2;
    if (!can) {
      throw new IllegalArgumentException("Not a grease");
    }
    refuses = Set.copyOf(refuses);
  }
}
