package unbo.app.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.app.drawing.GreasePath;
import unbo.app.drawing.OilPicture;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.BearingPlace;
import unbo.core.grease.ChargeWorkings;
import unbo.core.grease.OilLevel;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What stands beside a charge: oil instead of grease, turns of a screw-down cup, the fills of the
 * bicycle trade.
 *
 * @param oil level for each bearing
 * @param cup turns for all of it; null while nobody weighed a turn, or nothing is packed
 * @param path of fresh grease; null without bearings
 * @param fills of the bicycle trade: a quarter, half and three quarters; empty elsewhere
 */
public record PackBeside(
    List<Line> oil,
    GreasePath path,
    Figure cup,
    List<Figure> fills,
    FieldProblems problems,
    List<WorkingView> workings) {

  private static final String CUP = "cup-grams";

  /** A level at a bearing. */
  public record Line(String where, Figure level, boolean high, OilPicture picture) {}

  static PackBeside of(Workpiece piece, PackRecord pack, Map<String, String> fields) {
    FieldProblems problems = new FieldProblems();
    Workings workings = new Workings("beside");
    double rpm = rpm(fields);
    List<Line> oil = new ArrayList<>();
    for (BearingPlace place : piece.arrangement().namedPlaces()) {
      piece
          .assembly()
          .bearingAt(place.id())
          .flatMap(b -> BearingPortrait.of(b).inside())
          .ifPresent(in -> oil.add(line(piece, place, in, rpm, workings)));
    }
    Optional<Double> turn =
        NumberField.read(CUP, fields.getOrDefault(CUP, ""), 0.01, 100, problems);
    // Volumes are worked only for those who ask: the sheet has worked them once already.
    boolean bicycle = isBicycle(piece);
    Optional<PackFigures> figures =
        turn.isPresent() || bicycle ? PackFigures.of(piece, pack) : Optional.empty();
    Figure cup =
        turn.isPresent() && figures.isPresent() ? cup(figures.get(), turn.get(), workings) : null;
    return new PackBeside(
        oil,
        GreasePath.of(piece.assembly()).orElse(null),
        cup,
        bicycle ? figures.map(f -> fills(f, workings)).orElse(List.of()) : List.of(),
        problems,
        workings.all());
  }

  private static boolean isBicycle(Workpiece piece) {
    return piece
        .vehicleKind()
        .map(PackBeside::isPedalled)
        .orElseGet(() -> piece.arrangement().kinds().stream().allMatch(PackBeside::isPedalled));
  }

  private static boolean isPedalled(String kind) {
    return kind.equals("bicycle") || kind.equals("tricycle");
  }

  private static double rpm(Map<String, String> fields) {
    return NumberField.read(
            "tin-rpm", fields.getOrDefault("tin-rpm", ""), 0, 60_000, new FieldProblems())
        .orElse(0.0);
  }

  private static Line line(
      Workpiece piece, BearingPlace place, InternalGeometry in, double rpm, Workings workings) {
    Working below = OilLevel.below(in.pitchMm(), in.elementMm(), rpm);
    String where = place.id().replace('-', ' ');
    String text = String.format(Locale.ROOT, "%.0f mm", below.result().value());
    return new Line(
        where,
        workings.figure(where, below, text),
        OilLevel.isHigh(in.pitchMm(), rpm),
        OilPicture.of(piece.assembly(), place, below.result().value()).orElse(null));
  }

  private static Figure cup(PackFigures figures, double turn, Workings workings) {
    Working turns =
        Working.of(
            Formula.of(
                "Turns of the cup",
                "",
                "n = m/g",
                v -> v.get("m") / v.get("g"),
                "One turn weighed.",
                "The same grease at the same warmth; the cup full when it begins."),
            List.of(
                Input.of(
                    "m",
                    "grease in all",
                    figures.grams(),
                    0.15 * figures.grams(),
                    "g",
                    Origin.computed("charges above")),
                Input.of(
                    "g", "grease for a turn", turn, 0.1 * turn, "g", Origin.entered("weighed"))));
    long whole = Math.max(1, Math.round(turns.result().value()));
    return workings.figure("", turns, whole + (whole == 1 ? " turn" : " turns"));
  }

  /** A quarter for the least drag, half to three quarters as normal: of the free volume. */
  private static List<Figure> fills(PackFigures figures, Workings workings) {
    return Stream.of(0.25, 0.5, 0.75)
        .map(share -> fill(figures, share))
        .map(w -> workings.figure("", w, String.format(Locale.ROOT, "%.1f g", w.result().value())))
        .toList();
  }

  private static Working fill(PackFigures figures, double share) {
    List<Working> volumes =
        figures.charges().values().stream().map(ChargeWorkings::freeVolume).toList();
    double free = volumes.stream().mapToDouble(w -> w.result().value()).sum();
    double doubt = volumes.stream().mapToDouble(w -> w.result().uncertainty()).sum();
    return Working.of(
        Formula.of(
            "Fill of the bicycle trade",
            "g",
            "m = s·V·ρ",
            v -> v.get("s") * v.get("V") * v.get("ρ"),
            "Rule of the bicycle trade, recalled.",
            "Bearings alone, no hollow beside them."),
        List.of(
            Input.exact(
                "s", "share that is filled", share, "", Origin.assumed("rule of the trade")),
            Input.of(
                "V",
                "free volume of all bearings",
                free,
                doubt,
                "cm³",
                Origin.computed("volumes above")),
            figures.density()));
  }
}
