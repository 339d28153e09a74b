package unbo.core.arrangement;

import static unbo.core.arrangement.HubDimension.*;

import java.util.List;
import unbo.core.setting.SplitPin;

/** Washer, castle nut, split pin and cap at the outboard end. */
final class NutEnd {

  private static final double CROWN_SHARE = 0.32;
  private static final double END_BEYOND_NUT_MM = 2;
  private static final double CAP_SHEET_MM = 1.2;
  private static final double CAP_IN_HUB_MM = 5;

  private final TaperHub hub;
  private final double washerTo;
  private final double nutTo;
  private final double crownFrom;

  NutEnd(TaperHub hub) {
    this.hub = hub;
    this.washerTo = hub.outboardFaceMm() + hub.get(WASHER_THICKNESS);
    this.nutTo = washerTo + hub.get(NUT_HEIGHT);
    this.crownFrom = nutTo - CROWN_SHARE * hub.get(NUT_HEIGHT);
  }

  double spindleEnd() {
    return nutTo + END_BEYOND_NUT_MM;
  }

  Shape washer() {
    return Shape.rectangle(
        Shape.Look.CUT_RING, hub.outboardFaceMm(), washerTo, thread(), hub.get(WASHER_OUTSIDE) / 2);
  }

  Point washerAnchor() {
    return new Point(
        (hub.outboardFaceMm() + washerTo) / 2, (thread() + 2 * hub.get(WASHER_OUTSIDE) / 2) / 3);
  }

  Shape nutBody() {
    return Shape.rectangle(Shape.Look.UNCUT, washerTo, crownFrom, thread(), corner());
  }

  /** The castle stands inside the flats, so that a pin's legs clear a spanner. */
  Shape nutCrown() {
    return Shape.rectangle(Shape.Look.UNCUT, crownFrom, nutTo, thread(), crown());
  }

  Point nutAnchor() {
    return new Point((washerTo + crownFrom) / 2, (thread() + corner()) / 2);
  }

  Shape pin() {
    double half = pinHole() / 2 * 0.9;
    double x = (crownFrom + nutTo) / 2;
    return Shape.of(
        Shape.Look.UNCUT,
        x - half,
        0,
        x - half,
        crown() + 1.5,
        x + half,
        crown() + 1.5,
        x + half + 1.5,
        crown() + 0.5,
        x + half,
        crown() - 0.5,
        x + half,
        0);
  }

  Point pinAnchor() {
    return new Point((crownFrom + nutTo) / 2, thread() * 0.55);
  }

  Shape cap(double hubEnd) {
    double outer = hub.get(OUTBOARD_BORE) / 2;
    double inner = outer - CAP_SHEET_MM;
    double end = capEnd(hubEnd);
    double round = 5;
    double from = hubEnd - CAP_IN_HUB_MM;
    return Shape.of(
        Shape.Look.CUT_SHEET,
        from,
        outer,
        end - round,
        outer,
        end - 1.5,
        outer - 1.5,
        end,
        outer - round,
        end,
        0,
        end - CAP_SHEET_MM,
        0,
        end - CAP_SHEET_MM,
        inner - round + 1,
        end - CAP_SHEET_MM - 1.2,
        inner - 1.2,
        end - round,
        inner,
        from,
        inner);
  }

  Shape capBelow(double hubEnd) {
    double outer = hub.get(OUTBOARD_BORE) / 2;
    double end = capEnd(hubEnd);
    List<Point> points =
        Shape.points(
            hubEnd,
            0,
            hubEnd,
            -outer,
            end - 5,
            -outer,
            end - 1.5,
            -outer + 1.5,
            end,
            -outer + 5,
            end,
            0);
    return new Shape(points, Shape.Look.OUTSIDE);
  }

  Point capAnchor(double hubEnd) {
    return new Point(capEnd(hubEnd) - 6, hub.get(OUTBOARD_BORE) / 2 - CAP_SHEET_MM / 2);
  }

  private double capEnd(double hubEnd) {
    return hubEnd + hub.get(CAP_LENGTH);
  }

  private double thread() {
    return hub.thread().diameterMm() / 2;
  }

  private double corner() {
    return hub.get(NUT_ACROSS_FLATS) / 2 / Math.cos(Math.PI / 6);
  }

  private double crown() {
    return Math.max(thread() + 1.5, hub.get(NUT_ACROSS_FLATS) / 2 * 0.88);
  }

  private double pinHole() {
    return SplitPin.forThread(hub.thread().diameterMm()).map(SplitPin::pinHoleMm).orElse(5.0);
  }
}
