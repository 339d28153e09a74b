package unbo.core.size;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.BearingPlace;
import unbo.core.catalogue.Family;

/**
 * Finds standard bearings by their size. Each measured dimension counts by a normal error made of
 * the instrument (σ = U/2) and of what the ring's class allows about its nominal size, with a heavy
 * tail for slips of the hand (a slanted caliper, a burr, paint, wear): {@value #SLIP} of the
 * readings are taken to be off by σ = {@value #SLIP_MM} mm (our own estimate); each size counts by
 * how common its series is, and more where its family sits at the position. Against them stands
 * <em>no standard size</em>, a size spread evenly over {@value #RANGE_MM} mm in every dimension, so
 * that a poor fit to all ends as no fit instead of the least bad one.
 *
 * <p>Limits: tolerance of the usual class, one reading for each dimension. Weights rank; they are
 * no measured frequencies.
 */
public final class SizeSearch {

  /** The most candidates that are listed. */
  public static final int MOST = 12;

  private static final double RANGE_MM = 30;
  private static final double NONE = 0.02;
  private static final double OTHER_FAMILY = 0.1;
  private static final double MET_HERE = 3;
  private static final double TOO_FAR = 7;
  private static final double SLIP = 0.03;
  private static final double SLIP_MM = 0.15;
  private static final double LEAST_WEIGHT = 0.002;

  private static final double MOST_SLIP_MM = 4 * SLIP_MM;
  private static final double ROOT_OF_TWO_PI = Math.sqrt(2 * Math.PI);

  private static final List<SizeVariant> ALL = SizeVariant.all();
  private static final SizeIndex INDEX = new SizeIndex(ALL);
  private static final Map<Family, Double> COMMON = common();
  private static final double COMMON_ANYWHERE =
      COMMON.values().stream().mapToDouble(Double::doubleValue).sum();
  private static final Map<String, List<SizeVariant>> MET = met();

  private SizeSearch() {}

  /** How many sizes are searched, closed variants included. */
  public static int size() {
    return ALL.size();
  }

  /**
   * Searches.
   *
   * @param measured the dimensions known, at least one
   * @param position the arrangement where it sits, if known
   * @throws IllegalArgumentException when nothing was measured
   */
  public static SizeAnswer find(
      Map<SizeDimension, MeasuredSize> measured, Optional<Arrangement> position) {
    if (measured.isEmpty()) {
      throw new IllegalArgumentException("Nothing was measured");
    }
    Set<Family> here = position.map(SizeSearch::families).orElse(Set.of());
    String at = position.map(Arrangement::baseId).orElse("");
    List<Sought> sought = new ArrayList<>();
    measured.forEach((d, size) -> sought.add(new Sought(d, size.millimetres(), size.sigmaUm())));
    List<Scored> scored = new ArrayList<>();
    for (SizeVariant variant : INDEX.near(measured)) {
      double fit = fit(variant, sought);
      if (fit > 0) {
        scored.add(new Scored(variant, prior(variant, here, at) * fit));
      }
    }
    double none = NONE * Math.pow(1 / RANGE_MM, measured.size());
    return answer(measured, scored, common(here, at), none);
  }

  private record Scored(SizeVariant variant, double score) {}

  /** One reading, its spread worked out once. */
  private record Sought(SizeDimension dimension, double millimetres, double sigmaUm) {

    /** How far it is off a variant that has the dimension. */
    double offMm(SizeVariant variant) {
      return Math.abs(millimetres - dimension.of(variant).getAsDouble());
    }

    /** Of the reading and the ring together. */
    double sigmaMm(SizeVariant variant) {
      return together(sigmaUm, variant.ringSigmaUm().get(dimension)) / 1000;
    }

    /** Most are told by the least reach, before any spread is worked out. */
    boolean isTooFarFrom(SizeVariant variant) {
      if (dimension.of(variant).isEmpty()) {
        return true;
      }
      double off = offMm(variant);
      return off > MOST_SLIP_MM && off > reachMm(sigmaMm(variant));
    }
  }

  private static double prior(SizeVariant variant, Set<Family> here, String at) {
    return variant.commonness()
        * usual(variant.bearing().family(), here)
        * (variant.at().contains(at) ? MET_HERE : 1);
  }

  private static double usual(Family family, Set<Family> here) {
    return here.isEmpty() || here.contains(family) ? 1 : OTHER_FAMILY;
  }

