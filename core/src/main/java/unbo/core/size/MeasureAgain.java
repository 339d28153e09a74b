package unbo.core.size;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import unbo.core.measure.Instrument;

/** Which dimension to measure again, and with what, when the first two are within a factor of 3. */
final class MeasureAgain {

  private static final double CLEAR = 3;

  /** So many standard deviations apart, two sizes are told apart by one reading. */
  private static final double APART = 4;

  private MeasureAgain() {}

  static String advice(
      List<SizeVariant> variants,
      List<SizeCandidate> candidates,
      Map<SizeDimension, MeasuredSize> measured) {
    if (candidates.size() < 2 || candidates.get(0).weight() >= CLEAR * candidates.get(1).weight()) {
      return "";
    }
    SizeVariant first = variants.get(0);
    SizeVariant second = variants.get(1);
    String names = name(first) + " and " + name(second);
    return Arrays.stream(SizeDimension.values())
        .flatMap(d -> step(d, first, second, measured.get(d)).stream())
        .min((a, b) -> Double.compare(b.apart, a.apart))
        .map(step -> sentence(step, names, measured))
        .orElseGet(() -> byLooking(first, second, names));
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
    return dimension.instruments().stream()
        .map(id -> Instrument.withId(id).orElseThrow())
        .filter(i -> used == null || i.uncertainty() < used.instrument().uncertainty());
  }

  private static String sentence(
      Step step, String names, Map<SizeDimension, MeasuredSize> measured) {
    return String.format(
        java.util.Locale.ROOT,
        "%s are too close to call: measure the %s%s with a %s (%s or %s mm).",
        names,
        step.dimension.title(),
        measured.containsKey(step.dimension) ? " again," : "",
        step.instrument.name(),
        plain(step.one),
        plain(step.other));
  }

  private static String byLooking(SizeVariant first, SizeVariant second, String names) {
    if (first.bearing().hasEnvelopeOf(second.bearing())) {
      return names
          + " measure the same: no instrument tells them apart. "
          + Telltales.between(first.bearing().family(), second.bearing().family())
              .orElse(
                  first.bearing().family() == second.bearing().family()
                      ? "Read the letters of the number: which ring has ribs, which seals or shields."
                      : "Look between the rings.");
    }
    return names + " are closer than the rings' own tolerance: read the number.";
  }

  private static String name(SizeVariant variant) {
    return variant.bearing().designation() + (variant.note().isEmpty() ? "" : " closed");
  }

  static String plain(double mm) {
    return mm == Math.rint(mm) ? String.valueOf((long) mm) : String.valueOf(mm);
  }
}
