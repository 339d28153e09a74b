package unbo.core.section;

import java.util.List;
import java.util.OptionalDouble;
import unbo.core.arrangement.StackProblem;

/**
 * A half section: upper half cut, lower half from outside.
 *
 * @param parts numbered parts, to be drawn in this order
 * @param contactLines lines along which rolling elements carry, from element to axis
 * @param dimensions chain of dimensions along the axis and diameters at the left
 * @param grease grease in the hollows, drawn behind the parts
 * @param problems what cannot be, said at the part
 */
public record Section(
    List<SectionPart> parts,
    List<ContactLine> contactLines,
    List<Dimension> dimensions,
    List<Shape> grease,
    List<StackProblem> problems) {

  public Section {
    parts = List.copyOf(parts);
    contactLines = List.copyOf(contactLines);
    dimensions = List.copyOf(dimensions);
    grease = List.copyOf(grease);
    problems = List.copyOf(problems);
  }

  /** A contact line: from the middle of the roller to the effective centre on the axis. */
  public record ContactLine(Point element, Point centre) {}

  /**
   * A dimension to be written.
   *
   * @param from start, on x for a length, on r for a diameter
   * @param to end
   * @param value what is written, in millimetres
   * @param assumed whether nobody measured it
   * @param diameter whether it is a diameter
   * @param surfaceFrom where along x the surface of a diameter begins; empty for a length, and for
   *     a diameter that no drawn surface has
   */
  public record Dimension(
      double from,
      double to,
      double value,
      boolean assumed,
      boolean diameter,
      OptionalDouble surfaceFrom) {}

  public double leastX() {
    return parts.stream()
        .flatMap(p -> p.shapes().stream())
        .mapToDouble(Shape::leastX)
        .min()
        .orElseThrow();
  }

  public double mostX() {
    return parts.stream()
        .flatMap(p -> p.shapes().stream())
        .mapToDouble(Shape::mostX)
        .max()
        .orElseThrow();
  }

  public double leastR() {
    return parts.stream()
        .flatMap(p -> p.shapes().stream())
        .mapToDouble(Shape::leastR)
        .min()
        .orElseThrow();
  }

  public double mostR() {
    return parts.stream()
        .flatMap(p -> p.shapes().stream())
        .mapToDouble(Shape::mostR)
        .max()
        .orElseThrow();
  }
}
