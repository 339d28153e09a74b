package unbo.app.packing;

import java.util.Map;
import java.util.Optional;
import unbo.app.job.SheetType;
import unbo.app.job.Station;
import unbo.core.grease.Duty;
import unbo.core.grease.GreaseCharge;

/**
 * The record of Pack.
 *
 * @param dutyId what the bearings do; null while nobody has packed
 * @param byHand whether they are packed by hand until grease comes through every roller
 * @param gramsPerCm3 density of the grease; null for the usual one
 * @param masses grams that were weighed, by bearing place
 * @param weighedBy who saved those masses; null for old records
 */
public record PackRecord(
    String dutyId,
    boolean byHand,
    Double gramsPerCm3,
    Map<String, Double> masses,
    String weighedBy) {

  /** How it is kept. */
  public static final SheetType<PackRecord> TYPE =
      SheetType.first(
          Station.PACK, PackRecord.class, new PackRecord(null, false, null, null, null));

  public PackRecord {
    masses = masses == null ? Map.of() : Map.copyOf(masses);
  }

  /** The duty; empty while nobody has packed. */
  public Optional<Duty> duty() {
    return Duty.withId(dutyId == null ? "" : dutyId);
  }

  /** Density of the grease in g/cm³. */
  public double density() {
    return gramsPerCm3 == null ? GreaseCharge.USUAL_DENSITY : gramsPerCm3;
  }

  /** The share of a bearing's free volume that is filled. */
  public double share() {
    return byHand ? 1 : duty().map(Duty::share).orElse(0.0);
  }

  /** The share of a cavity that is filled; zero while nobody has packed. */
  public double cavityShare() {
    return duty().map(Duty::cavityShare).orElse(0.0);
  }

  PackRecord by(String person) {
    return new PackRecord(dutyId, byHand, gramsPerCm3, masses, person);
  }
}
