package unbo.app.stripping;

import java.util.List;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.measure.Instrument;
import unbo.core.seal.FreshLine;

/**
 * The seal of an open step: what its groove asks for, drawn.
 *
 * @param line what the depths come to; null while a length is missing
 * @param inwards room, outwards room and the move, as figures; null with it
 * @param picture to scale; null with it
 */
public record SealSheet(
    SealDepths depths,
    FieldProblems problems,
    FreshLine line,
    Figure inwards,
    Figure outwards,
    Figure needed,
    Picture picture,
    List<WorkingView> workings) {

  private static final double WIDTH = 300;

  /**
   * From the housing's face, left, to the ring, right: x and width of each in the view box.
   *
   * @param to where the seal goes; the old place when it stays
   */
  public record Picture(
      double seat, double room, double old, double to, double wide, double groove, double fresh) {}

  static SealSheet of(SealDepths depths, Figures figures) {
    FieldProblems problems = new FieldProblems();
    FreshLine line = depths.read(problems).orElse(null);
    if (line == null) {
      return new SealSheet(depths, problems, null, null, null, null, null, List.of());
    }
    Workings workings = new Workings("seal");
    return new SealSheet(
        depths,
        problems,
        line,
        workings.figure("", line.inwards(), mm(figures, line.inwards().result().value())),
        workings.figure("", line.outwards(), mm(figures, line.outwards().result().value())),
        workings.figure("", line.needed(), mm(figures, line.needed().result().value())),
        picture(depths, line),
        workings.all());
  }

  private static String mm(Figures figures, double value) {
    return figures.size(Math.max(0, value)) + " mm";
  }

  private static Picture picture(SealDepths depths, FreshLine line) {
    double room = depths.mm("seal-room");
    double scale = WIDTH / Math.max(room, depths.mm("seal-seat"));
    double move = line.needed().result().value();
    double old = depths.mm("seal-depth");
    double to =
        switch (line.says()) {
          case DEEPER -> old + move;
          case OUTWARD -> old - move;
          default -> old;
        };
    double width = depths.mm("seal-width");
    return new Picture(
        scale * depths.mm("seal-seat"),
        scale * room,
        scale * old,
        scale * to,
        scale * width,
        scale * (old + width / 2),
        scale * (to + width / 2));
  }

  public List<SealDepths.Field> fields() {
    return SealDepths.FIELDS;
  }

  public List<Instrument> instruments() {
    return SealDepths.instruments();
  }

  public boolean isTyped() {
    return !depths.typed().isEmpty();
  }
}
