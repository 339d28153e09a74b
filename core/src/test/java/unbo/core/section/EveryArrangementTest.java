package unbo.core.section;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.units.Length;

/** Laws that hold for every arrangement over a range of sizes. */
@Order(Integer.MAX_VALUE)
class EveryArrangementTest {

  /** Rounded corners and chords of balls may share this much, in square millimetres. */
  private static final double HAIR_MM2 = 0.3;

  static List<Arrangement> arrangements() {
    return Arrangements.standard().all();
  }

  @Test
  void theListHasEveryNumberButTheNeighboursOwn() {
    List<String> ids = arrangements().stream().map(Arrangement::id).toList();
    List<String> wanted =
        Stream.iterate(1, i -> i + 1).limit(47).filter(i -> i != 19).map(i -> "a" + i).toList();
    assertThat(ids).isEqualTo(wanted);
  }

  @ParameterizedTest
  @MethodSource("arrangements")
  void saysWhatAMechanicWantsToKnow(Arrangement arrangement) {
    for (String fact : List.of("found", "set-by", "note", "caution", "drawn", "source")) {
      assertThat(arrangement.fact(fact)).as(fact).isNotBlank();
    }
    assertThat(arrangement.kinds()).isNotEmpty();
    assertThat(arrangement.contacts()).hasSizeGreaterThanOrEqualTo(3);
    for (var part : arrangement.parts()) {
      assertThat(arrangement.contactsOf(part.id()).size() + part.sizes().size())
          .as(part.id() + " meets something or can be measured")
          .isPositive();
    }
  }

  /** What is assumed can be: no problem, sizes that would be taken, no part in another. */
  @ParameterizedTest
  @MethodSource("arrangements")
  void theAssumedSizesFitTogether(Arrangement arrangement) {
    Assembly assembly = Assembly.assumed(arrangement);
    assertThat(assembly.problems()).isEmpty();
    for (SizeTemplate size : arrangement.sizes()) {
      assertThat(size.problemWith(Length.ofMillimetres(assembly.value(size))))
          .as(size.id())
          .isEmpty();
      assertThat(size.problemWith(Length.ofMillimetres(0))).as(size.id()).isPresent();
    }
    assertSound(assembly);
  }

  /**
   * The drawing follows every size, a count by the part's name; a flange that is broken off, once
   * it is small enough.
   */
  @ParameterizedTest
  @MethodSource("arrangements")
  void everySizeChangesTheSection(Arrangement arrangement) {
    Assembly assumed = Assembly.assumed(arrangement);
    for (SizeTemplate size : arrangement.sizes()) {
      double value = assumed.value(size);
      boolean seen =
          Stream.of(0.5, 0.8, 1.2)
              .map(share -> assumed.with(size, value * share))
              .anyMatch(other -> !shapes(other).equals(shapes(assumed)));
      assertThat(seen).as(size.id()).isTrue();
    }
  }

  private static Object shapes(Assembly assembly) {
    return SectionBuilder.of(assembly).parts().stream()
        .map(part -> List.of(part.name(), part.shapes()))
        .toList();
  }

  /**
   * Every bearing from half to twice the usual bore gives a sound section with what follows from
   * it.
   */
  @ParameterizedTest
  @MethodSource("arrangements")
  void everyBearingOfItsKindGivesASoundSection(Arrangement arrangement) {
    for (BearingPlace place : arrangement.namedPlaces()) {
      double usual = Assembly.assumed(arrangement).bearing(place.id()).boreMm();
      List<Bearing> all =
          place.kinds().stream()
              .flatMap(k -> Catalogue.standard().of(k.family().orElseThrow()).stream())
              .filter(b -> b.boreMm() >= 0.5 * usual && b.boreMm() <= 2.2 * usual)
              .toList();
      for (Bearing bearing : all) {
        Assembly assembly = Assembly.assumed(arrangement);
        for (BearingPlace each : arrangement.namedPlaces()) {
          assembly = each.takes(bearing) ? assembly.with(each.id(), bearing) : assembly;
        }
        if (assembly.problems().isEmpty()) {
          assertSound(assembly);
        } else {
          assertDrawn(assembly);
        }
      }
    }
  }

