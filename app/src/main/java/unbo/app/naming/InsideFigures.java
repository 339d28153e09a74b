package unbo.app.naming;

import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.catalogue.Bearing;
import unbo.core.section.InsideWorkings;
import unbo.core.section.InternalGeometry;

/**
 * The figures of a bearing's inside with their workings.
 *
 * @param label what the elements are, and how they are known
 * @param rows how many rows in words, empty for one
 * @param length of a roller; null for balls
 * @param angle in words: it is read or tabled, not computed
 */
public record InsideFigures(
    String label,
    String rows,
    Figure count,
    Figure diameter,
    Figure length,
    Figure pitch,
    String angle) {

  static InsideFigures of(
      Bearing bearing, InternalGeometry inside, Workings workings, Figures figures) {
    InsideWorkings w = new InsideWorkings(bearing, inside);
    String name = bearing.designation();
    boolean rollers = inside.lengthMm().isPresent();
    String estimated = rollers ? "Rollers, estimated" : "Balls, estimated ± 1";
    return new InsideFigures(
        inside.listed() ? "Balls, as listed" : estimated,
        inside.rows() > 1 ? inside.rows() + " rows of " : "",
        workings.figure(name, w.count(), String.valueOf(inside.perRow())),
        workings.figure(name, w.diameter(), "Ø " + figures.size(inside.elementMm()) + " mm"),
        rollers
            ? workings.figure(
                name, w.length(), figures.size(inside.lengthMm().getAsDouble()) + " mm long")
            : null,
        workings.figure(name, w.pitch(), figures.size(inside.pitchMm()) + " mm"),
        inside.contactAngleDeg().isPresent()
            ? figures.size(inside.contactAngleDeg().getAsDouble()) + "°"
            : "not known");
  }
}
