package unbo.core.comparison;

/**
 * One difference that matters.
 *
 * @param aspect what differs, such as {@code seals}
 * @param old how it was
 * @param fresh how it would be
 * @param reason why it matters, a sentence
 */
public record Difference(
    String aspect, String old, String fresh, Severity severity, String reason) {
  public Difference {
    if (reason.isBlank()) {
      throw new IllegalArgumentException("A difference needs its reason: " + aspect);
    }
  }
}
