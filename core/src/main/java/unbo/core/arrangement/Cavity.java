package unbo.core.arrangement;

import java.util.List;

/**
 * A hollow that takes grease, between an outer and an inner profile, each x, diameter, x, diameter
 * … from left to right over the same length.
 *
 * @param id such as {@code hub}
 * @param title what a mechanic calls it
 * @param outside the wall that keeps the grease in
 * @param inside the shaft's side, empty where the hollow reaches the axis
 */
public record Cavity(String id, String title, List<Expression> outside, List<Expression> inside) {
  public Cavity {
    outside = List.copyOf(outside);
    inside = List.copyOf(inside);
  }
}
