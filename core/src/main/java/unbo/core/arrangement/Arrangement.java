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
 * @param fixed the part that stands still, or is taken to
 * @param facts found at, set by, note, caution, drawn: as words, by their key
 * @param kinds ids of the vehicle kinds on which it occurs
 * @param places the bearings' places
 * @param parts the parts from left to right
 * @param contacts how they meet
 * @param adjustments what is set, at which part, by what
 * @param checks what is looked at before it is released, at which parts
 * @param impossible what cannot be
 * @param dimensions what the drawing carries
 * @param cavities hollows that take grease
 * @param choices what whoever adds it says; empty for all but the plain seat
 * @param values further sizes that follow from others, by full name
 */
public record Arrangement(
    String id,
    String title,
    String fixed,
    Map<String, String> facts,
    List<String> kinds,
    List<BearingPlace> places,
    List<PartTemplate> parts,
    List<Contact> contacts,
    List<Adjustment> adjustments,
    List<PartCheck> checks,
    List<Impossible> impossible,
    List<DimensionLine> dimensions,
    List<Cavity> cavities,
    List<Choice> choices,
    Map<String, Expression> values) {

  /**
   * The id without what was chosen: {@code a44} of {@code a44-tight-sliding-housing}. Tables that
   * say something of an arrangement say it of all its choices.
   */
  public String baseId() {
    int chosen = id.indexOf(Arrangements.CHOSEN);
    return chosen < 0 ? id : id.substring(0, chosen);
  }

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

  /** The parts whose lip runs on another. */
  public List<PartTemplate> seals() {
    return parts.stream()
        .filter(
            p -> contacts.stream().anyMatch(c -> c.part().equals(p.id()) && c.isHeldBy(Hold.LIP)))
        .toList();
  }

  /** What is set at a part, if anything is. */
  public Optional<Adjustment> adjustmentAt(String partId) {
    return adjustments.stream().filter(a -> a.part().equals(partId)).findFirst();
  }

  /** Whether the end play of its shaft is what is set, as with a crank between its mains. */
  public boolean setsEndFloat() {
    return isSetBy(Adjustment.By.END_FLOAT);
  }

  /** Whether something here is set in this way. */
  public boolean isSetBy(Adjustment.By by) {
    return adjustments.stream().anyMatch(a -> a.by() == by);
  }

  /** Whether a castle nut's position sets end play: what the sheets of a taper hub serve. */
  public boolean isSetByNutPosition() {
    return isSetBy(Adjustment.By.NUT_POSITION);
  }

  /** Whether its bearings work as a pair that is set: two that lean against each other. */
  public boolean isSetPair() {
    List<Boolean> facing =
        places.stream().filter(p -> p.kind().leans()).map(BearingPlace::facingRight).toList();
    return isSetBy(Adjustment.By.CONE) || facing.contains(true) && facing.contains(false);
  }

  /** Whether a ring of any of its bearings is a press fit on its seat. */
  public boolean isTight(Ring ring) {
    return contacts.stream()
        .filter(c -> c.isHeldBy(Hold.TIGHT))
        .anyMatch(
            c ->
                isRing(c.part(), c.ring(), c, true, ring)
                    || isRing(c.other(), c.otherRing(), c, false, ring));
  }

  private boolean isRing(String partId, Optional<Ring> said, Contact c, boolean own, Ring ring) {
    PartTemplate part = part(partId).orElseThrow();
    if (part.isWholeBearing()) {
      return TurningGroups.ring(partId, said, c.kind(), own) == ring;
    }
    return part.ring().filter(r -> r == ring).isPresent();
  }

  /** The press fits of its bearings in words; empty when none is one. */
  public List<String> pressFits() {
    return contacts.stream()
        .filter(c -> c.isHeldBy(Hold.TIGHT) && c.size().isPresent())
        .filter(c -> part(c.part()).orElseThrow().isBearing())
        .map(
            c ->
                title(c.part())
                    + " "
                    + (c.kind() == Contact.Kind.ON ? "on " : "in ")
                    + title(c.other()))
        .toList();
  }

  private String title(String partId) {
    return part(partId).orElseThrow().title();
  }

  /** A fact such as {@code found}, {@code set-by}, {@code note}; may be empty. */
  public String fact(String key) {
    return facts.getOrDefault(key, "");
  }

  /** The parts that show a place's bearing: one, or cone and cup with the cone first. */
  public List<PartTemplate> partsOf(String placeId) {
    return parts.stream()
        .filter(p -> p.place().filter(placeId::equals).isPresent())
        .sorted(java.util.Comparator.comparing(p -> p.id().endsWith("cup")))
        .toList();
  }

  /** The places whose bearing a number can be read for: those that go by size among them. */
  public List<BearingPlace> readablePlaces() {
    return places.stream()
        .filter(p -> p.kinds().stream().anyMatch(k -> k.family().isPresent()))
        .toList();
  }

  /** The places whose bearing is known by its number. */
  public List<BearingPlace> namedPlaces() {
    return places.stream().filter(BearingPlace::isNamed).toList();
  }
}
