package unbo.core.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingKind;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.Ring;
import unbo.core.arrangement.Stroke;
import unbo.core.heat.LooseningHeat;
import unbo.core.strip.Bench.Push;
import unbo.core.strip.Route.Kind;
import unbo.core.strip.Route.Verdict;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * The ways to get a tight ring off, the best first: those that keep the bearing, then those that
 * scrap it, then those that risk its seat; within each, heat before force, force that stops and
 * backs off before blows. A way is there because a face can be reached and the force can be held,
 * not because a list says so; one that cannot be done is there too, with its reason. Striking a
 * whole hardened ring is never one.
 *
 * <p>Limits: reach is that of the half section; how strong a tool is, or how far a housing's face
 * yields, is not known.
 */
public final class Routes {

  private static final double JAW_MM = 5;
  private static final double BLADE_MM = 2;
  private static final double LIP_MM = 1.5;
  private static final double LEAST_GRIP_MM = 1;

  private static final String STRAIGHT = "No force goes through balls or rollers.";
  private static final String CROSSING =
      "The force goes through balls or rollers and dents the raceways: scrap, however it feels.";

  private final Assembly assembly;
  private final Arrangement arrangement;
  private final Contact contact;
  private final Bench bench;
  private final Optional<Set<Tool>> owned;
  private final boolean rusted;
  private final List<Route> routes = new ArrayList<>();

  private Routes(
      Assembly assembly, StripOrder order, StripStep step, Contact contact, Circumstances found) {
    this.assembly = assembly;
    this.arrangement = assembly.arrangement();
    this.contact = contact;
    this.bench = new Bench(assembly, order, step, contact);
    this.owned = found.tools();
    this.rusted = found.isRusted(contact);
  }

  /**
   * The ways for a part's press fit; none where the part has none that is parted.
   *
   * @param part the ring, or what it sits on
   */
  public static List<Route> of(Assembly assembly, String part, Circumstances found) {
    StripOrder order = StripOrder.of(assembly, found);
    return order.parting(part).map(s -> of(assembly, order, s, part, found)).orElse(List.of());
  }

  /**
   * The ways for a step of an order.
   *
   * @param part which of its press fits, where it parts several: the ring, or what it sits on
   */
  public static List<Route> of(
      Assembly assembly, StripOrder order, StripStep step, String part, Circumstances found) {
    return contact(assembly.arrangement(), step, part, found)
        .map(c -> new Routes(assembly, order, step, c, found).all())
        .orElse(List.of());
  }

  private static Optional<Contact> contact(
      Arrangement arrangement, StripStep step, String part, Circumstances found) {
    Predicate<Contact> ofStep =
        c ->
            found.isTight(c)
                && step.parts().contains(c.part()) != step.parts().contains(c.other())
                && step.among().containsAll(List.of(c.part(), c.other()));
    return arrangement.contacts().stream()
        .filter(ofStep)
        .min(Comparator.comparing(c -> !c.part().equals(part) && !c.other().equals(part)));
  }

  private List<Route> all() {
    if (isLevered()) {
      add(
          Kind.LEVER,
          Verdict.KEEPS,
          bench.near(),
          "",
          List.of(bench.near(), bench.far()),
          "A lip or a thin cap is not used again: have a new one.");
    }
    if (rusted) {
      add(
          Kind.PENETRANT,
          Verdict.KEEPS,
          bench.near(),
          "",
          List.of(bench.near(), bench.far()),
          "Rust holds it, not the fit: time first, force later.");
    }
    heat();
    pushes();
    pulls();
    lastResorts();
    routes.sort(
        Comparator.comparing((Route r) -> !r.isInReach())
            .thenComparing(r -> r.verdict())
            .thenComparing(r -> r.kind()));
    return List.copyOf(routes);
  }

  private PartTemplate part(String piece) {
    return arrangement.part(ForcePaths.partOf(piece)).orElseThrow();
  }

  /** A seal or a sheet cap gives way to a lever. */
  private boolean isLevered() {
    PartTemplate leaving = part(bench.near());
    return arrangement.seals().contains(leaving)
        || leaving.strokes().stream()
            .anyMatch(s -> s.verb() == Stroke.Verb.SEAL || s.word().equals("cut-sheet"));
  }

