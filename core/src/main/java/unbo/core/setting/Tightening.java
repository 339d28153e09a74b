package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import unbo.core.measure.Verdict;
import unbo.core.units.Digits;
import unbo.core.units.Entry;
import unbo.core.units.QuantityEntry;

/**
 * Tightening in steps: torques that rise, then angles. An angle stretches its bolt by the thread's
 * pitch whatever the friction is, a torque does not: up to nine tenths of it are friction. Sources:
 * VDI 2230-1 (torque and angle controlled tightening); ISO 6789-1, a torque wrench is good to 4 %,
 * to 6 % up to 10 Nm; an angle by eye or disc to 5°, our own assumption.
 *
 * @param steps in their order, one at least
 */
public record Tightening(List<Step> steps) {

  /** So far an angle may be off, degrees. */
  public static final double ANGLE_DEG = 5;

  private static final double MOST_NM = 2000;
  private static final double MOST_DEG = 720;
  private static final int MOST_STEPS = 8;

  /**
   * One step.
   *
   * @param angle whether its value is in degrees; else in Nm
   */
  public record Step(boolean angle, double value) {

    String text() {
      return Digits.exact(value) + (angle ? "°" : " Nm");
    }

    private boolean isMet(Step done) {
      double limit = angle ? ANGLE_DEG : value * (value > SMALL_NM ? LARGE_WRENCH : SMALL_WRENCH);
      return done.angle == angle && Math.abs(done.value - value) <= limit + 1e-9;
    }
  }

  private static final double SMALL_NM = 10;
  private static final double SMALL_WRENCH = 0.06;
  private static final double LARGE_WRENCH = 0.04;

  public Tightening {
    steps = List.copyOf(steps);
  }

  /**
   * Reads steps such as {@code 40 Nm; 80 Nm; 60°}; a number alone is Nm.
   *
   * @param typed null counts as empty
   */
  public static Entry<Tightening> parse(String typed) {
    String text = typed == null ? "" : typed;
    if (text.isBlank()) {
      return Entry.empty(text);
    }
    List<Step> steps = new ArrayList<>();
    for (String part : text.split("[;+]|, | then ")) {
      if (!part.isBlank()) {
        Step step = step(part.strip());
        if (step == null) {
          return Entry.refused(
              text,
              "“" + part.strip() + "” is no step.",
              "Enter torques and angles, such as 40 Nm; 80 Nm; 60°.");
        }
        steps.add(step);
      }
    }
    return steps.isEmpty() ? Entry.empty(text) : ordered(text, steps);
  }

  private static Step step(String part) {
    String bare = part.replaceFirst("(?i)\\s*(°|deg|degrees)$", "");
    boolean angle = !bare.equals(part);
    Entry<Double> value =
        angle ? QuantityEntry.COUNT.parse(bare) : QuantityEntry.TORQUE.parse(bare);
    double most = angle ? MOST_DEG : MOST_NM;
    return value.value().filter(v -> v > 0 && v <= most).map(v -> new Step(angle, v)).orElse(null);
  }

  private static Entry<Tightening> ordered(String text, List<Step> steps) {
    if (steps.size() > MOST_STEPS) {
      return Entry.refused(text, "More than eight steps.", "Enter eight at most.");
    }
    if (steps.get(0).angle()) {
      return Entry.refused(
          text, "An angle needs a torque to start from.", "Enter the joining torque first.");
    }
    for (int i = 1; i < steps.size(); i++) {
      Step last = steps.get(i - 1);
      Step step = steps.get(i);
      boolean falls = !step.angle() && (last.angle() || step.value() <= last.value());
      if (falls) {
        return Entry.refused(
            text,
            step.text() + " after " + last.text() + " turns nothing.",
            "Enter torques that rise, angles last; what is loosened between is a line of its own.");
      }
    }
    return Entry.taken(text, new Tightening(steps));
  }

  /** Whether what was done is what was wanted, step by step; not yet for steps that are missing. */
  public Verdict judge(Tightening done) {
    for (int i = 0; i < Math.min(steps.size(), done.steps.size()); i++) {
      if (!steps.get(i).isMet(done.steps.get(i))) {
        return Verdict.NO;
      }
    }
    return done.steps.size() > steps.size()
        ? Verdict.NO
        : done.steps.size() < steps.size() ? Verdict.CANNOT_TELL : Verdict.YES;
  }

  /** What comes after what was done; empty at the end. */
  public String next(Tightening done) {
    return done.steps.size() >= steps.size() ? "" : steps.get(done.steps.size()).text();
  }

  /** In words, such as {@code 40 Nm, 80 Nm, 60°}. */
  public String text() {
    return steps.stream().map(Step::text).collect(Collectors.joining(", "));
  }
}
