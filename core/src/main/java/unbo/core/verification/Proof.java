package unbo.core.verification;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import unbo.core.measure.Verdict;

/**
 * Whether a job may be called proved, and every reason why not.
 *
 * @param open what still stands in the way, empty when proved
 * @param blocking findings that keep the vehicle off the road; they cannot be waived
 */
public record Proof(List<String> open, List<String> blocking) {

  public boolean isProved() {
    return open.isEmpty() && blocking.isEmpty();
  }

  /**
   * Judges a job.
   *
   * @param accusing the tests that were measured before, those that accused among them
   * @param repeats findings of the beginning that have no number
   * @param asked the hard stops that this position asks
   * @param met the hard stops that are met
   * @param waived the hard stops that were waived
   * @param findings the findings that were ticked or follow from a measurement
   */
  public static Proof of(
      List<RepeatedTest> accusing,
      List<Repeat> repeats,
      List<HardStop> asked,
      Set<HardStop> met,
      Map<HardStop, Waiver> waived,
      Set<RoadFinding> findings) {
    List<String> open = new ArrayList<>(openTests(accusing, repeats));
    repeats.stream().flatMap(r -> r.open().stream()).forEach(open::add);
    for (HardStop stop : asked) {
      if (!met.contains(stop) && !waived.containsKey(stop)) {
        open.add(stop.title() + ": not done and not waived.");
      }
    }
    return new Proof(List.copyOf(open), blocking(findings));
  }

  /** What findings say that keep a vehicle off the road. */
  public static List<String> blocking(Set<RoadFinding> findings) {
    return findings.stream().sorted().map(f -> "Do not release: " + f.title() + ".").toList();
  }

  private static List<String> openTests(List<RepeatedTest> accusing, List<Repeat> repeats) {
    boolean lookedAgain = repeats.stream().anyMatch(Proof::showsSomething);
    List<String> open = new ArrayList<>();
    if (!lookedAgain && accusing.stream().noneMatch(t -> t.accuses() && t.isRepeated())) {
      open.add("No fault test was repeated: repeat at least one.");
      accusing.stream().filter(Proof::isWorse).map(Proof::worse).forEach(open::add);
      return open;
    }
    for (RepeatedTest test : accusing) {
      if (!test.isRepeated() && !test.accuses()) {
        continue;
      }
      if (!test.isRepeated()) {
        open.add(test.test().title() + " showed the fault and was not repeated.");
      } else if (isWorse(test)) {
        open.add(worse(test));
      } else if (test.isSameAsBefore()) {
        open.add(
            test.test().title()
                + " is the same as before, as far as the gauge can tell: not proved.");
      }
    }
    return open;
  }

  private static boolean isWorse(RepeatedTest test) {
    return test.better().filter(b -> b == Verdict.NO).isPresent();
  }

  private static String worse(RepeatedTest test) {
    return test.test().title() + " is worse than before.";
  }

  private static boolean showsSomething(Repeat repeat) {
    return repeat.outcome().filter(o -> o != Repeat.Outcome.NOT_REPEATABLE).isPresent();
  }
}
