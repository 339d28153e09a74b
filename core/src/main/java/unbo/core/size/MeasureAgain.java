package unbo.core.size;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import unbo.core.measure.Instrument;

/**
 * Which dimension to measure again, and with what: one that is further off the likeliest size than
 * gauge and ring allow, or what tells the first two apart when they are within a factor of 3.
 */
final class MeasureAgain {

  private static final double CLEAR_OF_A_TWIN = 20;
  private static final double CLEAR = 3;

  /** So many standard deviations off, a reading is doubted. */
  private static final double OFF = 3.5;

  /** So many standard deviations apart, two sizes are told apart by one reading. */
  private static final double APART = 4;

  /** What reaches each dimension, the coarsest first. */
  private static final Map<SizeDimension, List<Instrument>> INSTRUMENTS =
      Arrays.stream(SizeDimension.values())
          .collect(
              Collectors.toMap(
                  d -> d,
                  d ->
                      d.instruments().stream()
                          .map(id -> Instrument.withId(id).orElseThrow())
                          .toList()));

  private MeasureAgain() {}

  static String advice(
      List<SizeVariant> variants,
      List<SizeCandidate> candidates,
      Map<SizeDimension, MeasuredSize> measured) {
    Optional<String> slip = candidates.stream().findFirst().flatMap(MeasureAgain::slip);
    if (slip.isPresent()) {
      return slip.get();
    }
    if (candidates.size() < 2) {
      return "";
    }
    SizeVariant first = variants.get(0);
    SizeVariant second = variants.get(1);
    // What measures the same is another kind: no gauge ever says so, however common the first is.
    double clear = first.bearing().hasEnvelopeOf(second.bearing()) ? CLEAR_OF_A_TWIN : CLEAR;
    if (candidates.get(0).weight() >= clear * candidates.get(1).weight()) {
      return "";
    }
    String names = name(first) + " and " + name(second);
    return Arrays.stream(SizeDimension.values())
        .flatMap(d -> step(d, first, second, measured.get(d)).stream())
        .min((a, b) -> Double.compare(b.apart, a.apart))
        .map(step -> sentence(step, names, measured))
        .orElseGet(() -> byLooking(first, second, names));
  }

  /** The likeliest size stands although a reading does not agree with it: that is said. */
  private static Optional<String> slip(SizeCandidate first) {
    return first.sigma().entrySet().stream()
        .filter(e -> Math.abs(e.getValue()) > OFF)
        .max(Comparator.comparingDouble(e -> Math.abs(e.getValue())))
        .map(
            e ->
                String.format(
                    Locale.ROOT,
                    "%s is %.2f mm off a %s, more than gauge and ring allow. A burr, wear or a slanted"
                        + " gauge does that: clean it and measure the %s again, twice, crosswise. If it"
                        + " stays, it is none of these.",
                    capital(e.getKey().title()),
                    Math.abs(first.misfitUm().get(e.getKey())) / 1000,
                    first.bearing().designation(),
                    e.getKey().title()));
  }

  private static String capital(String word) {
    return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
  }

  private record Step(
      SizeDimension dimension, Instrument instrument, double one, double other, double apart) {}

  /** The coarsest instrument that tells the two apart by a dimension and beats the one used. */
  private static Optional<Step> step(
      SizeDimension dimension, SizeVariant first, SizeVariant second, MeasuredSize used) {
    OptionalDouble one = dimension.of(first);
    OptionalDouble other = dimension.of(second);
    if (one.isEmpty() || other.isEmpty()) {
      return Optional.empty();
    }
    double gap = Math.abs(one.getAsDouble() - other.getAsDouble()) * 1000;
    return finer(dimension, used)
        .map(
            instrument -> {
              MeasuredSize again = new MeasuredSize(one.getAsDouble(), instrument);
              double apart = gap / SizeSearch.sigmaUm(first, dimension, again);
              return new Step(dimension, instrument, one.getAsDouble(), other.getAsDouble(), apart);
            })
        .filter(s -> s.apart >= APART)
        .findFirst();
  }

  private static Stream<Instrument> finer(SizeDimension dimension, MeasuredSize used) {
    return INSTRUMENTS.get(dimension).stream()
        .filter(i -> used == null || i.uncertainty() < used.instrument().uncertainty());
  }

  private static String sentence(
      Step step, String names, Map<SizeDimension, MeasuredSize> measured) {
    return names
        + " are too close to call: measure the "
        + step.dimension.title()
        + (measured.containsKey(step.dimension) ? " again," : "")
        + " with a "
        + step.instrument.name()
        + " ("
        + plain(step.one)
        + " or "
        + plain(step.other)
        + " mm).";
  }

  private static String byLooking(SizeVariant first, SizeVariant second, String names) {
    boolean same = first.bearing().hasEnvelopeOf(second.bearing());
    return names
        + (same
            ? " measure the same: no instrument tells them apart. "
            : " are closer than the rings’ own tolerance. ")
        + Telltales.between(first.bearing().family(), second.bearing().family())
            .orElseGet(
                () ->
                    first.bearing().family() == second.bearing().family()
                        ? "Read the letters of the number."
                        : "Look between the rings.");
  }

  private static String name(SizeVariant variant) {
    return variant.bearing().designation() + (variant.note().isEmpty() ? "" : " closed");
  }

  static String plain(double mm) {
    return mm == Math.rint(mm) ? String.valueOf((long) mm) : String.valueOf(mm);
  }
}
