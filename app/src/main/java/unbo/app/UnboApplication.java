package unbo.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the application. */
@SpringBootApplication(proxyBeanMethods = false)
public class UnboApplication {

  public static void main(String[] args) {
    SpringApplication.run(UnboApplication.class, args);
    System.out.println("Unbo is up."); // the script that started it waits for this line
  }

  /** The only clock; core has none. */
  @Bean
  java.time.Clock clock() {
    return java.time.Clock.systemDefaultZone();
  }
}
