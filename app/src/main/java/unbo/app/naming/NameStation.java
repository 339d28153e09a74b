package unbo.app.naming;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Marked;
import unbo.app.job.PaperLine;
import unbo.app.job.PartMark;
import unbo.app.job.Press;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.web.NoSuchPage;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.PartTemplate;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.ReadingReport;
import unbo.core.units.Problem;

/** Name: reads a number as it is typed, and takes a reading into the job. */
@Component
class NameStation implements Worksheet {

  private final Figures figures;
  private final DesignationReader reader = DesignationReader.standard();

  NameStation(Figures figures) {
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.NAME;
  }

  /** Where no table has bearings of a kind that sits there, there is no number to read. */
  @Override
  public boolean serves(Arrangement arrangement) {
    return !arrangement.readablePlaces().isEmpty();
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    BearingPlace place = placeOf(piece, selection.part());
    String text =
        form.typed() && form.has("text")
            ? form.get("text")
            : piece.work().bearingAt(place.id()).map(Marked::getMarking).orElse("");
    model.addAttribute(
        "name", NameSheet.of(piece, place, reader.read(text), form.problems().at("text"), figures));
  }

  @Override
  public List<PaperLine> paper(Workpiece piece) {
    return piece.arrangement().readablePlaces().stream()
        .flatMap(place -> paper(piece, place).stream())
        .toList();
  }

  private static Optional<PaperLine> paper(Workpiece piece, BearingPlace place) {
    return piece
        .work()
        .bearingAt(place.id())
        .map(
            m ->
                new PaperLine(
                    place.id() + " bearing read off the ring",
                    m.facts()
                        .map(f -> String.join("; ", f.lines()))
                        .orElse("as found, not original"),
                    m.getMarking()));
  }

  @Override
  public Press press(Job job, Form form, Press.By by) {
    BearingPlace place = named(job, form.get("part"));
    String text = form.get("text");
    Optional<Bearing> kept = chosen(text, form.get("keep"));
    if (kept.isPresent() && !NameSheet.mayStandAt(place, kept.get())) {
      return keptAsFound(place, text.strip(), kept.get());
    }
    Optional<Bearing> read = chosen(text, form.get("take"));
    Optional<Problem> refusal = refusal(job, place, text, read);
    if (refusal.isPresent()) {
      FieldProblems problems = new FieldProblems();
      problems.add("text", refusal.get());
      return new Press.Refused(problems);
    }
    return taken(job, place, text.strip(), read.orElseThrow(), form.has("renewed"));
  }

  /**
   * A bearing of a kind that does not belong there: its number is kept, and nothing drawn of it.
   */
  private static Press keptAsFound(BearingPlace place, String text, Bearing bearing) {
    String line =
        place.id()
            + " bearing: “"
            + text
            + "” kept as found, not original: a "
            + bearing.family().title()
            + " where a "
            + place.title()
            + " belongs";
    return Press.Taken.here(
        StationMark.State.WORKED_ON,
        line,
        (changed, by) -> changed.work().setBearing(place.id(), Marked.text(text)));
  }

  private static Press taken(
      Job job, BearingPlace place, String text, Bearing bearing, boolean renewed) {
    Optional<BearingPlace> unread =
        job.arrangement().readablePlaces().stream()
            .filter(p -> !p.equals(place) && job.work().bearingAt(p.id()).isEmpty())
            .findFirst();
    String was =
        job.work()
            .bearingAt(place.id())
            .map(m -> "“" + m.getMarking() + "”")
            .orElseGet(
                () ->
                    job.assembly()
                        .bearingAt(place.id())
                        .map(b -> "assumed " + b.designation())
                        .orElse("known by size alone"));
    String line =
        place.id()
            + " bearing: "
            + was
            + " → “"
            + text
            + "” read as "
            + bearing.designation()
            + (renewed ? ", renewed" : "");
    return new Press.Taken(
        unread.isEmpty() ? StationMark.State.DONE : StationMark.State.WORKED_ON,
        line,
        (changed, by) -> write(changed, place, Marked.read(bearing.designation(), text), renewed),
        true,
        job.arrangement().partsOf(unread.orElse(place).id()).get(0).id());
  }

  private static void write(Job job, BearingPlace place, Marked bearing, boolean renewed) {
    job.work().setBearing(place.id(), bearing);
    if (!place.isNamed()) {
      // The number's sizes take the place of measured ones; undo brings them back.
      List.of("bore", "outer", "width")
          .forEach(size -> job.work().setDimension(place.id() + "." + size, null));
    }
    if (renewed) {
      List<String> rings =
          job.arrangement().partsOf(place.id()).stream().map(PartTemplate::id).toList();
      job.work().setParts(rings, PartMark.State.RENEWED, Station.NAME);
    }
  }

  private Optional<Bearing> chosen(String text, String designation) {
    return reader.read(text).readings().stream()
        .map(r -> r.bearing())
        .filter(b -> b.designation().equals(designation))
        .findFirst();
  }

  private Optional<Problem> refusal(
      Job job, BearingPlace place, String text, Optional<Bearing> read) {
    if (read.isEmpty()) {
      ReadingReport report = reader.read(text);
      return Optional.of(
          report
              .problem()
              .orElse(
                  new Problem(
                      text,
                      "No reading of this text was chosen.",
                      "Enter the number and use one of its readings.")));
    }
    if (NameSheet.mayStandAt(place, read.get())) {
      return Optional.empty();
    }
    return Optional.of(
        new Problem(
            read.get().designation(),
            NameSheet.objection(job, place, read.get()),
            place.kind().isTaper()
                ? "Check the ring again: a taper bearing has a cone and a cup that come apart."
                : "Check the ring again, or measure bore, outside diameter and width."));
  }

  private static BearingPlace named(Workpiece piece, String part) {
    return placeOf(
        piece,
        piece
            .arrangement()
            .part(part)
            .orElseThrow(() -> new NoSuchPage("There is no such bearing.")));
  }

  /** The place of a part; without one the first. */
  private static BearingPlace placeOf(Workpiece piece, PartTemplate part) {
    if (part == null) {
      return piece.arrangement().readablePlaces().get(0);
    }
    return part.place()
        .flatMap(piece.arrangement()::place)
        .filter(piece.arrangement().readablePlaces()::contains)
        .orElseThrow(() -> new NoSuchPage("There is no such bearing."));
  }
}