  /** Three hundred seeded mixtures of sizes, possible or not: always drawn, never a fault. */
  @ParameterizedTest
  @MethodSource("arrangements")
  void anySizesAreDrawn(Arrangement arrangement) {
    Random random = new Random(20261123);
    Assembly assumed = Assembly.assumed(arrangement);
    for (int i = 0; i < 300; i++) {
      Assembly mixed = assumed;
      for (SizeTemplate size : arrangement.sizes()) {
        if (random.nextInt(4) == 0) {
          double value = assumed.value(size) * (0.8 + 0.4 * random.nextDouble());
          mixed = mixed.with(size, Math.max(size.least(), Math.min(size.most(), value)));
        }
      }
      assertDrawn(mixed);
    }
  }

  private static void assertDrawn(Assembly assembly) {
    Section section = SectionBuilder.of(assembly);
    assertThat(section.parts()).hasSameSizeAs(assembly.arrangement().parts());
    assertThat(section.parts()).allSatisfy(p -> assertThat(p.shapes()).isNotEmpty());
    assertThat(section.mostX()).isGreaterThan(section.leastX());
  }

  private static void assertSound(Assembly assembly) {
    Section section = SectionBuilder.of(assembly);
    String which = assembly.arrangement().id() + " " + bearings(assembly);
    for (SectionPart part : section.parts()) {
      assertThat(part.shapes())
          .as(which + ": anchor of " + part.name())
          .anyMatch(s -> Outlines.contains(s, part.anchor()));
    }
    List<SectionPart> parts = section.parts();
    for (int i = 0; i < parts.size(); i++) {
      for (int j = i + 1; j < parts.size(); j++) {
        if (!passesThrough(assembly, parts.get(i), parts.get(j))) {
          double limit = HAIR_MM2 + 2e-4 * section.mostR() * section.mostR();
          assertThat(shared(parts.get(i), parts.get(j)))
              .as(which + ": " + parts.get(i).name() + " in " + parts.get(j).name())
              .isLessThan(limit);
        }
      }
    }
  }

  /** Contact lines stand beside each other, as the rows do. */
  @ParameterizedTest
  @MethodSource("arrangements")
  void contactLinesDoNotCross(Arrangement arrangement) {
    List<Section.ContactLine> lines =
        SectionBuilder.of(Assembly.assumed(arrangement)).contactLines();
    for (int i = 1; i < lines.size(); i++) {
      double elements = lines.get(i).element().x() - lines.get(i - 1).element().x();
      double centres = lines.get(i).centre().x() - lines.get(i - 1).centre().x();
      assertThat(elements * centres).isPositive();
    }
  }

  private static String bearings(Assembly assembly) {
    List<String> all = new ArrayList<>();
    assembly
        .arrangement()
        .namedPlaces()
        .forEach(p -> all.add(assembly.bearing(p.id()).designation()));
    return String.join("/", all);
  }

  private static boolean passesThrough(Assembly assembly, SectionPart one, SectionPart other) {
    return assembly.arrangement().contacts().stream()
        .filter(c -> c.kind() == Contact.Kind.THROUGH)
        .anyMatch(
            c ->
                Map.of(one.part().id(), other.part().id(), other.part().id(), one.part().id())
                    .getOrDefault(c.part(), "")
                    .equals(c.other()));
  }

  private static double shared(SectionPart one, SectionPart other) {
    double sum = 0;
    for (Shape a : cut(one)) {
      for (Shape b : cut(other)) {
        sum += Outlines.shared(a, b);
      }
    }
    return sum;
  }

  private static List<Shape> cut(SectionPart part) {
    return part.shapes().stream().filter(s -> s.look() != Shape.Look.OUTSIDE).toList();
  }
}
