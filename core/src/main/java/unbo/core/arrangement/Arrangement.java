package unbo.core.arrangement;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A template: which parts stand along the axis in which order, what sits on what, what can be set,
 * and what is drawn while nobody has measured. Templates are the files {@code *.arrangement} beside
 * this class; {@link Arrangements} reads them.
 *
 * @param id such as {@code a1}
 * @param title what it is
 * @param facts found at, tight ring, set by, note, caution, drawn: as words, by their key
 * @param kinds ids of the vehicle kinds on which it occurs
 * @param places the bearings' places
 * @param parts the parts from left to right
 * @param contacts how they meet
 * @param settable the part that is set and what is set by it, by part id
 * @param impossible what cannot be
 * @param dimensions what the drawing carries
 * @param cavities hollows that take grease
 * @param values further sizes that follow from others, by full name
 */
public record Arrangement(
    String id,
    String title,
    Map<String, String> facts,
    List<String> kinds,
    List<BearingPlace> places,
    List<PartTemplate> parts,
    List<Contact> contacts,
    Map<String, String> settable,
    List<Impossible> impossible,
    List<DimensionLine> dimensions,
    List<Cavity> cavities,
    Map<String, Expression> values) {

  /** The adjustable taper pair on a spindle. */
  public static final String TAPER_PAIR = "a1";

  public Optional<PartTemplate> part(String partId) {
    return parts.stream().filter(p -> p.id().equals(partId)).findFirst();
  }

  public Optional<BearingPlace> place(String placeId) {
    return places.stream().filter(p -> p.id().equals(placeId)).findFirst();
  }

  /** All sizes of all parts. */
  public List<SizeTemplate> sizes() {
    return parts.stream().flatMap(p -> p.sizes().stream()).toList();
  }

  public Optional<SizeTemplate> size(String sizeId) {
    return sizes().stream().filter(s -> s.id().equals(sizeId)).findFirst();
  }

  /** The contacts in which a part takes part, its own first. */
  public List<Contact> contactsOf(String partId) {
    List<Contact> own = contacts.stream().filter(c -> c.part().equals(partId)).toList();
    List<Contact> others = contacts.stream().filter(c -> c.other().equals(partId)).toList();
    return java.util.stream.Stream.concat(own.stream(), others.stream()).toList();
  }

  /** A fact such as {@code found}, {@code tight}, {@code set-by}, {@code note}; may be empty. */
  public String fact(String key) {
    return facts.getOrDefault(key, "");
  }

  /** Whether a wheel comes off for it, so that its nuts and brake are asked for. */
  public boolean isWheel() {
    return !fact("wheel").isEmpty();
  }

  /** The parts that show a place's bearing: one, or cone and cup with the cone first. */
  public List<PartTemplate> partsOf(String placeId) {
    return parts.stream()
        .filter(p -> p.place().filter(placeId::equals).isPresent())
        .sorted(java.util.Comparator.comparing(p -> p.id().endsWith("cup")))
        .toList();
  }

  /** The places whose bearing is known by its number. */
  public List<BearingPlace> namedPlaces() {
    return places.stream().filter(BearingPlace::isNamed).toList();
  }
}
