package unbo.app;

import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.test.context.SpringBootContextLoader;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.test.context.MergedContextConfiguration;

/**
 * Starts applications one after the other. Tests run beside each other, but the logging that all
 * applications of a process share is set up at every start and cannot stand two at once.
 */
public final class OneStart extends SpringBootContextLoader {

  @Override
  public ApplicationContext loadContext(MergedContextConfiguration configuration) throws Exception {
    synchronized (OneStart.class) {
      return super.loadContext(configuration);
    }
  }

  /** Runs an application of a test's own. */
  public static ConfigurableApplicationContext of(SpringApplicationBuilder own, String... given) {
    synchronized (OneStart.class) {
      return own.run(given);
    }
  }

  /**
   * The same, and hears what it prints while it starts. All of a process print to one place, so it
   * must be alone there: a test that listened before its turn heard the code of another's owner.
   */
  public static ConfigurableApplicationContext heard(
      OutputStream ear, SpringApplicationBuilder own, String... given) {
    synchronized (OneStart.class) {
      PrintStream before = System.out;
      System.setOut(new PrintStream(ear, true, StandardCharsets.UTF_8));
      try {
        return own.run(given);
      } finally {
        System.setOut(before);
      }
    }
  }
}
