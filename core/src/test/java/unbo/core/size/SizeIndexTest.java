package unbo.core.size;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import unbo.core.measure.Instrument;

class SizeIndexTest {

  private static final List<SizeVariant> ALL = SizeSearch.all();
  private static final SizeIndex INDEX = new SizeIndex(ALL);

  /** Law: what is in reach of every reading is never left out. Seed 20261128, 2,000 sizes. */
  @Test
  void nothingInReachIsLeftOut() {
    Random random = new Random(20261128);
    int found = 0;
    for (int i = 0; i < 2000; i++) {
      Map<SizeDimension, MeasuredSize> measured = somewhere(random);
      List<SizeVariant> near = INDEX.near(measured);
      List<SizeVariant> inReach = ALL.stream().filter(v -> reaches(v, measured)).toList();
      assertThat(near).containsAll(inReach);
      found += inReach.size();
    }
    assertThat(found).isGreaterThan(2000);
  }

  /** Three sizes leave a handful of two thousand to be weighed. */
  @Test
  void fewAreLookedAt() {
    Map<SizeDimension, MeasuredSize> measured = new EnumMap<>(SizeDimension.class);
    measured.put(SizeDimension.BORE, caliper(25));
    measured.put(SizeDimension.OUTER, caliper(52));
    measured.put(SizeDimension.WIDTH, caliper(15));
    assertThat(INDEX.near(measured)).hasSizeLessThan(ALL.size() / 10);
  }

  private static MeasuredSize caliper(double mm) {
    return new MeasuredSize(mm, Instrument.withId("caliper").orElseThrow());
  }

  /** Some dimensions of some variant, off by up to a millimetre, by some instrument. */
  private static Map<SizeDimension, MeasuredSize> somewhere(Random random) {
    SizeVariant variant = ALL.get(random.nextInt(ALL.size()));
    Map<SizeDimension, MeasuredSize> measured = new EnumMap<>(SizeDimension.class);
    for (SizeDimension d : SizeDimension.values()) {
      if (d.of(variant).isPresent() && (measured.isEmpty() || random.nextBoolean())) {
        List<String> instruments = d.instruments();
        Instrument by =
            Instrument.withId(instruments.get(random.nextInt(instruments.size()))).orElseThrow();
        double mm = d.of(variant).getAsDouble() + random.nextGaussian() * 0.3;
        measured.put(d, new MeasuredSize(Math.max(0.1, mm), by));
      }
    }
    return measured;
  }

  private static boolean reaches(SizeVariant variant, Map<SizeDimension, MeasuredSize> measured) {
    return measured.entrySet().stream()
        .allMatch(
            e ->
                e.getKey().of(variant).isPresent()
                    && Math.abs(e.getValue().millimetres() - e.getKey().of(variant).getAsDouble())
                        <= SizeSearch.reachMm(
                            SizeSearch.sigmaUm(variant, e.getKey(), e.getValue()) / 1000));
  }
}
