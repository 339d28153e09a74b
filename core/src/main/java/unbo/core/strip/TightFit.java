package unbo.core.strip;

import java.util.List;
import java.util.Optional;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingKind;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.Ring;
import unbo.core.arrangement.Stroke;

/** The press fit that is to be parted: what of it is the bearing, what leaves, how large it is. */
final class TightFit {

  private static final double SAME_MM = 1e-9;

  private final Assembly assembly;
  private final Arrangement arrangement;
  private final Contact contact;
  private final Bench bench;

  TightFit(Assembly assembly, Contact contact, Bench bench) {
    this.assembly = assembly;
    this.arrangement = assembly.arrangement();
    this.contact = contact;
    this.bench = bench;
  }

  /** The end that leaves. */
  String leaving() {
    return bench.near();
  }

  /** The end that stays. */
  String staying() {
    return bench.far();
  }

  List<String> ends() {
    return List.of(leaving(), staying());
  }

  PartTemplate part(String piece) {
    return arrangement.part(ForcePaths.partOf(piece)).orElseThrow();
  }

  /** The bearing's end: the one that leaves or the one that stays; empty where neither is. */
  Optional<String> bearing() {
    return ends().stream().filter(p -> part(p).isBearing()).findFirst();
  }

  /** What heat is put on, on a shaft. */
  String ring() {
    return bearing().orElse(leaving());
  }

  /** What the other end is in. */
  String housing() {
    return ForcePaths.partOf(staying()).equals(contact.other()) ? staying() : leaving();
  }

  boolean isInHousing() {
    return contact.kind() == Contact.Kind.IN && side() != Ring.INNER;
  }

  private Ring side() {
    return bearing()
        .map(b -> part(b).ring().orElse(b.endsWith("/inner") ? Ring.INNER : Ring.OUTER))
        .orElse(contact.kind() == Contact.Kind.IN ? Ring.OUTER : Ring.INNER);
  }

  /** Whether the bearing's ring leaves, or what leaves sits on no bearing. */
  boolean isRingLeaving() {
    return isBearingLeaving() || !part(staying()).isBearing();
  }

  boolean isBearingLeaving() {
    return bearing().filter(leaving()::equals).isPresent();
  }

  /** Whether what leaves is one ring of a bearing alone. */
  boolean isLone(Ring ring) {
    return part(leaving()).ring().filter(ring::equals).isPresent();
  }

  /** Whether one part is in another and neither is a bearing. */
  boolean isWithoutBearing() {
    return bearing().isEmpty() && contact.kind() != Contact.Kind.ON;
  }

  /** A seal or a sheet cap gives way to a lever. */
  boolean isLevered() {
    return arrangement.seals().contains(part(leaving()))
        || part(leaving()).strokes().stream()
            .anyMatch(s -> s.verb() == Stroke.Verb.SEAL || s.word().equals("cut-sheet"));
  }

  /** Whether what leaves is of rubber, or has some. */
  boolean isOfRubber() {
    return part(leaving()).strokes().stream().anyMatch(s -> s.word().equals("cut-rubber"));
  }

  /** An inner ring without rolling elements, cage or grease. */
  boolean isBareInnerRing() {
    return part(ring()).strokes().stream().anyMatch(s -> s.piece().startsWith("inner"));
  }

  /** Whether a shield or a seal was read on the bearing. */
  boolean isSealed() {
    return bearing()
        .flatMap(b -> part(b).place())
        .map(assembly.said()::get)
        .filter(said -> said.closed().isClosed())
        .isPresent();
  }

  /** Drawn cups and other rings without an inner ring keep the grease behind them. */
  boolean isBush() {
    return kind(leaving())
        .filter(k -> k == BearingKind.DRAWN_CUP_NEEDLE || k == BearingKind.NEEDLE_ROLLER)
        .isPresent();
  }

  /** A double-row unit that comes off what stands of the vehicle. */
  boolean isWheelUnit() {
    return bench.isOnVehicle()
        && bearing().flatMap(this::kind).filter(k -> k == BearingKind.DOUBLE_ROW_BALL).isPresent();
  }

  private Optional<BearingKind> kind(String piece) {
    return part(piece).place().flatMap(arrangement::place).map(BearingPlace::kind);
  }

  /** The diameter of the seat, millimetres; 0 where none is drawn. */
  double diameterMm() {
    return contact.seat().map(assembly::value).or(this::bearingDiameter).orElse(0.0);
  }

  private Optional<Double> bearingDiameter() {
    return bearing()
        .flatMap(b -> part(b).place())
        .map(p -> assembly.valueOf(p + (side() == Ring.INNER ? ".bore" : ".outer")));
  }

  /** The interference of a seat that somebody measured, millimetres. */
  Optional<Double> interferenceMm() {
    if (contact.size().isEmpty() || contact.seat().isEmpty()) {
      return Optional.empty();
    }
    double size = assembly.value(contact.size().get());
    double seat = assembly.value(contact.seat().get());
    boolean measured =
        part(contact.other()).sizes().stream()
            .anyMatch(s -> assembly.isMeasured(s) && Math.abs(assembly.value(s) - seat) < SAME_MM);
    return Optional.of(isInHousing() ? size - seat : seat - size).filter(d -> measured);
  }
}