  /** The bearing part of the press fit: the one that leaves or the one that stays. */
  private Optional<String> bearing() {
    return List.of(bench.near(), bench.far()).stream().filter(p -> part(p).isBearing()).findFirst();
  }

  private boolean isInHousing() {
    return contact.kind() == Contact.Kind.IN && ring() != Ring.INNER;
  }

  private Ring ring() {
    return bearing()
        .map(b -> part(b).ring().orElse(b.endsWith("/inner") ? Ring.INNER : Ring.OUTER))
        .orElse(contact.kind() == Contact.Kind.IN ? Ring.OUTER : Ring.INNER);
  }

  // Heat

  private void heat() {
    if (!isHeated()) {
      return;
    }
    double diameter = seatDiameter();
    OptionalDouble worst = LooseningHeat.worstMm(isInHousing(), diameter);
    Optional<Double> measured = interference();
    if (worst.isEmpty() && measured.isEmpty()) {
      return;
    }
    double delta = measured.orElseGet(worst::getAsDouble);
    Origin origin =
        measured.isPresent()
            ? Origin.measured("seat and ring, measured")
            : Origin.assumed("greatest of a usual press fit; measure both for your own");
    LooseningHeat.Heated what =
        isInHousing() ? LooseningHeat.Heated.ALLOY_HOUSING : LooseningHeat.Heated.RING;
    Working needed = LooseningHeat.temperature(what, diameter, Math.max(0, delta), origin);
    Kind kind = isInHousing() ? Kind.HEAT_HOUSING : Kind.HEAT_RING;
    double usual = measured.isPresent() ? delta : delta / 2;
    Working likely = LooseningHeat.temperature(what, diameter, Math.max(0, usual), origin);
    heated(kind, needed, likely.result().value() <= limit(kind));
  }

  /** Whether a shield or a seal was read on the bearing of the fit. */
  private boolean isSealed() {
    return bearing()
        .flatMap(b -> part(b).place())
        .map(assembly.said()::get)
        .filter(said -> said.closed().isClosed())
        .isPresent();
  }

  /** A bare ring stands more than a bearing with cage and grease. */
  private double limit(Kind kind) {
    boolean bare =
        kind == Kind.HEAT_RING
            && part(ringPiece()).strokes().stream().anyMatch(s -> s.piece().startsWith("inner"));
    return bare ? LooseningHeat.BARE_RING_LIMIT_C : LooseningHeat.LIMIT_C;
  }

  /** Rubber and sensor rings are not heated, nor is what is levered out. */
  private boolean isHeated() {
    return !isLevered()
        && part(bench.near()).strokes().stream().noneMatch(s -> s.word().equals("cut-rubber"))
        && (isInHousing() || isRingLeaving());
  }

  private void heated(Kind kind, Working needed, boolean mayDo) {
    double limit = limit(kind);
    boolean spoilt = mayDo && isSealed() && needed.result().value() > LooseningHeat.SEALED_LIMIT_C;
    String seals =
        spoilt
            ? "Its seals or shields were read: over 80 °C they and the grease are harmed, and the bearing is scrap. "
            : "A sealed or greased bearing over 80 °C is scrap. ";
    String what =
        kind == Kind.HEAT_HOUSING
            ? "For a light alloy housing; one of steel or iron frees nothing when it is soaked."
            : "";
    String tight =
        needed.result().value() <= limit
            ? ""
            : "At the tightest usual fit heat alone does not do within its limit: help it with a light push. ";
    String why =
        mayDo
            ? (tight + seals + what).strip()
            : "It would have to be warmer than its limit: heat alone does not free it.";
    routes.add(
        new Route(
            kind,
            !mayDo ? Verdict.NOT_POSSIBLE : spoilt ? Verdict.SCRAPS : Verdict.KEEPS,
            false,
            kind == Kind.HEAT_HOUSING ? seat() : ringPiece(),
            "",
            List.of(bench.near(), bench.far()),
            RouteKit.tools(kind),
            missing(kind),
            Optional.of(needed),
            limit,
            why,
            RouteKit.cautions(kind)));
  }

  /** The housing of the fit: what the other part is in. */
  private String seat() {
    return ForcePaths.partOf(bench.far()).equals(contact.other()) ? bench.far() : bench.near();
  }

  private String ringPiece() {
    return bearing().orElse(bench.near());
  }

