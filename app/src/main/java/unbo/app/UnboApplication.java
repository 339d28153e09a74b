package unbo.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import unbo.core.StandardTables;
import unbo.core.tables.BrokenTableException;

/** Starts the application. */
@SpringBootApplication(proxyBeanMethods = false)
public class UnboApplication {

  public static void main(String[] args) {
    readTables();
    SpringApplication.run(UnboApplication.class, args);
    System.out.println("Unbo is up."); // the script that started it waits for this line
  }

  /** A broken table stops the start with its file and line, before anybody works with it. */
  private static void readTables() {
    try {
      StandardTables.readAll();
    } catch (BrokenTableException e) {
      System.err.println("Unbo does not start: " + e.getMessage());
      System.exit(1);
    }
  }

  /** The only clock; core has none. */
  @Bean
  java.time.Clock clock() {
    return java.time.Clock.systemDefaultZone();
  }
}
