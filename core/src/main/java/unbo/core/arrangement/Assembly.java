package unbo.core.arrangement;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.BearingFacts;

/**
 * An arrangement with the bearings that were read and the sizes that were measured; everything else
 * takes its assumed value. All values are millimetres. Immutable from outside; values are worked
 * out once, so one instance belongs to one thread.
 */
public final class Assembly implements Expression.Names {

  /** A difference below this between a ring and its seat is a matter of fits, not judged here. */
  static final double FIT_MATTERS_MM = 0.15;

  private static final Set<String> SUMS_OF_A_PLACE = Set.of("from", "to", "middle", "pitch");

  private final Arrangement arrangement;
  private final Map<String, Bearing> read;
  private final Map<String, Double> measured;
  private final Map<String, BearingFacts> said;
  private final Map<String, Double> known = new HashMap<>();
  private final Set<String> inProgress = new HashSet<>();

  /**
   * An assembly.
   *
   * @param read the bearings by place, those that somebody read
   * @param measured the sizes by full name, those that somebody measured; names that the
   *     arrangement does not have are left out
   * @throws IllegalArgumentException when a bearing is of another family than its place takes
   */
  public Assembly(
      Arrangement arrangement, Map<String, Bearing> read, Map<String, Double> measured) {
    this(arrangement, read, measured, Map.of());
  }

  private Assembly(
      Arrangement arrangement,
      Map<String, Bearing> read,
      Map<String, Double> measured,
      Map<String, BearingFacts> said) {
    this.arrangement = arrangement;
    this.said = Map.copyOf(said);
    this.read = Map.copyOf(read);
    this.measured = Map.copyOf(measured);
    this.read.forEach(this::requireFamily);
  }

  /** The arrangement with nothing read and nothing measured. */
  public static Assembly assumed(Arrangement arrangement) {
    return new Assembly(arrangement, Map.of(), Map.of());
  }

  private void requireFamily(String place, Bearing bearing) {
    BearingPlace named =
        arrangement
            .place(place)
            .orElseThrow(() -> new IllegalArgumentException("No place " + place));
    if (!named.takes(bearing)) {
      throw new IllegalArgumentException(
          "The place " + place + " takes a " + named.title() + " only");
    }
  }

  public Arrangement arrangement() {
    return arrangement;
  }

  /** The bearings that somebody read, by place. */
  public Map<String, Bearing> read() {
    return read;
  }

  /** The sizes that somebody measured, in millimetres by full name. */
  public Map<String, Double> measured() {
    return measured;
  }

  public boolean isMeasured(SizeTemplate size) {
    return measured.containsKey(size.id());
  }

  public boolean isRead(String place) {
    return read.containsKey(place);
  }

  /** Whether any size of a part, or its bearing, is a value that nobody measured or read. */
  public boolean isAssumed(PartTemplate part) {
    boolean sizes = part.sizes().stream().anyMatch(s -> !isKnown(s));
    return sizes || part.place().filter(this::isAssumedAt).isPresent();
  }

  /** Whether a bearing's number was not read, or one of its sizes not measured. */
  private boolean isAssumedAt(String place) {
    return isNamed(place)
        ? !isRead(place)
        : arrangement.sizes().stream().anyMatch(s -> s.id().startsWith(place + ".") && !isKnown(s));
  }

  /** Whether a size was measured, or follows from a number that was read. */
  private boolean isKnown(SizeTemplate size) {
    String place = size.id().substring(0, size.id().indexOf('.'));
    return isMeasured(size) || isRead(place);
  }

  private boolean isNamed(String place) {
    return arrangement.place(place).orElseThrow().isNamed();
  }

  /** The bearing at a place that goes by its number: the one read, or the assumed one. */
  public Bearing bearing(String place) {
    Bearing bearing = read.get(place);
    if (bearing != null) {
      return bearing;
    }
    String designation = arrangement.place(place).orElseThrow().assumed().orElseThrow();
    return Catalogue.standard().find(designation).orElseThrow();
  }

  /**
   * What stands at a place: the bearing read, or the assumed one; empty where only sizes are known.
   */
  public Optional<Bearing> bearingAt(String place) {
    boolean named = isNamed(place) || isRead(place);
    return named ? Optional.of(bearing(place)) : Optional.empty();
  }

  /** The same with another bearing at a place. */
  public Assembly with(String place, Bearing bearing) {
    Map<String, Bearing> changed = new HashMap<>(read);
    changed.put(place, bearing);
    return new Assembly(arrangement, changed, measured, said);
  }

  /** The same with a size measured. */
  public Assembly with(SizeTemplate size, double millimetres) {
    Map<String, Double> changed = new HashMap<>(measured);
    changed.put(size.id(), millimetres);
    return new Assembly(arrangement, read, changed, said);
  }

  /** The same with these sizes measured besides. */
  public Assembly withSizes(Map<String, Double> more) {
    Map<String, Double> changed = new HashMap<>(measured);
    changed.putAll(more);
    return new Assembly(arrangement, read, changed, said);
  }

