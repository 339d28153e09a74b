package unbo.core.arrangement;

import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Bearing;

/**
 * A place for a bearing in an arrangement.
 *
 * @param id the word before its sizes, such as {@code inboard} in {@code inboard.bore}
 * @param kinds what kinds of bearing can stand there, the usual one first
 * @param assumed the designation taken while nobody has read one; empty where it goes by size
 * @param at where its left face stands
 * @param facingRight for tapers and angular contact: whether its small end points to the right
 */
public record BearingPlace(
    String id,
    List<BearingKind> kinds,
    Optional<String> assumed,
    Expression at,
    boolean facingRight) {

  public BearingPlace {
    kinds = List.copyOf(kinds);
  }

  /** The kind that stands there usually, and is drawn while nobody has read a number. */
  public BearingKind kind() {
    return kinds.get(0);
  }

  /** The kind as which a bearing is drawn here; empty when its family cannot sit here. */
  public Optional<BearingKind> kindOf(Bearing bearing) {
    return kinds.stream()
        .filter(k -> k.family().filter(f -> f == bearing.family()).isPresent())
        .findFirst();
  }

  /** Whether a bearing is of a family that sits here. */
  public boolean takes(Bearing bearing) {
    return kindOf(bearing).isPresent();
  }

  /** The kinds in words: {@code deep groove ball bearing or cylindrical roller bearing}. */
  public String title() {
    return String.join(" or ", kinds.stream().map(BearingKind::title).toList());
  }

  /** Whether the bearing is known by its number; else its three sizes are measured. */
  public boolean isNamed() {
    return assumed.isPresent();
  }
}
