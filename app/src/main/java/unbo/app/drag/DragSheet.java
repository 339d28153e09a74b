package unbo.app.drag;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.app.tin.TinsForWork;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.web.NumberField;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.catalogue.Bearing;
import unbo.core.friction.Drag;
import unbo.core.friction.Friction;
import unbo.core.friction.Friction.Seal;
import unbo.core.lubricant.TinChoice;
import unbo.core.measure.Measured;
import unbo.core.working.Working;

/**
 * What the bearings of a position cost in watts, what another choice would save, and how warm they
 * run by it.
 *
 * @param rows as it is first, then each other choice
 * @param bearings how many they are together
 * @param steady how warm and after how long, a sentence; empty where it is not known
 * @param oil whose base oil it is reckoned with, a sentence
 * @param missing what is not reckoned and why; empty when all is
 */
public record DragSheet(
    List<Row> rows,
    int bearings,
    String steady,
    String missing,
    String oil,
    List<WorkingView> workings) {

  /** Bars are this long for the greatest saving. */
  public static final double BAR = 120;

  private static final double LEAST_W = 0.005;
  private static final Measured AS_USUAL = new Measured(1, 0);

  /**
   * A choice.
   *
   * @param saved against what is there, W; 0 for that itself
   * @param least the same at the lower end of its band
   * @param most and at the upper end
   * @param price what it costs otherwise
   */
  public record Row(
      String title, Figure watts, double saved, double least, double most, String price) {

    /** The saving in words, no finer than it is known. */
    public String savedText() {
      if (Math.abs(saved) < LEAST_W) {
        return "next to nothing";
      }
      return String.format(Locale.ROOT, Math.abs(saved) < 1 ? "%.2f W" : "%.1f W", saved)
          .replace('-', '−');
    }

    /** The band as a bar, both ends. */
    public double from(double scale) {
      return Math.max(0, least) * scale;
    }

    public double to(double scale) {
      return Math.max(0, most) * scale;
    }
  }

  /** Empty while speed, heat or an oil is missing. */
  public static Optional<DragSheet> of(
      Workpiece piece, TinsForWork tins, FieldProblems problems, Figures figures) {
    return tins.choice() == null
        ? Optional.empty()
        : oil(tins.choice()).map(t -> new Maker(piece, tins, problems, figures).make(t));
  }

  /** The best tin that says its viscosities. */
  private static Optional<TinChoice.Ranked> oil(TinChoice choice) {
    return choice.tins().stream()
        .filter(r -> r.refused().isEmpty() && r.tin().oil().isPresent())
        .findFirst();
  }

  /** What is needed while it is made. */
  private static final class Maker {
    private final Workpiece piece;
    private final TinsForWork tins;
    private final FieldProblems problems;
    private final Figures figures;
    private final Workings workings = new Workings("drag");

    Maker(Workpiece piece, TinsForWork tins, FieldProblems problems, Figures figures) {
      this.piece = piece;
      this.tins = tins;
      this.problems = problems;
      this.figures = figures;
    }

    DragSheet make(TinChoice.Ranked tin) {
      double load = number("drag-load", 0, 100_000).orElse(0.0);
      List<Bearing> bearings = bearings();
      boolean balls = bearings.stream().allMatch(b -> b.family().isBall());
      Seal seal = balls ? seal() : Seal.OPEN;
      double celsius = tins.celsius().orElseThrow();
      double viscosity = tin.tin().oil().orElseThrow().at(celsius);
      DragQuestion now = DragQuestion.usual(tins.rpm().orElseThrow(), load, viscosity, seal);
      List<Row> rows = new ArrayList<>();
      row(DragChoice.present(seal), now, bearings).ifPresent(rows::add);
      DragChoice.others(seal, bearings, tins.choice(), tin, celsius).stream()
          .filter(c -> load > 0 || c.clearance().isEmpty())
          .forEach(c -> row(c, now, bearings).ifPresent(rows::add));
      String missing = rows.isEmpty() ? "No factors are known here for bearings of this kind." : "";
      return new DragSheet(
          rows,
          bearings.size(),
          steady(bearings, now),
          missing,
          "Reckoned with the base oil of “%s”, %.0f mm²/s at that heat, a third full, and %.0f N on each bearing."
              .formatted(tin.tin().name(), viscosity, load),
          workings.all());
    }

    private Seal seal() {
      return switch (tins.get("drag-seal")) {
        case "light-contact" -> Seal.LIGHT_CONTACT;
        case "shield" -> Seal.SHIELD;
        default -> Seal.CONTACT;
      };
    }

    private List<Bearing> bearings() {
      return piece.arrangement().namedPlaces().stream()
          .flatMap(p -> piece.assembly().bearingAt(p.id()).stream())
          .toList();
    }

    /** The bearings of a position together; the first that has no factors leaves all of it out. */
    private Optional<Row> row(DragChoice choice, DragQuestion now, List<Bearing> bearings) {
      double watts = 0;
      double before = 0;
      double doubt = 0;
      Working shown = null;
      for (Bearing bearing : bearings) {
        Optional<Friction.Question> with = choice.change().apply(now).of(bearing);
        Optional<Friction.Question> without = now.of(bearing);
        if (with.isEmpty() || without.isEmpty()) {
          return Optional.empty();
        }
        Optional<Drag.Factor> factor =
            choice.clearance().map(c -> c.factor(bearing, now.radialN()));
        Working one =
            factor.map(f -> Drag.watts(with.get(), f)).orElseGet(() -> Drag.watts(with.get()));
        Measured z = factor.map(Drag.Factor::value).orElse(AS_USUAL);
        watts += one.result().value();
        before += Drag.watts(without.get()).result().value();
        doubt += changed(with.get(), without.get(), z);
        shown = shown == null ? one : shown;
      }
      if (shown == null) {
        return Optional.empty();
      }
      boolean many = bearings.size() > 1;
      String text = String.format(Locale.ROOT, watts < 1 ? "%.2f\u00a0W" : "%.1f\u00a0W", watts);
      String about = choice.title() + (many ? ", one of " + bearings.size() : "");
      double saved = before - watts;
      return Optional.of(
          new Row(
              choice.title(),
              workings.figure(about, shown, text),
              saved,
              saved - doubt,
              saved + doubt,
              choice.price()));
    }

    /**
     * Doubt of a difference: only what changes is doubtful, seals by a half, the rest by a third,
     * and the clearance by its own.
     */
    private static double changed(Friction.Question with, Friction.Question without, Measured z) {
      Friction a = Friction.of(with);
      Friction b = Friction.of(without);
      double perSecond = 2 * Math.PI * with.rpm() / 60 / 1000;
      double load = a.loadNmm() * z.value() - b.loadNmm();
      return perSecond
          * Math.hypot(
              Math.hypot(
                  0.3 * (a.noLoadNmm() - b.noLoadNmm() + load), a.loadNmm() * z.uncertainty()),
              0.5 * (a.sealNmm() - b.sealNmm()));
    }

    private String steady(List<Bearing> bearings, DragQuestion now) {
      Optional<Friction.Question> q = bearings.stream().findFirst().flatMap(now::of);
      if (q.isEmpty() || Friction.of(q.get()).runningC().isEmpty()) {
        return "";
      }
      double warm = Friction.of(q.get()).runningC().getAsDouble() - DragQuestion.ROOM_C;
      double minutes = Drag.minutesToSteady(q.get()).orElse(0);
      String typed =
          warm + DragQuestion.ROOM_C > tins.celsius().orElseThrow() + 10
              ? " That is warmer than what was typed: enter it as the heat at work."
              : "";
      return "By its own drag about "
          + figures.whole(warm)
          + " °C over the air, steady after about "
          + Math.max(1, Math.round(minutes))
          + " min: a shorter test run shows less."
          + typed;
    }

    private Optional<Double> number(String field, double least, double most) {
      return NumberField.read(field, tins.get(field), least, most, problems);
    }
  }

  /** How long the bars are for a watt. */
  public double scale() {
    double most = rows.stream().mapToDouble(Row::most).max().orElse(0);
    return most <= 0 ? 0 : BAR / most;
  }
}
