package unbo.app.stripping;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.SheetType;
import unbo.app.job.Station;
import unbo.core.strip.Circumstances.State;

/**
 * The record of Strip.
 *
 * @param taken what came off, in the order in which it did
 * @param states what became of contacts, by the template's words
 * @param seals what was measured at seals, by part; the reference for the next time
 * @param rings where rings without a shoulder stood, by bearing place
 */
public record StripRecord(
    List<Taken> taken,
    Map<String, State> states,
    Map<String, SealDepths> seals,
    Map<String, RingDepth> rings) {

  /** How it is kept. */
  public static final SheetType<StripRecord> TYPE =
      SheetType.first(Station.STRIP, StripRecord.class, new StripRecord(null, null, null, null));

  /**
   * A part that came off.
   *
   * @param part that leads the step
   * @param kept marks, facing, shims and depths as a person typed them
   */
  public record Taken(String part, String kept, String by, Instant at) {}

  public StripRecord {
    taken = taken == null ? List.of() : List.copyOf(taken);
    states = states == null ? Map.of() : Map.copyOf(states);
    seals = seals == null ? Map.of() : Map.copyOf(seals);
    rings = rings == null ? Map.of() : Map.copyOf(rings);
  }

  Optional<Taken> taken(String part) {
    return taken.stream().filter(t -> t.part().equals(part)).findFirst();
  }

  /** With a part taken off; one that was taken already keeps its place and gets the new words. */
  StripRecord with(Taken off) {
    List<Taken> all = new ArrayList<>(taken);
    int at = taken.stream().map(Taken::part).toList().indexOf(off.part());
    if (at < 0) {
      all.add(off);
    } else {
      all.set(at, off);
    }
    return new StripRecord(all, states, seals, rings);
  }

  /** With what was measured at a seal. */
  StripRecord with(String part, SealDepths depths) {
    Map<String, SealDepths> all = new LinkedHashMap<>(seals);
    all.put(part, depths);
    return new StripRecord(taken, states, all, rings);
  }

  /** With where a ring of a bearing place stood. */
  StripRecord with(String place, RingDepth depth) {
    Map<String, RingDepth> all = new LinkedHashMap<>(rings);
    all.put(place, depth);
    return new StripRecord(taken, states, seals, all);
  }

  StripRecord with(String contact, Optional<State> state) {
    Map<String, State> all = new LinkedHashMap<>(states);
    state.ifPresentOrElse(s -> all.put(contact, s), () -> all.remove(contact));
    return new StripRecord(taken, all, seals, rings);
  }
}
