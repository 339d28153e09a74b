package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.tolerance.InternalClearances.Clearance;
import unbo.core.tolerance.Limits;
import unbo.core.tolerance.ToleranceCard;

/**
 * Tolerance zones and clearance groups to a stretched scale: each band lies where it really is
 * against the nominal line, in micrometres.
 *
 * @param zones bands of bore, outside and width about the nominal line
 * @param groups clearance groups from zero
 */
public record ToleranceDrawing(double width, double height, List<Band> zones, List<Band> groups) {

  /**
   * One band.
   *
   * @param label what it is
   * @param x left end
   * @param wide its width
   * @param y its middle
   * @param text the figures
   * @param textX where they stand
   * @param marked whether it is the one of the part
   * @param nominalX where the nominal size, or zero, lies
   */
  public record Band(
      String label,
      double x,
      double wide,
      double y,
      String text,
      double textX,
      boolean marked,
      double nominalX) {}

  private static final double LABEL = 92;
  private static final double ROW = 34;
  private static final double TEXT_ROOM = 200;

  /** Draws a card; the part's own group is marked. */
  public static ToleranceDrawing of(ToleranceCard card, String group, double width) {
    List<Band> zones = new ArrayList<>();
    zone("bore", card.bore(), width, zones);
    zone("outside", card.outside(), width, zones);
    zone("width", card.width(), width, zones);
    double from = zones.size() * ROW + 26;
    List<Band> groups = groups(card.groups(), group, width, from);
    double height = groups.isEmpty() ? zones.size() * ROW + 8 : from + groups.size() * ROW;
    return new ToleranceDrawing(width, height, zones, groups);
  }

  /** Every zone on a scale of its own: a bore's ten micrometres beside a width's hundred. */
  private static void zone(String label, Optional<Limits> limits, double width, List<Band> zones) {
    if (limits.isEmpty()) {
      return;
    }
    Limits l = limits.get();
    double reach = Math.max(Math.abs(l.lowerUm()), Math.abs(l.upperUm()));
    double room = (width - LABEL - TEXT_ROOM) / 2;
    double middle = LABEL + room;
    double unit = 0.9 * room / reach;
    double y = ROW / 2 + zones.size() * ROW;
    zones.add(
        new Band(
            label,
            middle + l.lowerUm() * unit,
            Math.max(3, l.widthUm() * unit),
            y,
            signed(l.lowerUm()) + " to " + signed(l.upperUm()) + " µm",
            LABEL + 2 * room + 12,
            false,
            middle));
  }

  private static List<Band> groups(
      Map<String, Clearance> groups, String own, double width, double from) {
    double most = groups.values().stream().mapToDouble(Clearance::maxUm).max().orElse(1);
    double unit = (width - LABEL - TEXT_ROOM) / most;
    List<Band> bands = new ArrayList<>();
    groups.forEach(
        (group, c) ->
            bands.add(
                new Band(
                    group,
                    LABEL + c.minUm() * unit,
                    (c.maxUm() - c.minUm()) * unit,
                    from + ROW / 2 + bands.size() * ROW,
                    whole(c.minUm()) + " to " + whole(c.maxUm()) + " µm",
                    width - TEXT_ROOM + 12,
                    group.equals(own),
                    LABEL)));
    return bands;
  }

  private static String signed(double um) {
    return um > 0 ? "+" + whole(um) : um < 0 ? "−" + whole(-um) : "0";
  }

  private static String whole(double um) {
    return um == Math.rint(um) ? String.valueOf((long) um) : String.valueOf(um);
  }
}
