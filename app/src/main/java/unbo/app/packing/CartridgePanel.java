package unbo.app.packing;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.drag.DragChoice;
import unbo.app.drag.DragSheet;
import unbo.app.job.Workpiece;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.arrangement.BearingPlace;
import unbo.core.designation.BearingFacts;
import unbo.core.friction.HybridLimit;
import unbo.core.grease.ChargeWorkings;
import unbo.core.lubricant.SealFace;
import unbo.core.lubricant.Servicing;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Sealed cartridges of a position: what is in them, whether to leave or to serve them, oil by the
 * drop, and what a seal left off means.
 *
 * @param closure that is shown, by its id
 * @param read whether a marking says so, not a choice
 * @param inside grease in each as it is delivered
 * @param drops of oil for one, where oil goes in instead
 * @param servicing of the closure
 * @param again when a served one is looked at again, a sentence
 * @param behind what lies behind the face; null while nobody said
 * @param saves what leaving a seal off saves; empty while it is not known
 * @param hybrid static limit left under ceramic balls
 */
public record CartridgePanel(
    String closure,
    boolean read,
    Figure inside,
    Figure drops,
    Servicing servicing,
    String again,
    SealFace behind,
    String saves,
    Figure hybrid,
    List<WorkingView> workings) {

  static final String CLOSURE = "cart-closure";
  static final String BEHIND = "cart-behind";

  private static final double DELIVERED = 0.3;
  private static final double WETTED = 0.05;
  private static final double DROP_CM3 = 0.04;
  private static final String USUAL = "contact";

  /** Null where no ball bearing sits that could be a cartridge. */
  static CartridgePanel of(
      Workpiece piece,
      PackRecord pack,
      Map<String, String> fields,
      Optional<GreaseLasts> lasts,
      DragSheet drag) {
    Optional<BearingPlace> place =
        piece.arrangement().namedPlaces().stream()
            .filter(
                p ->
                    piece
                        .assembly()
                        .bearingAt(p.id())
                        .filter(b -> b.family().isBall() && !b.family().isEnvelopeOnly())
                        .isPresent())
            .findFirst();
    return place.map(p -> made(piece, p, pack, fields, lasts, drag)).orElse(null);
  }

  private static CartridgePanel made(
      Workpiece piece,
      BearingPlace place,
      PackRecord pack,
      Map<String, String> fields,
      Optional<GreaseLasts> lasts,
      DragSheet drag) {
    Workings workings = new Workings("cartridge");
    Working free = free(piece, place, pack);
    Optional<String> read = closure(piece.assembly().said().get(place.id()));
    String chosen = fields.getOrDefault(CLOSURE, "");
    String closure = Servicing.of(chosen).isPresent() ? chosen : read.orElse(USUAL);
    return new CartridgePanel(
        closure,
        read.filter(closure::equals).isPresent(),
        figure(workings, inside(free, pack.density()), "%.1f g"),
        figure(workings, drops(free), "%.0f drops"),
        Servicing.of(closure).orElseThrow(),
        again(lasts, fields),
        SealFace.withId(fields.getOrDefault(BEHIND, "")).orElse(null),
        saves(drag),
        figure(workings, HybridLimit.share(), "%.2f"),
        workings.all());
  }

  private static Figure figure(Workings workings, Working w, String format) {
    return workings.figure("", w, String.format(Locale.ROOT, format, w.result().value()));
  }

  /** What closes it, where the marking says the same of a side that is closed. */
  private static Optional<String> closure(BearingFacts facts) {
    return facts == null
        ? Optional.empty()
        : Optional.ofNullable(
                facts.left() == null || facts.left().equals("open") ? facts.right() : facts.left())
            .filter(c -> Servicing.of(c).isPresent());
  }

  private static Working free(Workpiece piece, BearingPlace place, PackRecord pack) {
    return new ChargeWorkings(
            piece.assembly().bearing(place.id()),
            Origin.table("bearing"),
            java.util.OptionalDouble.empty(),
            Origin.measured("workshop scale"),
            Input.exact("s", "share that is filled", DELIVERED, "", Origin.assumed("delivered")),
            ChargeWorkings.density(pack.density()))
        .freeVolume();
  }

  private static Working inside(Working free, double density) {
    return Working.of(
        Formula.of(
            "Grease in a cartridge as it is delivered",
            "g",
            "m = s·V·ρ",
            v -> v.get("s") * v.get("V") * v.get("ρ"),
            "General practice of sealed bearings: a quarter to a third of the free volume.",
            "The bearing maker’s own fill comes first."),
        List.of(
            Input.of("s", "share", DELIVERED, 0.05, "", Origin.assumed("a quarter to a third")),
            volume(free),
            ChargeWorkings.density(density)));
  }

  private static Input volume(Working free) {
    return Input.of(
        "V",
        "free volume of one",
        free.result().value(),
        free.result().uncertainty(),
        "cm³",
        Origin.computed("as above"));
  }

  private static Working drops(Working free) {
    return Working.of(
        Formula.of(
            "Oil for one cartridge",
            "drops",
            "n = max(1, s·V/v)",
            v -> Math.max(1, v.get("s") * v.get("V") / v.get("v")),
            "Wetted, not filled: a twentieth of the free volume, our own.",
            "Runs freely for a day or two and then dry: for events, not for a season."),
        List.of(
            Input.of("s", "share", WETTED, 0.02, "", Origin.assumed("wetted")),
            volume(free),
            Input.of("v", "a drop", DROP_CM3, 0.01, "cm³", Origin.assumed("from a needle"))));
  }

  private static String again(Optional<GreaseLasts> lasts, Map<String, String> fields) {
    boolean wet = !List.of("", "dry").contains(fields.getOrDefault("tin-water", ""));
    String months = wet ? Servicing.MOST_MONTHS_WET + " months where it is wet, or " : "";
    return lasts
        .map(
            l ->
                "Look again after "
                    + months
                    + String.format(
                        Locale.ROOT,
                        "%,.0f h: half of what its grease lasts, our own.",
                        Servicing.SHARE_OF_LIFE * l.hours().result().value()))
        .orElse(
            "Look again after "
                + Servicing.MOST_MONTHS_WET
                + " months; enter speed and heat below for hours of its own.");
  }

  private static String saves(DragSheet drag) {
    return drag == null
        ? ""
        : drag.rows().stream()
            .filter(r -> r.title().equals(DragChoice.WITHOUT_SEALS))
            .findFirst()
            .map(r -> "Without its seals it drags " + r.savedText() + " less.")
            .orElse("");
  }

  public List<Servicing> closures() {
    return Servicing.all();
  }

  public List<SealFace> faces() {
    return SealFace.all();
  }
}
