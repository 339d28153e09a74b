package unbo.app.packing;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.SheetType;
import unbo.app.job.Station;
import unbo.app.tin.Taken;
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
 * @param work what was said of speed, heat, water and load, as typed
 * @param taken out of one of the shop's tins; null where nobody said which
 * @param regrease when this grease is to be renewed; null where that is not known
 * @param prescribedG all of it by the maker's figure, which rules; null where none is known
 */
public record PackRecord(
    String dutyId,
    boolean byHand,
    Double gramsPerCm3,
    Map<String, Double> masses,
    String weighedBy,
    Map<String, String> work,
    Taken taken,
    Regrease regrease,
    Double prescribedG) {

  /**
   * When the grease is to be renewed, whichever comes first.
   *
   * @param hours of running
   * @param km on the road; null where its speed is not known
   * @param on the day after which no grease is left in, by the year or by the shelf
   */
  public record Regrease(double hours, Double km, LocalDate on) {}

  /** How it is kept. */
  public static final SheetType<PackRecord> TYPE =
      SheetType.first(
          Station.PACK,
          PackRecord.class,
          new PackRecord(null, false, null, null, null, null, null, null, null));

  public PackRecord {
    masses = masses == null ? Map.of() : Map.copyOf(masses);
    work = work == null ? Map.of() : Map.copyOf(work);
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
    return new PackRecord(
        dutyId, byHand, gramsPerCm3, masses, person, work, taken, regrease, prescribedG);
  }

  PackRecord with(Taken out, Regrease due) {
    return new PackRecord(
        dutyId, byHand, gramsPerCm3, masses, weighedBy, work, out, due, prescribedG);
  }
}
