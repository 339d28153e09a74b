package unbo.core.arrangement;

import static unbo.core.arrangement.HubDimension.*;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Builds the section of a {@link TaperHub} from its numbers. */
public final class TaperHubSection {

  private static final double SEAL_GAP_MM = 1;

  private final TaperHub hub;
  private final TaperShapes inboard;
  private final TaperShapes outboard;
  private final HubBody body;
  private final NutEnd nutEnd;
  private final List<SectionPart> parts = new ArrayList<>();

  private TaperHubSection(TaperHub hub) {
    this.hub = hub;
    this.inboard = new TaperShapes(hub.inboard(), 0, 1);
    this.outboard = new TaperShapes(hub.outboard(), hub.outboardFaceMm(), -1);
    this.body = new HubBody(hub, -sealFrom(hub));
    this.nutEnd = new NutEnd(hub);
  }

  /** The section of a hub. */
  public static Section of(TaperHub hub) {
    return new TaperHubSection(hub).build();
  }

  private static double sealFrom(TaperHub hub) {
    return hub.get(SEAL_WIDTH) + SEAL_GAP_MM;
  }

  private Section build() {
    part(HubPart.SPINDLE, "spindle", spindleAnchor(), spindle(), spindleBelow());
    part(HubPart.SEAL, "lip seal", sealAnchor(), seal(), sealLip(), garterSpring());
    part(
        HubPart.INBOARD_CONE,
        "cone " + hub.inboard().designation(),
        inboard.coneAnchor(),
        inboard.cone(),
        inboard.roller());
    part(
        HubPart.INBOARD_CUP,
        "cup " + hub.inboard().designation(),
        inboard.cupAnchor(),
        inboard.cup());
    part(HubPart.HUB, "hub", body.anchor(), body.upper(), body.lower());
    part(
        HubPart.OUTBOARD_CUP,
        "cup " + hub.outboard().designation(),
        outboard.cupAnchor(),
        outboard.cup());
    part(
        HubPart.OUTBOARD_CONE,
        "cone " + hub.outboard().designation(),
        outboard.coneAnchor(),
        outboard.cone(),
        outboard.roller());
    part(HubPart.WASHER, "washer", nutEnd.washerAnchor(), nutEnd.washer());
    part(HubPart.NUT, "castle nut", nutEnd.nutAnchor(), nutEnd.nutBody(), nutEnd.nutCrown());
    part(HubPart.PIN, "split pin", nutEnd.pinAnchor(), nutEnd.pin());
    part(
        HubPart.CAP,
        "cap",
        nutEnd.capAnchor(body.outboardEnd()),
        nutEnd.cap(body.outboardEnd()),
        nutEnd.capBelow(body.outboardEnd()));
    return new Section(
        parts,
        List.of(inboard.contactLine(), outboard.contactLine()),
        dimensions(),
        StackCheck.of(hub));
  }

  private void part(HubPart part, String name, Point anchor, Shape... shapes) {
    boolean assumed = HubDimension.of(part).stream().anyMatch(hub::isAssumed);
    parts.add(
        new SectionPart(parts.size() + 1, part, name, Arrays.asList(shapes), anchor, assumed));
  }

  private Shape spindle() {
    double stub = -sealFrom(hub) - 12;
    double seat = hub.get(SEAL_SEAT) / 2;
    double in = hub.get(INBOARD_SEAT) / 2;
    double out = hub.get(OUTBOARD_SEAT) / 2;
    double coneTo = hub.inboard().taper().orElseThrow().coneMm() + 1;
    double outFrom = hub.outboardFaceMm() - hub.outboard().taper().orElseThrow().coneMm() - 1;
    double threadFrom = hub.outboardFaceMm() - 1;
    double thread = Math.min(hub.thread().diameterMm() / 2, out);
    return Shape.of(
        Shape.Look.UNCUT,
        stub,
        0,
        stub,
        seat,
        0,
        seat,
        0,
        in,
        coneTo,
        in,
        Math.max(outFrom, coneTo),
        out,
        threadFrom,
        out,
        threadFrom,
        thread,
        nutEnd.spindleEnd() - 1,
        thread,
        nutEnd.spindleEnd(),
        thread - 1,
        nutEnd.spindleEnd(),
        0);
  }

  private Shape spindleBelow() {
    double stub = -sealFrom(hub) - 12;
    return Shape.rectangle(Shape.Look.OUTSIDE, stub, -sealFrom(hub), 0, -hub.get(SEAL_SEAT) / 2);
  }

  private Point spindleAnchor() {
    return new Point(-sealFrom(hub) - 7, hub.get(SEAL_SEAT) / 4);
  }

  private Shape seal() {
    double from = -sealFrom(hub);
    double to = -SEAL_GAP_MM;
    double outside = hub.get(SEAL_OUTSIDE) / 2;
    double sheet = 1.4;
    return Shape.of(
        Shape.Look.CUT_SHEET,
        from,
        sealInside(),
        from,
        outside,
        to,
        outside,
        to,
        outside - sheet,
        from + sheet,
        outside - sheet,
        from + sheet,
        sealInside());
  }

  private Shape sealLip() {
    double from = -sealFrom(hub) + 1.4;
    double seat = hub.get(SEAL_SEAT) / 2;
    double width = hub.get(SEAL_WIDTH) - 2.4;
    double root = sealInside() + 0.4 * (hub.get(SEAL_OUTSIDE) / 2 - sealInside());
    return Shape.of(
        Shape.Look.CUT_RUBBER,
        from,
        root,
        from + 1,
        root,
        from + width,
        seat + 2.4,
        from + width,
        seat + 1,
        from + 0.6 * width,
        seat,
        from,
        sealInside());
  }

  private Shape garterSpring() {
    double x = -sealFrom(hub) + 1.4 + 0.72 * (hub.get(SEAL_WIDTH) - 2.4);
    return Shape.circle(Shape.Look.UNCUT, x, hub.get(SEAL_SEAT) / 2 + 3.3, 0.9);
  }

  private double sealInside() {
    return hub.get(SEAL_SEAT) / 2 + 1.2;
  }

  private Point sealAnchor() {
    return new Point(-sealFrom(hub) + 0.7, (hub.get(SEAL_OUTSIDE) / 2 + sealInside()) / 2);
  }

  private List<Section.Dimension> dimensions() {
    double first = hub.inboard().widthMm();
    double second = first + hub.get(SHOULDER_DISTANCE);
    double third = hub.outboardFaceMm();
    double seat = hub.get(SEAL_SEAT) / 2;
    return List.of(
        new Section.Dimension(0, first, hub.inboard().widthMm(), false, false),
        new Section.Dimension(
            first, second, hub.get(SHOULDER_DISTANCE), hub.isAssumed(SHOULDER_DISTANCE), false),
        new Section.Dimension(second, third, hub.outboard().widthMm(), false, false),
        new Section.Dimension(-seat, seat, 2 * seat, hub.isAssumed(SEAL_SEAT), true));
  }
}
