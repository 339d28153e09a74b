/**
 * Turns core results into drawings: numbers and path data that a template writes out as SVG. Start
 * at {@link unbo.app.drawing.SectionDrawing}, {@link unbo.app.drawing.NutDrawing} and {@link
 * unbo.app.drawing.VehiclePlan}; pages get their sections from {@link
 * unbo.app.drawing.DrawnSections}. Labels find their places by computation, see {@link
 * unbo.app.drawing.BalloonPlacer}. Units here are those of the SVG's own view box.
 */
package unbo.app.drawing;
