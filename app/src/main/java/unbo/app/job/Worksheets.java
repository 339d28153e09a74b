package unbo.app.job;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import unbo.app.working.WorkingView;

/** The stations that have a sheet of their own, and what they say together of a workpiece. */
@Component
public class Worksheets {

  private final Map<Station, Worksheet> all = new EnumMap<>(Station.class);

  Worksheets(List<Worksheet> worksheets) {
    worksheets.forEach(w -> all.put(w.station(), w));
  }

  /** The sheet of a station, if it has one for this workpiece. */
  public Optional<Worksheet> at(Station station, Workpiece piece) {
    return Optional.ofNullable(all.get(station))
        .filter(w -> w.serves(piece.arrangement()))
        .filter(w -> piece.isKept() || w.servesBench());
  }

  /** Whether a dated note may take a station's place. */
  boolean takesNote(Station station, Workpiece piece) {
    return at(station, piece).map(w -> w.takesNote(piece.arrangement())).orElse(true);
  }

  /** What all stations write on the section: one of them from its form, the others from records. */
  public Marks marks(Workpiece piece, Station open, Form form) {
    Marks marks = Marks.none();
    for (Station station : all.keySet()) {
      Form typed = station == open ? form : Form.none();
      Marks own = at(station, piece).map(w -> w.marks(piece, typed)).orElse(Marks.none());
      marks = marks.and(own.from(station));
    }
    return marks;
  }

  /** What a station brings to the job sheet. */
  public List<PaperLine> paper(Station station, Workpiece piece) {
    return at(station, piece).map(w -> w.paper(piece)).orElse(List.of());
  }

  /** What all stations draw on the job sheet, in the order of the work. */
  public List<PaperPicture> pictures(Workpiece piece, boolean inch) {
    return all.keySet().stream()
        .flatMap(s -> at(s, piece).stream())
        .flatMap(w -> w.pictures(piece, inch).stream())
        .toList();
  }

  /** How the figures of all stations came about, in the order of the work. */
  public List<WorkingView> workings(Workpiece piece) {
    return all.keySet().stream()
        .flatMap(s -> at(s, piece).stream())
        .flatMap(w -> w.workings(piece).stream())
        .toList();
  }

  /** What earlier stations tell this one. */
  List<String> advice(Workpiece piece, Station later) {
    return later == null
        ? List.of()
        : all.values().stream().flatMap(w -> w.advises(piece, later).stream()).distinct().toList();
  }
}
