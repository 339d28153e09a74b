package unbo.app.setting;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.SheetType;
import unbo.app.job.Station;
import unbo.core.measure.Readings;

/**
 * The record of Set. An arrangement writes the part that serves it: nut and dialled readings, what
 * the other schools measure, or the general settings by the part that is set.
 *
 * @param nut thread, lock, window, hole
 * @param first readings as first dialled
 * @param pinned readings at the pinned hole
 * @param others what the schools without a dial measured
 * @param general settings of any other arrangement, by the adjusted part
 * @param shims the depths and the stock of a shim, as typed
 * @param sums fields of the sum that belongs to the arrangement, as typed
 * @param booked shims that were taken out of the shop's boxes
 */
public record SetRecord(
    NutRecord nut,
    List<DialReading> first,
    List<DialReading> pinned,
    OtherSchools others,
    Map<String, GeneralSetting> general,
    Map<String, String> shims,
    Map<String, String> sums,
    List<BookedShims> booked) {

  /**
   * Shims that left a box.
   *
   * @param box its name
   * @param shims as a stock is written
   */
  public record BookedShims(String box, String shims, Instant at) {}

  /** How it is kept. */
  public static final SheetType<SetRecord> TYPE =
      SheetType.first(
          Station.SET,
          SetRecord.class,
          new SetRecord(null, null, null, null, null, null, null, null));

  public SetRecord {
    nut = nut == null ? NutRecord.empty() : nut;
    first = first == null ? List.of() : List.copyOf(first);
    pinned = pinned == null ? List.of() : List.copyOf(pinned);
    others = others == null ? OtherSchools.empty() : others;
    general = general == null ? Map.of() : Map.copyOf(general);
    shims = shims == null ? Map.of() : Map.copyOf(shims);
    sums = sums == null ? Map.of() : Map.copyOf(sums);
    booked = booked == null ? List.of() : List.copyOf(booked);
  }

  public List<DialReading> readings(Stage stage) {
    return stage == Stage.FIRST ? first : pinned;
  }

  /** Mean and uncertainty of a stage's readings with the gauge in the record. */
  public Optional<Readings> endPlay(Stage stage) {
    List<Double> values = readings(stage).stream().map(DialReading::valueMm).toList();
    return values.isEmpty() ? Optional.empty() : Optional.of(Readings.of(values, nut.gauge()));
  }

  public SetRecord with(NutRecord other) {
    return new SetRecord(other, first, pinned, others, general, shims, sums, booked);
  }

  public SetRecord with(List<DialReading> dialled, List<DialReading> again) {
    return new SetRecord(nut, dialled, again, others, general, shims, sums, booked);
  }

  public SetRecord with(OtherSchools other) {
    return new SetRecord(nut, first, pinned, other, general, shims, sums, booked);
  }

  public SetRecord with(Map<String, GeneralSetting> settings) {
    return new SetRecord(nut, first, pinned, others, settings, shims, sums, booked);
  }

  SetRecord withShims(Map<String, String> typed) {
    return new SetRecord(nut, first, pinned, others, general, typed, sums, booked);
  }

  SetRecord withSums(Map<String, String> typed) {
    return new SetRecord(nut, first, pinned, others, general, shims, typed, booked);
  }

  SetRecord with(BookedShims taken) {
    List<BookedShims> all = new ArrayList<>(booked);
    all.add(taken);
    return new SetRecord(nut, first, pinned, others, general, shims, sums, all);
  }
}
