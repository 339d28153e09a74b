package unbo.core.units;

import java.util.Optional;
import java.util.function.Function;

/**
 * What came of a text that somebody typed: a value, nothing (left empty), or a problem. The text as
 * typed is always kept, so that nothing is lost on the way back to the page.
 *
 * @param typed the text as typed
 * @param value the value, absent when empty or refused
 * @param problem why it was refused, absent when taken or empty
 */
public record Entry<T>(String typed, Optional<T> value, Optional<Problem> problem) {

  public static <T> Entry<T> taken(String typed, T value) {
    return new Entry<>(typed, Optional.of(value), Optional.empty());
  }

  public static <T> Entry<T> empty(String typed) {
    return new Entry<>(typed, Optional.empty(), Optional.empty());
  }

  public static <T> Entry<T> refused(String typed, String wrong, String remedy) {
    return new Entry<>(typed, Optional.empty(), Optional.of(new Problem(typed, wrong, remedy)));
  }

  public boolean isRefused() {
    return problem.isPresent();
  }

  public boolean isEmpty() {
    return value.isEmpty() && problem.isEmpty();
  }

  /** Applies a further check to a value that was taken. */
  public Entry<T> check(Function<T, Optional<Problem>> check) {
    return value
        .flatMap(check)
        .map(p -> new Entry<T>(typed, Optional.empty(), Optional.of(p)))
        .orElse(this);
  }

  public <U> Entry<U> map(Function<T, U> change) {
    return new Entry<>(typed, value.map(change), problem);
  }
}
