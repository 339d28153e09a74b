package unbo.core.catalogue;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toUnmodifiableList;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import unbo.core.tables.Table;

/**
 * All standard bearings of the tables. Loading fails at start when a row is impossible or a
 * designation stands twice.
 */
public final class Catalogue {

  private static final Catalogue STANDARD = new Catalogue(load());

  private final List<Bearing> all;
  private final Map<String, Bearing> byDesignation = new HashMap<>();

  /** Asked at every key while a number is typed. */
  private final Map<Family, List<Bearing>> byFamily;

  private Catalogue(List<Bearing> bearings) {
    all = List.copyOf(bearings);
    byFamily = all.stream().collect(groupingBy(Bearing::family, toUnmodifiableList()));
    for (Bearing bearing : bearings) {
      if (byDesignation.put(bearing.designation(), bearing) != null) {
        throw new IllegalStateException("Twice in the catalogue: " + bearing.designation());
      }
    }
  }

  /** The catalogue of the shipped tables. */
  public static Catalogue standard() {
    return STANDARD;
  }

  public List<Bearing> all() {
    return all;
  }

  public List<Bearing> of(Family family) {
    return byFamily.getOrDefault(family, List.of());
  }

  /**
   * The bearing of exactly this designation, suffixes left out; open, but for the short numbers
   * that only a closed one has.
   */
  public Optional<Bearing> find(String designation) {
    Optional<Bearing> listed = listed(designation);
    return listed.isPresent() ? listed : ClosedWidths.standard().find(designation);
  }

  /** The bearing of this designation, closed where it is: some are wider then. */
  public Optional<Bearing> find(String designation, boolean closed) {
    Optional<Bearing> wider = closed ? ClosedWidths.standard().find(designation) : Optional.empty();
    return wider.isPresent() ? wider : find(designation);
  }

  /** A row. */
  Optional<Bearing> listed(String designation) {
    return Optional.ofNullable(byDesignation.get(designation));
  }

  private static List<Bearing> load() {
    return Stream.of(
            rows("deep-groove-ball", Family.DEEP_GROOVE_BALL),
            rows("inch-ball", Family.DEEP_GROOVE_BALL),
            rows("miniature-ball", Family.DEEP_GROOVE_BALL),
            rows("angular-contact-ball", Family.ANGULAR_CONTACT_BALL),
            rows("two-row-angular-ball", Family.TWO_ROW_ANGULAR_BALL),
            rows("self-aligning-ball", Family.SELF_ALIGNING_BALL),
            rows("two-row-ball", Family.TWO_ROW_BALL),
            rows("four-point-ball", Family.FOUR_POINT_BALL),
            rows("spherical-roller", Family.SPHERICAL_ROLLER),
            rows("thrust-needle", Family.THRUST_NEEDLE),
            rows("track-roller", Family.TRACK_ROLLER),
            rows("one-way-clutch", Family.ONE_WAY_CLUTCH),
            uneven("insert-ball", Family.INSERT_BALL, "otherWidth"),
            uneven("rod-end", Family.ROD_END, "otherWidth"),
            rows("cylindrical-roller", Family.CYLINDRICAL_ROLLER),
            rows("thrust-ball", Family.THRUST_BALL),
            rows("two-way-thrust-ball", Family.TWO_WAY_THRUST_BALL),
            rows("drawn-cup-needle", Family.DRAWN_CUP_NEEDLE),
            rows("needle-roller", Family.NEEDLE_ROLLER),
            uneven("spherical-plain", Family.SPHERICAL_PLAIN, "outerRingWidth"),
            uneven("wheel-unit", Family.WHEEL_UNIT, "otherWidth"),
            Table.read(Catalogue.class, file("bicycle-cartridge"), Catalogue::cartridge),
            Table.read(Catalogue.class, file("tapered-roller"), Catalogue::taper),
            Table.read(Catalogue.class, file("inch-taper"), Catalogue::inchTaper))
        .flatMap(List::stream)
        .toList();
  }

  private static String file(String family) {
    return "/unbo/core/catalogue/" + family + ".csv";
  }

  private static List<Bearing> rows(String file, Family family) {
    return Table.read(Catalogue.class, file(file), row -> bearing(row, family, Optional.empty()));
  }

  /** Rows whose second ring has a width of its own; a dash means the same. */
  private static List<Bearing> uneven(String file, Family family, String column) {
    return Table.read(
        Catalogue.class,
        file(file),
        row -> {
          String other = row.text(column);
          return new Bearing(
              row.text("designation"),
              family,
              row.text("series"),
              row.number("bore"),
              row.number("outer"),
              row.number("width"),
              Optional.empty(),
              other.equals("-")
                  ? OptionalDouble.empty()
                  : OptionalDouble.of(Double.parseDouble(other)),
              Basis.parse(row.text("basis")),
              row.text("source"));
        });
  }

  private static Bearing cartridge(Table.Row row) {
    boolean headset = row.text("series").equals("headset");
    return bearing(row, headset ? Family.HEADSET : Family.DEEP_GROOVE_BALL, Optional.empty());
  }

  private static Bearing taper(Table.Row row) {
    return bearing(
        row,
        Family.TAPERED_ROLLER,
        Optional.of(
            new Bearing.TaperWidths(
                row.number("coneWidth"), row.number("cupWidth"), angle(row.text("contactAngle")))));
  }

  /** A cone with one of its cups; its designation is both numbers, its series {@code inch}. */
  private static Bearing inchTaper(Table.Row row) {
    return new Bearing(
        row.text("cone") + "/" + row.text("cup"),
        Family.TAPERED_ROLLER,
        Bearing.INCH_SERIES,
        row.number("bore"),
        row.number("outer"),
        row.number("width"),
        Optional.of(
            new Bearing.TaperWidths(
                row.number("coneWidth"),
                row.number("cupWidth"),
                InchTaperNumber.contactAngleDeg(row.text("cone")))),
        Basis.parse(row.text("basis")),
        row.text("source"));
  }

  private static Bearing bearing(
      Table.Row row, Family family, Optional<Bearing.TaperWidths> taper) {
    return new Bearing(
        row.text("designation"),
        family,
        row.text("series"),
        row.number("bore"),
        row.number("outer"),
        row.number("width"),
        taper,
        Basis.parse(row.text("basis")),
        row.text("source"));
  }

  /** Degrees from {@code 14:02:10}; a dash is not known. */
  private static OptionalDouble angle(String text) {
    if (text.equals("-")) {
      return OptionalDouble.empty();
    }
    double[] parts = Arrays.stream(text.split(":")).mapToDouble(Double::parseDouble).toArray();
    return OptionalDouble.of(parts[0] + parts[1] / 60 + parts[2] / 3600);
  }
}