  /** The same with what the markings of the bearings that were read said besides, by place. */
  public Assembly saying(Map<String, BearingFacts> facts) {
    return new Assembly(arrangement, read, measured, facts);
  }

  /** What the markings of the bearings that were read said besides, by place. */
  public Map<String, BearingFacts> said() {
    return said;
  }

  public double value(Expression expression) {
    return expression.value(this);
  }

  public double value(SizeTemplate size) {
    return valueOf(size.id());
  }

  /**
   * The value of a full name.
   *
   * @throws IllegalArgumentException when there is no such name or it needs itself
   */
  @Override
  public double valueOf(String name) {
    Double value = known.get(name);
    if (value != null) {
      return value;
    }
    if (!inProgress.add(name)) {
      throw new IllegalArgumentException(name + " needs itself");
    }
    double worked = work(name);
    inProgress.remove(name);
    known.put(name, worked);
    return worked;
  }

  private double work(String name) {
    return isLeaf(name) ? leaf(name) : behind(name).value(this);
  }

  /**
   * Whether a name stands for a value that nothing here works out: a size that somebody measured or
   * that the template assumes, or one of a bearing with a number. The others are sums over these.
   */
  boolean isLeaf(String name) {
    if (measured.containsKey(name)) {
      return true;
    }
    return ownRule(name).isPresent()
        ? arrangement.size(name).isPresent()
        : !SUMS_OF_A_PLACE.contains(name.substring(name.indexOf('.') + 1));
  }

  private double leaf(String name) {
    Double taken = measured.get(name);
    return taken != null
        ? taken
        : ownRule(name)
            .map(rule -> rule.value(this))
            .orElseGet(() -> ofBearing(placeOf(name), name.substring(name.indexOf('.') + 1)));
  }

  /** The sum behind a name that is no leaf. */
  Expression behind(String name) {
    return ownRule(name).orElseGet(() -> ofPlace(placeOf(name), name));
  }

  /** What the template says of a name. A number that is read overrules it at that place. */
  private Optional<Expression> ownRule(String name) {
    int dot = name.indexOf('.');
    boolean overruled = dot > 0 && isRead(name.substring(0, dot));
    return overruled ? Optional.empty() : Optional.ofNullable(arrangement.values().get(name));
  }

  private BearingPlace placeOf(String name) {
    int dot = name.indexOf('.');
    return Optional.of(name)
        .filter(n -> dot > 0)
        .flatMap(n -> arrangement.place(n.substring(0, dot)))
        .orElseThrow(() -> new IllegalArgumentException("there is no size " + name));
  }

  private static Expression ofPlace(BearingPlace place, String name) {
    String id = place.id();
    return switch (name.substring(name.indexOf('.') + 1)) {
      case "from" -> place.at();
      case "to" -> n -> n.valueOf(id + ".from") + n.valueOf(id + ".width");
      case "middle" -> n -> (n.valueOf(id + ".from") + n.valueOf(id + ".to")) / 2;
      case "pitch" -> n -> (n.valueOf(id + ".bore") + n.valueOf(id + ".outer")) / 2;
      default -> throw new IllegalArgumentException("a bearing has no size " + name);
    };
  }

  private double ofBearing(BearingPlace place, String what) {
    return switch (what) {
      case "bore" -> bearing(place.id()).boreMm();
      case "outer" -> bearing(place.id()).outerMm();
      case "width" -> bearing(place.id()).widthMm();
      case "cone" -> bearing(place.id()).taper().orElseThrow().coneMm();
      case "cup" -> bearing(place.id()).taper().orElseThrow().cupMm();
      default ->
          throw new IllegalArgumentException("a bearing has no size " + place.id() + "." + what);
    };
  }

  /** What cannot be, said at the part: rings that do not go on, then the template's own. */
  public List<StackProblem> problems() {
    List<StackProblem> all = new ArrayList<>();
    arrangement.contacts().stream()
        .filter(c -> c.size().isPresent())
        .flatMap(this::misfit)
        .forEach(all::add);
    arrangement.impossible().stream()
        .filter(i -> i.when().value(this) != 0)
        .map(i -> problem(i.part(), i.text(this)))
        .forEach(all::add);
    return List.copyOf(all);
  }

  private Stream<StackProblem> misfit(Contact contact) {
    double size = value(contact.size().orElseThrow());
    double seat = value(contact.seat().orElseThrow());
    if (Math.abs(size - seat) <= FIT_MATTERS_MM) {
      return Stream.empty();
    }
    String text =
        "The %s is %s mm where it %s the %s, which measures %s mm: this is the wrong size, not a fit. Read the number again or measure again.";
    return Stream.of(
        problem(
            contact.part(),
            String.format(
                text,
                title(contact.part()),
                Plain.of(size),
                contact.kind().title(),
                title(contact.other()),
                Plain.of(seat))));
  }

  private StackProblem problem(String part, String text) {
    return new StackProblem(part, title(part), text);
  }

  private String title(String part) {
    return arrangement.part(part).orElseThrow().title();
  }
}
