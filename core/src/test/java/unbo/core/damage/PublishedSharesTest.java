package unbo.core.damage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What bearings die of, here and elsewhere. */
class PublishedSharesTest {

  /** Every class counts to one group and no more; what looks sound to none. */
  @Test
  void everyClassIsCountedOnce() {
    Map<String, Long> times =
        PublishedShares.groups().stream()
            .flatMap(g -> g.classes().stream())
            .collect(Collectors.groupingBy(c -> c, Collectors.counting()));
    for (DamageClass damage : DamageTables.classes()) {
      assertThat(times.getOrDefault(damage.id(), 0L))
          .as(damage.id())
          .isEqualTo(damage.id().equals("sound") ? 0 : 1);
    }
  }

  /** Ranges that can be true together: not all of them at their most, nor at their least. */
  @Test
  void theRangesCanBeTrueTogether() {
    int least = PublishedShares.groups().stream().mapToInt(PublishedShares.Group::least).sum();
    int most = PublishedShares.groups().stream().mapToInt(PublishedShares.Group::most).sum();
    assertThat(least).isLessThan(100);
    assertThat(most).isGreaterThan(100);
  }

  @Test
  void aShopsOwnReadingsAreCounted() {
    Map<String, String> water =
        Map.of("mark", "pitch-lines", "grease", "milky", "seal", "failed", "story", "water");
    Map<PublishedShares.Group, Integer> counts =
        PublishedShares.count(List.of(water, water, Map.of()));
    counts.forEach(
        (group, count) ->
            assertThat(count).as(group.id()).isEqualTo(group.id().equals("dirt") ? 2 : 0));
  }
}