  /** Commonness of all sizes together, as it counts at a position with these families. */
  private static double common(Set<Family> here, String at) {
    if (here.isEmpty() && at.isEmpty()) {
      return COMMON_ANYWHERE;
    }
    double sum = 0;
    for (SizeVariant met : MET.getOrDefault(at, List.of())) {
      sum += prior(met, here, at) * (1 - 1 / MET_HERE);
    }
    for (Map.Entry<Family, Double> family : COMMON.entrySet()) {
      sum += family.getValue() * usual(family.getKey(), here);
    }
    return sum;
  }

  private static Map<Family, Double> common() {
    Map<Family, Double> sums = new EnumMap<>(Family.class);
    ALL.forEach(v -> sums.merge(v.bearing().family(), v.commonness(), Double::sum));
    return sums;
  }

  /** Sizes by the arrangements where they are met most. */
  private static Map<String, List<SizeVariant>> met() {
    Map<String, List<SizeVariant>> all = new HashMap<>();
    ALL.forEach(v -> v.at().forEach(a -> all.computeIfAbsent(a, x -> new ArrayList<>()).add(v)));
    return all;
  }

  /** How far a reading may be off before a size is no candidate; standard deviation in mm. */
  static double reachMm(double sigmaMm) {
    return Math.max(TOO_FAR * sigmaMm, MOST_SLIP_MM);
  }

  /** Families that sit at an arrangement. */
  private static Set<Family> families(Arrangement arrangement) {
    Set<Family> families = new HashSet<>();
    for (BearingPlace place : arrangement.places()) {
      place.kinds().forEach(k -> k.family().ifPresent(families::add));
    }
    return families;
  }

  /** Density per millimetre of all dimensions; 0 when one is too far off or does not exist. */
  private static double fit(SizeVariant variant, List<Sought> sought) {
    for (Sought reading : sought) {
      if (reading.isTooFarFrom(variant)) {
        return 0;
      }
    }
    double fit = 1;
    for (Sought reading : sought) {
      double off = reading.offMm(variant);
      double sigmaMm = reading.sigmaMm(variant);
      fit *= (1 - SLIP) * normal(off, sigmaMm) + SLIP * normal(off, together(sigmaMm, SLIP_MM));
    }
    return fit;
  }

  /** Of two independent spreads, in their unit; neither is so small or large as to overflow. */
  static double together(double one, double other) {
    return Math.sqrt(one * one + other * other);
  }

  private static double normal(double off, double sigma) {
    double z = off / sigma;
    return Math.exp(-z * z / 2) / (sigma * ROOT_OF_TWO_PI);
  }

  static double sigmaUm(SizeVariant variant, SizeDimension dimension, MeasuredSize measured) {
    return together(measured.sigmaUm(), variant.ringSigmaUm().get(dimension));
  }

  private static SizeAnswer answer(
      Map<SizeDimension, MeasuredSize> measured, List<Scored> scored, double common, double none) {
    double sum = none + scored.stream().mapToDouble(s -> s.score / common).sum();
    List<SizeVariant> kept = new ArrayList<>();
    List<SizeCandidate> candidates = new ArrayList<>();
    scored.stream()
        .sorted(Comparator.comparingDouble(Scored::score).reversed())
        .filter(s -> s.score / common / sum >= LEAST_WEIGHT)
        .limit(MOST)
        .forEach(
            s -> {
              kept.add(s.variant);
              candidates.add(candidate(s.variant, measured, s.score / common / sum));
            });
    return new SizeAnswer(
        candidates,
        none / sum,
        MeasureAgain.advice(kept, candidates, measured),
        NearMisses.of(kept, measured));
  }

  private static SizeCandidate candidate(
      SizeVariant variant, Map<SizeDimension, MeasuredSize> measured, double weight) {
    Map<SizeDimension, Double> misfit = new EnumMap<>(SizeDimension.class);
    Map<SizeDimension, Double> sigma = new EnumMap<>(SizeDimension.class);
    measured.forEach(
        (dimension, size) -> {
          double um = (size.millimetres() - dimension.of(variant).getAsDouble()) * 1000;
          misfit.put(dimension, um);
          sigma.put(dimension, um / sigmaUm(variant, dimension, size));
        });
    return new SizeCandidate(
        variant.bearing(), variant.remark(), variant.widthMm(), weight, misfit, sigma);
  }

  static List<SizeVariant> all() {
    return ALL;
  }
}
