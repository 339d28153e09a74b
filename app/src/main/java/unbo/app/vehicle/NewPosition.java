package unbo.app.vehicle;

import java.util.List;
import unbo.core.vehicle.OwnPosition;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleLayout;

/**
 * A position that is to be added to a vehicle.
 *
 * @param title what the mechanic calls it
 * @param arrangement what sits there, an id with its options
 * @param along where it is drawn, share of the length behind the front
 * @param across share of half the width right of the middle
 */
public record NewPosition(String title, String arrangement, double along, double across) {

  /** As near to the place that was asked for as no other mark stands, in shares of the length. */
  private static final double APART = 0.03;

  private static final List<Integer> STEPS = List.of(0, 1, -1, 2, -2, 3, -3, 4, -4, 5, -5);

  OwnPosition freeOn(VehicleLayout layout, String code) {
    List<Position> others = layout.positions();
    return STEPS.stream()
        .map(step -> Math.max(0, Math.min(1, along + step * APART)))
        .map(share -> new OwnPosition(code, title, arrangement, share, across))
        .filter(at -> others.stream().noneMatch(o -> isBeside(layout, at, o)))
        .findFirst()
        .orElseGet(() -> new OwnPosition(code, title, arrangement, along, across));
  }

  private static boolean isBeside(VehicleLayout layout, OwnPosition at, Position other) {
    Position drawn =
        layout.with(List.of(at)).positions().stream()
            .filter(p -> p.code().equals(at.code()))
            .findFirst()
            .orElseThrow();
    double apart = Math.hypot(drawn.backMm() - other.backMm(), drawn.rightMm() - other.rightMm());
    return apart < APART * layout.lengthMm() * 0.9;
  }
}
