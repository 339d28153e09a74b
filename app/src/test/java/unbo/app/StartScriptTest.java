package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What the start script says when it is asked for the wrong thing; starting itself is tried by
 * hand.
 */
class StartScriptTest {

  @TempDir private Path folder;

  private record Answer(int code, String text) {}

  /** Runs a copy, in a path with a space, so that the checkout's own state is left alone. */
  private Answer run(String... arguments) throws IOException, InterruptedException {
    Path place = Files.createDirectories(folder.resolve("with a space"));
    Path script = place.resolve("unbo");
    Files.copy(Path.of("../unbo"), script, StandardCopyOption.REPLACE_EXISTING);
    List<String> command =
        Stream.concat(Stream.of("bash", script.toString()), Stream.of(arguments)).toList();
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    String text =
        new String(
            process.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
    return new Answer(process.waitFor(), text);
  }

  @Test
  void helpListsEveryCommand() throws Exception {
    Answer answer = run("help");
    assertThat(answer.code()).isZero();
    assertThat(answer.text()).contains("./unbo demo", "./unbo test", "./unbo shots", "--fresh");
    assertThat(run().text()).isEqualTo(answer.text());
  }

  @ParameterizedTest
  @CsvSource({
    "what,there is no “what”",
    "demo --nonsense,demo does not know “--nonsense”",
    "demo --port x,is no port",
    "demo --port,is no port"
  })
  void aWrongWordIsAnsweredAndNothingIsStarted(String arguments, String words) throws Exception {
    Answer answer = run(arguments.split(" "));
    assertThat(answer.code()).isEqualTo(1);
    assertThat(answer.text()).contains(words);
    assertThat(folder.resolve("with a space/.unbo/demo/data")).doesNotExist();
  }

  @Test
  void aSecondStartSaysWhereTheFirstOneIs() throws Exception {
    run("help");
    Path state = Files.createDirectories(folder.resolve("with a space/.unbo/demo"));
    Files.writeString(state.resolve("address"), "http://127.0.0.1:9999");
    Process holder =
        new ProcessBuilder("flock", state.resolve("lock").toString(), "sleep", "60").start();
    try {
      while (new ProcessBuilder("flock", "-n", state.resolve("lock").toString(), "true")
              .start()
              .waitFor()
          == 0) {
        Thread.onSpinWait();
      }
      Answer answer = run("demo");
      assertThat(answer.code()).isZero();
      assertThat(answer.text()).contains("Already running: http://127.0.0.1:9999");
    } finally {
      holder.descendants().forEach(ProcessHandle::destroy);
      holder.destroy();
    }
  }

  @Test
  void theStateIsForItsOwnerOnly() throws Exception {
    run("help");
    assertThat(Files.getPosixFilePermissions(folder.resolve("with a space/.unbo"))).hasSize(3);
  }
}
