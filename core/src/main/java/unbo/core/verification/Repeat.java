package unbo.core.verification;

import java.util.Optional;

/**
 * A finding of the beginning, without a number, looked for again when the work is done.
 *
 * @param finding what was found, in words
 * @param outcome what the repeat showed; empty while it was not repeated
 */
public record Repeat(String finding, Optional<Outcome> outcome) {

  /** What a repeat shows. */
  public enum Outcome {
    GONE("gone"),
    STILL_THERE("still there"),
    NOT_REPEATABLE("cannot be repeated here");

    private final String title;

    Outcome(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  /** What it leaves open; empty when it is gone, or said to be no longer repeatable. */
  Optional<String> open() {
    if (outcome.isEmpty()) {
      return Optional.of("“" + finding + "” was found before the work and not checked again.");
    }
    return outcome.get() == Outcome.STILL_THERE
        ? Optional.of("“" + finding + "” is still there.")
        : Optional.empty();
  }
}
