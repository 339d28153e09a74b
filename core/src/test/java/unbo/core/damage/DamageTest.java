package unbo.core.damage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.tables.Table;

/** Cases of the bench, and what must hold of every answer. */
class DamageTest {

  record Case(String story, Map<String, String> answers, String first, String beside) {
    @Override
    public String toString() {
      return story;
    }
  }

  static List<Case> cases() {
    return Table.read(
        DamageTest.class,
        "/unbo/core/damage/cases.csv",
        row ->
            new Case(
                row.text("story"),
                answers(row.text("answers")),
                row.text("first"),
                row.text("beside")));
  }

  private static Map<String, String> answers(String text) {
    Map<String, String> answers = new LinkedHashMap<>();
    for (String one : text.split(" +")) {
      answers.put(one.substring(0, one.indexOf('=')), one.substring(one.indexOf('=') + 1));
    }
    return answers;
  }

  /** The factors of the answers make the very share that the weighing gives, for every class. */
  @ParameterizedTest
  @MethodSource("cases")
  void aShareShowsHowItCameAbout(Case story) {
    Damage damage = Damage.of(story.answers());
    for (Damage.Ranked ranked : damage.ranked()) {
      assertThat(damage.share(ranked.damage()).result().value())
          .isCloseTo(100 * ranked.probability(), org.assertj.core.data.Offset.offset(1e-6));
    }
  }

  @ParameterizedTest
  @MethodSource("cases")
  void theBenchIsReadRight(Case c) {
    Damage damage = Damage.of(c.answers);
    assertThat(damage.ranked().get(0).damage().id())
        .as(damage.ranked().subList(0, 3).toString())
        .isEqualTo(c.first);
    assertThat(damage.ranked().get(0).reasons()).isNotEmpty();
    if (!c.beside.isEmpty()) {
      assertThat(damage.besides().stream().map(DamageClass::id)).contains(c.beside);
    }
    boolean scrap = !damage.ranked().get(0).damage().reusable();
    assertThat(damage.mayBeInspected() && scrap).as("reuse of " + c.first).isFalse();
    if (List.of("sound", "old-grease").contains(c.first)) {
      assertThat(damage.mayBeInspected()).as("reuse of " + c.first).isTrue();
    }
  }

  /** Water first, flakes along its lines later: both are named, in that order. */
  @Test
  void theOrderOfEventsIsArgued() {
    Damage damage =
        Damage.of(
            Map.of(
                "mark", "flakes", "nail", "deep", "story", "water", "grease", "milky", "seal",
                "failed", "place", "loaded"));
    List<String> named = new ArrayList<>(List.of(damage.ranked().get(0).damage().id()));
    damage.besides().forEach(b -> named.add(b.id()));
    assertThat(named).contains("water");
    assertThat(damage.advice()).extracting(DamageClass.Change::station).contains("name", "pack");
    Damage flakes =
        Damage.of(
            Map.of(
                "mark", "flakes", "place", "loaded", "nail", "deep", "life", "long", "seat",
                "shiny", "grease", "milky", "story", "water"));
    assertThat(flakes.order()).isNotEmpty().allMatch(o -> o.startsWith("First "));
  }

  /** Law: the order of answering has no effect, and of nothing nothing is claimed. */
  @Test
  void orderHasNoEffect() {
    Random random = new Random(3);
    for (Case c : cases()) {
      List<Map.Entry<String, String>> shuffled = new ArrayList<>(c.answers.entrySet());
      Collections.shuffle(shuffled, random);
      Map<String, String> other = new LinkedHashMap<>();
      shuffled.forEach(e -> other.put(e.getKey(), e.getValue()));
      Damage.Ranked one = Damage.of(c.answers).ranked().get(0);
      Damage.Ranked again = Damage.of(other).ranked().get(0);
      assertThat(again.damage()).isEqualTo(one.damage());
      assertThat(again.probability()).isCloseTo(one.probability(), within(1e-12));
      assertThat(again.reasons()).containsExactlyInAnyOrderElementsOf(one.reasons());
    }
    Damage nothing = Damage.of(Map.of());
    assertThat(nothing.besides()).isEmpty();
    assertThat(nothing.advice()).isEmpty();
    assertThat(nothing.mayBeInspected()).isFalse();
    assertThat(nothing.next().orElseThrow().id()).isEqualTo("mark");
  }

  /** Law: any two classes are told apart by some question, and every question tells some apart. */
  @Test
  void everyTwoClassesAreToldApart() {
    var likelihoods = DamageTables.standard().likelihoods();
    int n = DamageTables.classes().size();
    int questions = DamageTables.questions().size();
    for (int one = 0; one < n; one++) {
      for (int other = one + 1; other < n; other++) {
        double most = 0;
        for (int q = 0; q < questions; q++) {
          for (int a = 0; a < likelihoods.answerCount(q); a++) {
            most =
                Math.max(
                    most,
                    Math.abs(
                        Math.log(
                            likelihoods.answers(q, one)[a] / likelihoods.answers(q, other)[a])));
          }
        }
        assertThat(most)
            .as(DamageTables.classes().get(one).id() + DamageTables.classes().get(other).id())
            .isGreaterThan(1);
      }
    }
  }

  /** Asked as it proposes, the true class of a simulated bearing stands first most of the time. */
  @Test
  void askedInItsOrderItFindsTheClass() {
    Random random = new Random(19);
    var likelihoods = DamageTables.standard().likelihoods();
    int right = 0;
    int tries = 400;
    for (int n = 0; n < tries; n++) {
      int truth = n % DamageTables.classes().size();
      Map<String, String> said = new LinkedHashMap<>();
      for (int k = 0; k < 7; k++) {
        var next = Damage.of(said).next();
        if (next.isPresent()) {
          int q = DamageTables.standard().indexOfQuestion(next.get().id());
          said.put(next.get().id(), sampled(likelihoods.answers(q, truth), next.get(), random));
        }
      }
      boolean first =
          Damage.of(said).ranked().get(0).damage().equals(DamageTables.classes().get(truth));
      right += first ? 1 : 0;
    }
    assertThat(right).as("of " + tries).isGreaterThan(tries * 6 / 10);
  }

  private static String sampled(double[] shares, DamageQuestion question, Random random) {
    double at = random.nextDouble();
    for (int a = 0; a < shares.length; a++) {
      at -= shares[a];
      if (at < 0) {
        return question.answers().get(a).id();
      }
    }
    return question.answers().get(0).id();
  }

  @Test
  void whatIsUnknownIsRefused() {
    assertThatThrownBy(() -> Damage.of(Map.of("mark", "purple"))).hasMessageContaining("purple");
    assertThatThrownBy(() -> Damage.of(Map.of("smell", "bad"))).hasMessageContaining("smell");
  }
}
