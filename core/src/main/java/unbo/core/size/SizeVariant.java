package unbo.core.size;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.ClosedWidths;
import unbo.core.catalogue.Family;
import unbo.core.tables.Table;
import unbo.core.tolerance.Limits;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;
import unbo.core.tolerance.RingTolerances.Dimension;

/**
 * A catalogue row as it may lie on the bench: as listed, or closed where shields or seals make it
 * wider. Spreads of its rings are worked out once, since every search asks for them.
 *
 * @param bearing the row
 * @param note what is special about it, empty for the row itself
 * @param widthMm its width, for tapers T
 * @param ringSigmaUm spread of each dimension about its nominal size within the usual class
 * @param commonness how common it is, relative to the others
 * @param at ids of the arrangements where it is met most
 * @param otherNames numbers of other rows that are the same ball bearing, such as MR17307 for 61903
 */
record SizeVariant(
    Bearing bearing,
    String note,
    double widthMm,
    Map<SizeDimension, Double> ringSigmaUm,
    double commonness,
    Set<String> at,
    List<String> otherNames) {

  private static final double NOT_LISTED = 0.1;

  /** Where the tables have no width tolerance: that of a commercial part. */
  private static final Limits UNKNOWN_WIDTH = new Limits(-200, 200, "assumed");

  private static final Map<String, Double> COMMONNESS = readCommonness();

  /** A size that is more common than its series. */
  private record Row(double weight, Set<String> at) {}

  private static final Map<Bearing, Row> ROWS = readRows();

  static List<SizeVariant> all() {
    List<SizeVariant> variants = new ArrayList<>();
    Catalogue.standard().all().forEach(b -> addTo(variants, of(b, "", b.widthMm())));
    for (String file : ClosedWidths.TABLES) {
      closed(file, "designation", "closed: wider with shields or seals", variants);
    }
    closed("designation/short-spellings", "long", "closed, by its short number", variants);
    return List.copyOf(variants);
  }

  /** A ball bearing that stands there already under another number is no second size. */
  private static void addTo(List<SizeVariant> variants, SizeVariant variant) {
    for (int i = 0; i < variants.size(); i++) {
      SizeVariant other = variants.get(i);
      if (other.isSameAs(variant)) {
        boolean commoner = variant.commonness > other.commonness;
        variants.set(i, commoner ? variant.knownToo(other) : other.knownToo(variant));
        return;
      }
    }
    variants.add(variant);
  }

  private boolean isSameAs(SizeVariant other) {
    return bearing.family() == Family.DEEP_GROOVE_BALL
        && other.bearing.family() == Family.DEEP_GROOVE_BALL
        && bearing.hasEnvelopeOf(other.bearing);
  }

  private SizeVariant knownToo(SizeVariant other) {
    List<String> names = new ArrayList<>(otherNames);
    names.add(other.bearing.designation());
    names.addAll(other.otherNames);
    Set<String> where = new HashSet<>(at);
    where.addAll(other.at);
    return new SizeVariant(bearing, note, widthMm, ringSigmaUm, commonness, where, names);
  }

  /** What is special about it, and its other names; empty for neither. */
  String remark() {
    String names = otherNames.isEmpty() ? "" : "also written " + String.join(", ", otherNames);
    return note.isEmpty() || names.isEmpty() ? note + names : note + "; " + names;
  }

  private static void closed(String file, String column, String note, List<SizeVariant> variants) {
    Table.read(
            SizeVariant.class,
            "/unbo/core/" + file + ".csv",
            row ->
                row.text("closedWidth").equals("-")
                    ? Optional.<SizeVariant>empty()
                    : Catalogue.standard()
                        .find(row.text(column))
                        .map(b -> of(b, note, row.number("closedWidth"))))
        .forEach(v -> v.ifPresent(variants::add));
  }

  private static SizeVariant of(Bearing bearing, String note, double widthMm) {
    Map<SizeDimension, Double> sigma = new EnumMap<>(SizeDimension.class);
    RingKind kind = RingKind.assumed(bearing);
    sigma.put(SizeDimension.BORE, spread(kind, Dimension.BORE, bearing.boreMm()));
    sigma.put(SizeDimension.OUTER, spread(kind, Dimension.OUTSIDE, bearing.outerMm()));
    double width = spread(kind, Dimension.WIDTH, bearing.boreMm());
    for (SizeDimension d : List.of(SizeDimension.WIDTH, SizeDimension.CONE, SizeDimension.CUP)) {
      sigma.put(d, width);
    }
    double common =
        COMMONNESS.getOrDefault(bearing.family().id() + " " + bearing.series(), NOT_LISTED);
    Row row = ROWS.get(bearing);
    return new SizeVariant(
        bearing,
        note,
        widthMm,
        sigma,
        row == null ? common : Math.max(row.weight, common),
        row == null ? Set.of() : row.at,
        List.of());
  }

  /**
   * Root mean square distance from the nominal size when every size within the limits is as likely
   * as another.
   */
  private static double spread(RingKind kind, Dimension dimension, double size) {
    Limits limits =
        RingTolerances.of(kind, dimension, kind.usualClass(), size).orElse(UNKNOWN_WIDTH);
    return Math.sqrt(Math.pow(limits.middleUm(), 2) + Math.pow(limits.widthUm(), 2) / 12);
  }

  private static Map<String, Double> readCommonness() {
    Map<String, Double> all = new java.util.HashMap<>();
    Table.read(
        SizeVariant.class,
        "/unbo/core/size/commonness.csv",
        row -> all.put(row.text("family") + " " + row.text("series"), row.number("weight")));
    return all;
  }

  private static Map<Bearing, Row> readRows() {
    Map<Bearing, Row> all = new java.util.HashMap<>();
    Table.read(
        SizeVariant.class,
        "/unbo/core/size/common-rows.csv",
        row ->
            all.put(
                Catalogue.standard().find(row.text("number")).orElseThrow(),
                new Row(row.number("weight"), Set.of(row.text("at").split(" ")))));
    return all;
  }
}
