package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleLayout;

/**
 * A wheel of a vehicle, as causes and answers name it.
 *
 * @param code code of its position
 * @param label such as {@code front left}
 * @param axle number of its axle from the front, from 0
 * @param last whether that axle is the last one
 * @param side −1 left, 1 right, 0 in the middle
 */
record Wheel(String code, String label, int axle, boolean last, int side) {

  static List<Wheel> of(VehicleLayout layout) {
    List<Position> standing = layout.positions().stream().filter(Position::wheel).toList();
    List<Double> axles = standing.stream().map(Position::backMm).distinct().sorted().toList();
    List<Wheel> wheels = new ArrayList<>();
    for (Position position : standing) {
      int axle = axles.indexOf(position.backMm());
      wheels.add(
          new Wheel(
              position.code(),
              position.title(),
              axle,
              axle == axles.size() - 1,
              (int) Math.signum(position.rightMm())));
    }
    return List.copyOf(wheels);
  }

  /** The label before a part's name: {@code front left}, {@code front} of a front wheel. */
  String adjective() {
    return label.replaceFirst(" (wheel|hub)$", "");
  }

  /** Words by which likelihoods name causes at this wheel. */
  Set<String> groups() {
    Set<String> groups = new HashSet<>();
    groups.add(code);
    groups.add(axle == 0 ? "front" : "rear");
    if (side != 0) {
      groups.add(side < 0 ? "left" : "right");
    }
    return groups;
  }

  /** The wheels that a word such as {@code @front} stands for. */
  static List<Wheel> named(String word, List<Wheel> wheels, String build) {
    return switch (word) {
      case "@wheels" -> wheels;
      case "@front" -> wheels.stream().filter(w -> w.axle == 0).toList();
      case "@rear" -> wheels.stream().filter(w -> w.last && w.axle > 0).toList();
      case "@driven" -> wheels.stream().filter(w -> w.isDriven(build)).toList();
      default -> throw new IllegalArgumentException("no such wheels " + word);
    };
  }

  /** With the build not known the front wheels are taken, the commonest case. */
  private boolean isDriven(String build) {
    return switch (build) {
      case "all-driven" -> true;
      case "rear-driven", "truck" -> last && axle > 0;
      default -> axle == 0;
    };
  }

  /**
   * The answers that a word of likelihoods stands for, seen from a cause at a wheel; a cause at no
   * wheel sees none but {@code @wheels}.
   */
  static Set<String> answers(String word, String here, List<Wheel> wheels) {
    if (word.equals("@wheels")) {
      return wheels.stream().map(Wheel::code).collect(Collectors.toSet());
    }
    return wheels.stream()
        .filter(w -> w.code.equals(here))
        .flatMap(own -> wheels.stream().filter(w -> own.sees(w, word)))
        .map(Wheel::code)
        .collect(Collectors.toSet());
  }

  private boolean sees(Wheel other, String word) {
    return switch (word) {
      case "@here" -> other.equals(this);
      case "@elsewhere" -> !other.equals(this);
      case "@brother" -> other.axle == axle && other.side != side;
      case "@same-side" -> other.axle != axle && other.side == side;
      default -> throw new IllegalArgumentException("no such wheels " + word);
    };
  }
}