  private double seatDiameter() {
    return contact
        .seat()
        .map(assembly::value)
        .or(
            () ->
                bearing()
                    .flatMap(b -> part(b).place())
                    .map(p -> assembly.valueOf(p + (ring() == Ring.INNER ? ".bore" : ".outer"))))
        .orElse(0.0);
  }

  /** The interference of a seat that somebody measured. */
  private Optional<Double> interference() {
    boolean known =
        contact.size().isPresent()
            && contact.seat().isPresent()
            && arrangement.part(contact.other()).orElseThrow().sizes().stream()
                .anyMatch(
                    s ->
                        assembly.isMeasured(s)
                            && Math.abs(assembly.value(s) - assembly.value(contact.seat().get()))
                                < 1e-9);
    if (!known) {
      return Optional.empty();
    }
    double size = assembly.value(contact.size().get());
    double seat = assembly.value(contact.seat().get());
    return Optional.of(isInHousing() ? size - seat : seat - size);
  }

  // Force on a face

  private void pushes() {
    List<Push> pushes = bench.pushes();
    Optional<Push> straight = pushes.stream().filter(p -> !p.crosses()).findFirst();
    Optional<Push> crossing = pushes.stream().filter(Push::crosses).findFirst();
    straight.ifPresent(p -> pushed(p, EnumSet.of(Kind.PRESS, Kind.SCREW_DRIFT, Kind.DRIFT)));
    straight.filter(p -> isInHousing()).ifPresent(p -> pushed(p, EnumSet.of(Kind.THREADED_ROD)));
    straight.filter(p -> isWheelUnit()).ifPresent(p -> pushed(p, EnumSet.of(Kind.HUB_PRESS)));
    if (straight.isPresent() && takesNewBehind()) {
      pushed(straight.get(), EnumSet.of(Kind.NEW_PUSHES_OLD));
    }
    crossing.ifPresent(p -> pushed(p, EnumSet.of(Kind.PRESS)));
    Optional<Push> leaning = straight.isEmpty() ? leaning() : Optional.empty();
    leaning.ifPresent(p -> pushed(p, EnumSet.of(Kind.SCREW_DRIFT, Kind.DRIFT)));
    if (pushes.isEmpty() && leaning.isEmpty()) {
      impossible(Kind.PRESS, "No face of what leaves can be reached from behind.");
    }
  }

  /** A drift through the far opening: on the tight ring where it has a ledge, else on the other. */
  private Optional<Push> leaning() {
    List<Push> met = new ArrayList<>();
    for (String part : bench.leaving()) {
      for (String piece : bench.pieces(part)) {
        if (bench.isMetByLeaningDrift(piece)) {
          bench.force(piece, LEAST_GRIP_MM).ifPresent(met::add);
        }
      }
    }
    return met.stream()
        .min(
            Comparator.comparing(Push::crosses)
                .thenComparing(p -> !p.piece().equals(bench.near())));
  }

  private boolean isWheelUnit() {
    return bench.isOnVehicle()
        && bearing()
            .flatMap(b -> part(b).place())
            .flatMap(arrangement::place)
            .map(BearingPlace::kind)
            .filter(k -> k == BearingKind.DOUBLE_ROW_BALL)
            .isPresent();
  }

  private boolean takesNewBehind() {
    return isInHousing()
        && bench.leaving().size() == 1
        && part(bench.near()).isBearing()
        && bench.isOpenBehind(bench.near());
  }

  private void pushed(Push push, Set<Kind> kinds) {
    for (Kind kind : kinds) {
      String why =
          push.crosses()
              ? CROSSING
              : STRAIGHT + String.format(java.util.Locale.ROOT, " Face of %.1f mm.", push.landMm());
      add(kind, push.crosses() ? Verdict.SCRAPS : Verdict.KEEPS, push.crosses(), push, why);
    }
  }

  // Pulling from the side to which it leaves

  private void pulls() {
    if (isInHousing()) {
      collet();
    } else if (isRingLeaving()) {
      jaws();
    }
    if (!isLevered()) {
      bench
          .sticksOut()
          .filter(p -> !part(p).isBearing())
          .flatMap(p -> bench.force(bench.pieces(p).get(0), LEAST_GRIP_MM))
          .ifPresent(p -> pushed(p, EnumSet.of(Kind.SLIDE_HAMMER)));
    }
  }

