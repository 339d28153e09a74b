package unbo.core.section;

import java.util.List;
import unbo.core.arrangement.PartTemplate;

/**
 * One numbered part of a section.
 *
 * @param number the number on its balloon
 * @param part which part it is
 * @param name what it is called here, with its bearing number where it has one
 * @param shapes its outlines, upper half and lower half
 * @param anchor where the leader of its balloon ends, inside an upper outline
 * @param assumed whether any dimension of it is a default that nobody measured
 */
public record SectionPart(
    int number, PartTemplate part, String name, List<Shape> shapes, Point anchor, boolean assumed) {
  public SectionPart {
    shapes = List.copyOf(shapes);
  }
}
