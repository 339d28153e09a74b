package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a template may not do, because the page would quietly show something else. */
class TemplatesTest {

  private static final Pattern TAG = Pattern.compile("<[a-z][^<>]*(?:\"[^\"]*\"[^<>]*)*>");

  private static final Path TEMPLATES = Path.of("src/main/resources/templates");

  private static List<Path> templates() throws Exception {
    try (Stream<Path> files = Files.walk(TEMPLATES)) {
      return files.filter(f -> f.toString().endsWith(".html")).toList();
    }
  }

  /** Replacing comes before the condition on the same tag, which is then never asked. */
  @Test
  void noConditionStandsOnAReplacedTag() throws Exception {
    List<Path> templates = templates();
    assertThat(templates).hasSizeGreaterThan(20);
    for (Path template : templates) {
      assertThat(TAG.matcher(Files.readString(template)).results().map(r -> r.group()))
          .as(template.toString())
          .noneMatch(
              tag ->
                  tag.matches("(?s).*th:(replace|insert)=.*")
                      && tag.matches("(?s).*th:(if|unless|each)=.*"));
    }
  }
}
