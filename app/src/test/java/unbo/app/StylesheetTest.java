package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The committed stylesheet was built from the templates and styles that are committed with it. */
class StylesheetTest {

  private static final Path LIST = Path.of("src/main/styles/built-from.sha256");

  @Test
  void isCurrent() throws Exception {
    List<String> lines = Files.readAllLines(LIST);
    assertThat(lines).hasSizeGreaterThan(10);
    for (String line : lines) {
      String[] parts = line.split(" +", 2);
      assertThat(sha256(Path.of(parts[1])))
          .as(parts[1] + " changed: run ./unbo styles")
          .isEqualTo(parts[0]);
    }
    try (Stream<Path> templates = Files.walk(Path.of("src/main/resources/templates"))) {
      assertThat(templates.filter(Files::isRegularFile))
          .as("a template is missing in the list: run ./unbo styles")
          .allMatch(t -> lines.stream().anyMatch(l -> l.endsWith(t.toString())));
    }
  }

  private static String sha256(Path file) throws Exception {
    return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes(file)));
  }

  private static byte[] bytes(Path file) throws IOException {
    return Files.readAllBytes(file);
  }
}