  private boolean isRingLeaving() {
    return bearing().filter(b -> b.equals(bench.near())).isPresent()
        || !part(bench.far()).isBearing();
  }

  private void collet() {
    if (bearing().filter(b -> b.equals(bench.near())).isEmpty()) {
      return;
    }
    List<String> pieces = bench.pieces(ForcePaths.partOf(bench.near()));
    String pulled = pieces.get(0);
    if (!bench.isBoreFree(pulled)) {
      impossible(Kind.COLLET_PULLER, "Something is in its bore.");
    } else if (bench.gripBehind(pulled, LIP_MM) < 0.5) {
      impossible(Kind.COLLET_PULLER, "No room for a lip behind the ring.");
    } else {
      bench
          .force(pulled, bench.gripBehind(pulled, LIP_MM))
          .ifPresent(p -> pushed(p, EnumSet.of(Kind.COLLET_PULLER)));
    }
  }

  private void jaws() {
    String ring = bench.near();
    double jaw = bench.gripBehind(ring, JAW_MM);
    double blade = bench.gripBehind(ring, BLADE_MM);
    gripped(Kind.JAW_PULLER, ring, jaw, "No room for jaws behind the tight ring.");
    gripped(
        Kind.SPLITTER, ring, blade, "No gap behind the tight ring that a blade could start in.");
  }

  private void gripped(Kind kind, String ring, double grip, String otherwise) {
    if (grip < LEAST_GRIP_MM) {
      impossible(kind, otherwise);
    } else {
      bench.force(ring, grip).ifPresent(p -> pushed(p, EnumSet.of(kind)));
    }
  }

  // What is left when nothing else does

  private void lastResorts() {
    if (isLevered() || bearing().isEmpty() && !contact.kind().equals(Contact.Kind.ON)) {
      return;
    }
    boolean cup =
        isInHousing() && part(bench.near()).ring().filter(r -> r == Ring.OUTER).isPresent();
    boolean bareInner =
        !isInHousing()
            && isRingLeaving()
            && (part(bench.near()).ring().filter(r -> r == Ring.INNER).isPresent()
                || !part(bench.near()).isBearing());
    if (isInHousing() && isBush() && bench.isBlindBehind(bench.near())) {
      add(
          Kind.GREASE_RAM,
          Verdict.SCRAPS,
          bench.near(),
          bench.far(),
          List.of(bench.near(), bench.far()),
          "The hollow behind is closed: grease has nowhere else to go.");
    }
    if (cup) {
      add(
          Kind.WELD_BEAD,
          Verdict.SCRAPS,
          bench.near(),
          "",
          List.of(bench.near(), bench.far()),
          "The cup is scrap; its seat is not touched. In a light alloy housing warm the housing instead.");
    }
    if (bareInner) {
      add(
          Kind.RELIEF_CUT,
          Verdict.RISKS_SEAT,
          bench.near(),
          bench.far(),
          List.of(bench.near(), bench.far()),
          "One cut too deep marks the seat.");
    }
  }

  /** Drawn cups and other rings without an inner ring keep the grease behind them. */
  private boolean isBush() {
    return part(bench.near())
        .place()
        .flatMap(arrangement::place)
        .map(BearingPlace::kind)
        .filter(k -> k == BearingKind.DRAWN_CUP_NEEDLE || k == BearingKind.NEEDLE_ROLLER)
        .isPresent();
  }

  // One route

  private void impossible(Kind kind, String why) {
    add(kind, Verdict.NOT_POSSIBLE, bench.near(), "", List.of(), why);
  }

  private void add(
      Kind kind, Verdict verdict, String on, String heldBy, List<String> path, String why) {
    add(kind, verdict, false, new Push(on, 0, false, path, heldBy), why);
  }

  private void add(Kind kind, Verdict verdict, boolean crosses, Push push, String why) {
    routes.add(
        new Route(
            kind,
            verdict,
            crosses,
            push.piece(),
            push.heldBy(),
            push.way(),
            RouteKit.tools(kind),
            missing(kind),
            Optional.empty(),
            0,
            why,
            RouteKit.cautions(kind)));
  }

  private List<Tool> missing(Kind kind) {
    return RouteKit.tools(kind).stream()
        .filter(t -> owned.filter(o -> !o.contains(t)).isPresent())
        .toList();
  }
}
