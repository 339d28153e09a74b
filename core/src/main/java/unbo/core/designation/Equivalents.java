package unbo.core.designation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;

/**
 * Every spelling of a bearing across the naming systems: long and short, older American, ISO 355,
 * and the suffixes that mean one closure. Parts of a set (a cone alone) are no spelling of the set.
 */
public final class Equivalents {

  private static final Map<Bearing, Set<String>> CURRENT = spellings(false);
  private static final Map<Bearing, Set<String>> OLDER = spellings(true);

  private Equivalents() {}

  private static Map<Bearing, Set<String>> spellings(boolean older) {
    Map<Bearing, Set<String>> all = new LinkedHashMap<>();
    for (DesignationFamily family : DesignationReader.shipped()) {
      family.spellings().forEach(s -> add(all, s, older));
      if (family.isMain()) {
        OtherSpellings.of(family.family()).forEach(s -> add(all, s, older));
      }
    }
    return all;
  }

  private static void add(Map<Bearing, Set<String>> all, Spelling spelling, boolean older) {
    boolean whole = spelling.role().equals("bearing") || spelling.role().equals("set");
    boolean otherWidth = spelling.closed() != spelling.bearing();
    if (whole && !otherWidth && spelling.length() > 2 && spelling.isLoose() == older) {
      all.computeIfAbsent(spelling.bearing(), b -> new LinkedHashSet<>()).add(spelling.spelled());
    }
  }

  /** Spellings that mean a bearing and hardly anything else, its own designation first. */
  public static List<String> current(Bearing bearing) {
    Set<String> all = new LinkedHashSet<>(List.of(bearing.designation()));
    all.addAll(CURRENT.getOrDefault(bearing, Set.of()));
    return List.copyOf(all);
  }

  /** Spellings of older plans, which alone can mean other things too. */
  public static List<String> older(Bearing bearing) {
    return List.copyOf(OLDER.getOrDefault(bearing, Set.of()));
  }

  /** All spellings, the current ones first. */
  public static List<String> of(Bearing bearing) {
    Set<String> all = new LinkedHashSet<>(current(bearing));
    all.addAll(older(bearing));
    return List.copyOf(all);
  }

  /**
   * Suffixes that close both sides in the same way, the usual one first; one empty text for open,
   * or where the family has no such suffix.
   */
  public static List<String> closures(Family family, Closure closure) {
    List<String> all = new ArrayList<>();
    if (closure != Closure.OPEN) {
      String wanted = closure.id() + "|" + closure.id();
      Suffix.of(Suffix.Place.SUFFIX, family).stream()
          .filter(s -> s.kind() == Suffix.Kind.CLOSURE && s.value().equals(wanted))
          .filter(s -> s.weight() == 1)
          .forEach(s -> all.add(s.spelling()));
    }
    return all.isEmpty() ? List.of("") : List.copyOf(all);
  }
}
