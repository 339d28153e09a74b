package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.FileTemplateResolver;

/** Templates that keep a fragment, on an engine as the application's is made. */
class KeptFragmentsTest {

  private static final String FRAGMENTS =
      """
      <p th:fragment="said(text, times)" th:class="${other}"><b th:text="${text}">x</b>
      <i th:each="n : ${#numbers.sequence(1, times)}" th:text="${n} + ' mm'"></i></p>
      <p th:fragment="counted(counter)" th:text="${counter.next()}"></p>
      <p th:fragment="list(all)" th:text="${all}"></p>
      <em th:fragment="around(text)" unbo:kept="~{fragments :: said(${text}, 1)}"></em>
      """;

  /** Says one more each time that it is asked, so that a page shows whether it was. */
  record Counter(int[] asked) {
    public int next() {
      return ++asked[0];
    }

    @Override
    public boolean equals(Object other) {
      return other instanceof Counter;
    }

    @Override
    public int hashCode() {
      return 1;
    }
  }

  @TempDir Path templates;
  private SpringTemplateEngine engine;

  @BeforeEach
  void engine() throws Exception {
    Files.writeString(templates.resolve("fragments.html"), FRAGMENTS);
    FileTemplateResolver resolver = new FileTemplateResolver();
    resolver.setPrefix(templates + "/");
    resolver.setSuffix(".html");
    engine = new SpringTemplateEngine();
    engine.setTemplateResolver(resolver);
    engine.addDialect(new KeptDialect(new KeptFragments()));
    engine.addDialect(new InchDialect());
  }

  private String page(String tag, Map<String, Object> variables) throws Exception {
    Path page = templates.resolve("page" + Math.abs(tag.hashCode()) + ".html");
    Files.writeString(page, tag);
    String name = page.getFileName().toString().replace(".html", "");
    return engine.process(name, new Context(Locale.ENGLISH, variables)).replaceAll("\\s+", " ");
  }

  private static ViewPreferences in(boolean inch) {
    return new ViewPreferences(inch, ViewPreferences.Theme.SYSTEM, "");
  }

  @Test
  void isWrittenOnceForEqualArguments() throws Exception {
    int[] asked = {0};
    String tag = "<div unbo:kept=\"~{fragments :: counted(${c})}\">old</div>";
    assertThat(page(tag, Map.of("c", new Counter(asked)))).isEqualTo("<div><p>1</p></div>");
    assertThat(page(tag, Map.of("c", new Counter(asked)))).isEqualTo("<div><p>1</p></div>");
    assertThat(asked[0]).isEqualTo(1);
  }

  @Test
  void otherArgumentsAreWrittenAnew() throws Exception {
    String tag = "<div unbo:kept=\"~{fragments :: said(${t}, 1)}\"></div>";
    assertThat(page(tag, Map.of("t", "one"))).contains("<b>one</b>");
    assertThat(page(tag, Map.of("t", "two"))).contains("<b>two</b>");
    assertThat(page(tag, Map.of("t", "one"))).contains("<b>one</b>");
  }

  /** What is kept was escaped when it was written, and is not looked through a second time. */
  @Test
  void textStaysEscapedAndIsNeverTakenForATemplate() throws Exception {
    String tag = "<div unbo:kept=\"~{fragments :: said(${t}, 1)}\"></div>";
    String nasty = "<script>x</script> [[${7*7}]] \"&";
    for (int time = 0; time < 2; time++) {
      assertThat(page(tag, Map.of("t", nasty)))
          .contains("<b>&lt;script&gt;x&lt;/script&gt; [[${7*7}]] &quot;&amp;</b>");
    }
  }

  /** Otherwise a word of one person's page would turn up on another's. */
  @Test
  void seesNothingOfThePageButItsArguments() throws Exception {
    String tag = "<div unbo:kept=\"~{fragments :: said('a', 1)}\"></div>";
    assertThat(page(tag, Map.of("other", "somebody"))).doesNotContain("somebody");
  }

  @Test
  void isKeptApartForMillimetresAndInches() throws Exception {
    String tag = "<div unbo:kept=\"~{fragments :: said('a', 2)}\"></div>";
    for (int time = 0; time < 2; time++) {
      assertThat(page(tag, Map.of("view", in(false)))).contains("<i>1 mm</i>", "<i>2 mm</i>");
      assertThat(page(tag, Map.of("view", in(true)))).contains("<i>0.039 in</i><i>0.079 in</i>");
    }
  }

  @Test
  void standsInALoopWithTheLoopsOwnValues() throws Exception {
    String tag = "<p th:each=\"w : ${ws}\" unbo:kept=\"~{fragments :: said(${w}, 1)}\"></p>";
    assertThat(page(tag, Map.of("ws", List.of("left", "right"))))
        .contains("<b>left</b>", "<b>right</b>");
  }

  /** Slips of figures are kept by themselves and stand in a section that is kept as well. */
  @Test
  void mayHoldOthersThatAreKept() throws Exception {
    String tag = "<div unbo:kept=\"~{fragments :: around(${t})}\"></div>";
    for (int time = 0; time < 2; time++) {
      assertThat(page(tag, Map.of("t", "inner"))).contains("<em><p><b>inner</b>");
    }
  }

  @Test
  void leavesNoTagWhereABlockCarriesIt() throws Exception {
    String tag = "<th:block unbo:kept=\"~{fragments :: list('a')}\"></th:block>";
    assertThat(page(tag, Map.of())).isEqualTo("<p>a</p>");
  }

  /** A list could grow while its markup is kept. */
  @Test
  void refusesWhatCanChangeUnseen() {
    String tag = "<div unbo:kept=\"~{fragments :: list(${all})}\"></div>";
    assertThatThrownBy(() -> page(tag, Map.of("all", List.of(1))))
        .hasRootCauseMessage("all can change while its markup is kept");
  }

  @Test
  void refusesWhatIsNoFragment() {
    assertThatThrownBy(() -> page("<div unbo:kept=\"${'words'}\"></div>", Map.of()))
        .hasMessageContaining("not a fragment");
  }
}
