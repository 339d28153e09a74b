package unbo.core.size;

import java.util.List;
import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing.TaperWidths;

/** A dimension of a bearing that can be measured, and with what. */
public enum SizeDimension {
  BORE("bore", "bore", List.of("rule", "vernier", "caliper", "bore-gauge")),
  OUTER("outer", "outside", List.of("rule", "vernier", "caliper", "micrometer")),
  /** Over the ring faces, not over a bulging seal; of a taper the assembled width T. */
  WIDTH("width", "width", List.of("rule", "vernier", "caliper", "micrometer")),
  CONE("cone", "cone width", List.of("rule", "vernier", "caliper", "micrometer")),
  CUP("cup", "cup width", List.of("rule", "vernier", "caliper", "micrometer"));

  private final String id;
  private final String title;
  private final List<String> instruments;

  SizeDimension(String id, String title, List<String> instruments) {
    this.id = id;
    this.title = title;
    this.instruments = instruments;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  /** Ids of the instruments that reach it, the coarsest first. */
  public List<String> instruments() {
    return instruments;
  }

  /** Its nominal size in a variant; empty where the bearing has none, such as a ball's cone. */
  OptionalDouble of(SizeVariant variant) {
    return switch (this) {
      case BORE -> OptionalDouble.of(variant.bearing().boreMm());
      case OUTER -> OptionalDouble.of(variant.bearing().outerMm());
      case WIDTH -> OptionalDouble.of(variant.widthMm());
      case CONE -> width(variant, true);
      case CUP -> width(variant, false);
    };
  }

  private static OptionalDouble width(SizeVariant variant, boolean cone) {
    return variant
        .bearing()
        .taper()
        .map((TaperWidths t) -> OptionalDouble.of(cone ? t.coneMm() : t.cupMm()))
        .orElse(OptionalDouble.empty());
  }
}
