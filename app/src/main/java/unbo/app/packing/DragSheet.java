package unbo.app.packing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.web.NumberField;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.BearingPlace;
import unbo.core.catalogue.Bearing;
import unbo.core.friction.Drag;
import unbo.core.friction.Friction;
import unbo.core.friction.Friction.Seal;
import unbo.core.lubricant.Oil;
import unbo.core.lubricant.TinChoice;
import unbo.core.working.Working;

/**
 * What the bearings of a position cost in watts, what another choice would save, and how warm they
 * run by it.
 *
 * @param rows as it is first, then each other choice
 * @param steady how warm and after how long, a sentence; empty where it is not known
 * @param oil whose base oil it is reckoned with, a sentence
 * @param missing what is not reckoned and why; empty when all is
 */
public record DragSheet(
    List<Row> rows, String steady, String missing, String oil, List<WorkingView> workings) {

  /** Bars are this long for the greatest saving. */
  public static final double BAR = 120;

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

  private record Choice(String title, double fill, Seal seal, boolean hybrid, String price) {}

  private static final double USUAL_FILL = 0.3;

  /** The choice that says what seals cost. */
  static final String WITHOUT_SEALS = "Shields, or a seal left off";

  /** Empty while speed, heat or an oil is missing. */
  static Optional<DragSheet> of(
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
      Map<BearingPlace, Bearing> bearings = bearings();
      double viscosity = viscosity(tin.tin().oil().orElseThrow());
      List<Row> rows = new ArrayList<>();
      List<Choice> choices = choices(bearings.values().stream().allMatch(b -> b.family().isBall()));
      for (Choice choice : choices) {
        Optional<Row> row = row(choice, choices.get(0), bearings, load, viscosity);
        row.ifPresent(rows::add);
      }
      String missing = rows.isEmpty() ? "No factors are known here for bearings of this kind." : "";
      return new DragSheet(
          rows,
          steady(bearings, choices.get(0), load, viscosity),
          missing,
          "Reckoned with the base oil of “%s”, %.0f mm²/s at that heat, a third full, and %.0f N on each bearing."
              .formatted(tin.tin().name(), viscosity, load),
          workings.all());
    }

    private double viscosity(Oil oil) {
      return oil.at(tins.celsius().orElseThrow());
    }

    private List<Choice> choices(boolean balls) {
      Seal seal = balls ? seal() : Seal.OPEN;
      List<Choice> all = new ArrayList<>();
      all.add(new Choice("As it is, " + words(seal), USUAL_FILL, seal, false, ""));
      all.add(
          new Choice(
              "Filled to a fifth", 0.2, seal, false, "renewed sooner; less to keep water out"));
      if (seal == Seal.CONTACT) {
        all.add(
            new Choice(
                "Light contact seals",
                USUAL_FILL,
                Seal.LIGHT_CONTACT,
                false,
                "water gets in sooner"));
      }
      if (seal == Seal.CONTACT || seal == Seal.LIGHT_CONTACT) {
        all.add(
            new Choice(
                WITHOUT_SEALS,
                USUAL_FILL,
                Seal.SHIELD,
                false,
                "only where a dry closed space lies behind that face"));
      }
      if (balls) {
        all.add(
            new Choice(
                "Ceramic balls in steel rings",
                USUAL_FILL,
                seal,
                true,
                "dear; in dirt they wear their raceways, and shock dents a steel ring sooner"));
      }
      return all;
    }

    private Seal seal() {
      return switch (tins.get("drag-seal")) {
        case "light-contact" -> Seal.LIGHT_CONTACT;
        case "shield" -> Seal.SHIELD;
        default -> Seal.CONTACT;
      };
    }

    private static String words(Seal seal) {
      return seal == Seal.CONTACT
          ? "contact seals"
          : seal == Seal.LIGHT_CONTACT
              ? "light contact seals"
              : seal == Seal.SHIELD ? "shields or open" : "open; the hub’s own seals are not in it";
    }

    private Map<BearingPlace, Bearing> bearings() {
      Map<BearingPlace, Bearing> all = new LinkedHashMap<>();
      for (BearingPlace place : piece.arrangement().namedPlaces()) {
        piece.assembly().bearingAt(place.id()).ifPresent(b -> all.put(place, b));
      }
      return all;
    }

    /** The bearings of a position together; the first that has no factors leaves all of it out. */
    private Optional<Row> row(
        Choice choice,
        Choice first,
        Map<BearingPlace, Bearing> bearings,
        double load,
        double viscosity) {
      double watts = 0;
      double now = 0;
      double doubt = 0;
      Working shown = null;
      for (Map.Entry<BearingPlace, Bearing> each : bearings.entrySet()) {
        Optional<Friction.Question> with = question(each.getValue(), choice, load, viscosity);
        Optional<Friction.Question> without = question(each.getValue(), first, load, viscosity);
        if (with.isEmpty() || without.isEmpty()) {
          return Optional.empty();
        }
        Working one = Drag.watts(with.get());
        watts += one.result().value();
        now += Drag.watts(without.get()).result().value();
        doubt += Math.abs(changed(with.get(), without.get()));
        shown = shown == null ? one : shown;
      }
      if (shown == null) {
        return Optional.empty();
      }
      String text =
          String.format(Locale.ROOT, watts < 1 ? "%.2f W" : "%.1f W", watts)
              + (bearings.size() > 1 ? " for " + bearings.size() : "");
      double saved = now - watts;
      return Optional.of(
          new Row(
              choice.title(),
              workings.figure(
                  choice.title() + (bearings.size() > 1 ? ", one of " + bearings.size() : ""),
                  shown,
                  text),
              saved,
              saved - doubt,
              saved + doubt,
              choice.price()));
    }

    /**
     * Doubt of a difference: only what changes is doubtful, seals by a half, the rest by a third.
     */
    private static double changed(Friction.Question with, Friction.Question without) {
      Friction a = Friction.of(with);
      Friction b = Friction.of(without);
      double perSecond = 2 * Math.PI * with.rpm() / 60 / 1000;
      return perSecond
          * Math.hypot(
              0.3 * Math.abs(a.noLoadNmm() + a.loadNmm() - b.noLoadNmm() - b.loadNmm()),
              0.5 * Math.abs(a.sealNmm() - b.sealNmm()));
    }

    private Optional<Friction.Question> question(
        Bearing b, Choice choice, double load, double viscosity) {
      return new DragQuestion(
              tins.rpm().orElseThrow(),
              load,
              viscosity,
              choice.fill(),
              choice.seal(),
              choice.hybrid())
          .of(b);
    }

    private String steady(
        Map<BearingPlace, Bearing> bearings, Choice choice, double load, double viscosity) {
      Optional<Friction.Question> q =
          bearings.values().stream().findFirst().flatMap(b -> question(b, choice, load, viscosity));
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
