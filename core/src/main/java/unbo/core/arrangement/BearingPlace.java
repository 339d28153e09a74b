package unbo.core.arrangement;

import java.util.Optional;

/**
 * A place for a bearing in an arrangement.
 *
 * @param id the word before its sizes, such as {@code inboard} in {@code inboard.bore}
 * @param kind what kind of bearing stands there
 * @param assumed the designation taken while nobody has read one; empty where it goes by size
 * @param at where its left face stands
 * @param facingRight for tapers and angular contact: whether its small end points to the right
 */
public record BearingPlace(
    String id, BearingKind kind, Optional<String> assumed, Expression at, boolean facingRight) {

  /** Whether the bearing is known by its number; else its three sizes are measured. */
  public boolean isNamed() {
    return assumed.isPresent();
  }
}
