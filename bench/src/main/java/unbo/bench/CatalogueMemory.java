package unbo.bench;

import java.util.ArrayList;
import java.util.List;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.Equivalents;
import unbo.core.measure.Instrument;
import unbo.core.size.MeasuredSize;
import unbo.core.size.SizeDimension;
import unbo.core.size.SizeSearch;

/**
 * How much memory the catalogue takes with all its spellings, suffixes and sizes: heap in use
 * before and after, each after several collections. Classes loaded by the way count too, so it is
 * an upper bound.
 */
public final class CatalogueMemory {

  private static final int ROUNDS = 5;

  private CatalogueMemory() {}

  public static void main(String[] arguments) {
    long before = used();
    List<Object> kept = new ArrayList<>();
    kept.add(Catalogue.standard());
    kept.add(DesignationReader.standard());
    kept.add(Equivalents.of(Catalogue.standard().all().get(0)));
    Instrument caliper = Instrument.withId("caliper").orElseThrow();
    kept.add(
        SizeSearch.find(
            java.util.Map.of(SizeDimension.BORE, new MeasuredSize(25, caliper)),
            java.util.Optional.empty()));
    long after = used();
    System.out.printf(
        "%d rows, %d sizes searched, %.1f MB%n",
        Catalogue.standard().all().size(), SizeSearch.size(), (after - before) / 1e6);
    if (kept.isEmpty()) {
      throw new IllegalStateException();
    }
  }

  private static long used() {
    Runtime runtime = Runtime.getRuntime();
    for (int i = 0; i < ROUNDS; i++) {
      System.gc();
    }
    return runtime.totalMemory() - runtime.freeMemory();
  }
}
