package unbo.app.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.drawing.BearingDrawing;
import unbo.app.web.Figures;
import unbo.app.web.ViewPreferences;
import unbo.app.working.Workings;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Reading;
import unbo.core.designation.ReadingReport;
import unbo.core.section.BearingPortrait;
import unbo.core.tolerance.CornerRadius;

/** Reads numbers and draws bearings for the pages of this package; the reader is made once. */
@Component
class Readings {

  private final DesignationReader reader = DesignationReader.standard();

  DesignationReader reader() {
    return reader;
  }

  ReadingReport report(String text) {
    return reader.read(text);
  }

  /** The likeliest reading of a text, of one bearing if it is named. */
  Optional<Reading> best(String text, String designation) {
    List<Reading> all = reader.read(text).readings();
    Optional<Reading> named =
        all.stream().filter(r -> r.bearing().designation().equals(designation)).findFirst();
    return named.or(() -> designation.isEmpty() ? all.stream().findFirst() : bare(designation));
  }

  Optional<Reading> best(String text) {
    return best(text, "");
  }

  /** A catalogue row without any letters. */
  private Optional<Reading> bare(String designation) {
    return reader.read(designation).readings().stream()
        .filter(r -> r.bearing().designation().equals(designation))
        .findFirst();
  }

  static Optional<Bearing> row(String designation) {
    return Catalogue.standard().find(designation);
  }

  static Optional<Arrangement> position(String id) {
    return Arrangements.standard().find(id);
  }

  /** Draws bearings over each other; nothing when there is none. */
  static void draw(
      Model model, List<Reading> readings, boolean close, Workings workings, Figures figures) {
    model.addAttribute("workings", workings);
    if (readings.isEmpty()) {
      return;
    }
    List<BearingDrawing.Subject> subjects = new ArrayList<>();
    readings.forEach(
        r ->
            subjects.add(
                new BearingDrawing.Subject(
                    ReadingRow.text(r), BearingPortrait.of(r), r.boreInDoubt())));
    boolean inch = ViewPreferences.inch(model);
    model.addAttribute(
        "bench", BearingDrawing.of(subjects, close, BearingDrawing.Format.bench(inch)));
    model.addAttribute(
        "phone", BearingDrawing.of(subjects, close, BearingDrawing.Format.phone(inch)));
    Bearing first = subjects.get(0).portrait().bearing();
    var inside = subjects.get(0).portrait().inside();
    boolean alone = subjects.size() == 1;
    model.addAttribute("listed", inside.filter(i -> i.listed()).isPresent());
    model.addAttribute(
        "inside",
        inside
            .filter(i -> alone)
            .map(i -> InsideFigures.of(first, i, workings, figures))
            .orElse(null));
    model.addAttribute(
        "corner", CornerRadius.of(subjects.get(0).portrait().bearing()).orElse(null));
    model.addAttribute("close", close);
  }
}
