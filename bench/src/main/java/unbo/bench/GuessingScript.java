package unbo.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Somebody who guesses passwords, twenty a second, beside somebody at work: prints the yard page's
 * time at the median without and with the guessing. Argument: address of a running demo.
 */
public final class GuessingScript {

  private static final int GUESSES_A_SECOND = 20;
  private static final int PAGES = 100;
  private static final int PAUSE_MS = 100;

  private final String root;
  private final SignedIn worker;
  private final SignedIn guesser;

  private GuessingScript(String root) throws IOException, InterruptedException {
    this.root = root;
    this.worker = new SignedIn(root, "joren");
    this.guesser = new SignedIn(root, "tuva");
  }

  public static void main(String[] arguments) throws Exception {
    GuessingScript script = new GuessingScript(arguments[0]);
    script.yardMs();
    double alone = script.yardMs();
    AtomicInteger guesses = new AtomicInteger();
    ScheduledExecutorService attack = Executors.newScheduledThreadPool(8);
    String token = script.guesser.token("/yard");
    long period = 1000 / GUESSES_A_SECOND;
    for (int i = 0; i < 8; i++) {
      attack.scheduleAtFixedRate(
          () -> script.guess(guesses, token), i * period, 8 * period, TimeUnit.MILLISECONDS);
    }
    Thread.sleep(Duration.ofSeconds(2).toMillis());
    double guessed = script.yardMs();
    attack.shutdownNow();
    System.out.printf(
        Locale.ROOT,
        "yard page, median of %d: %.1f ms alone, %.1f ms beside %d guesses%n",
        PAGES,
        alone,
        guessed,
        guesses.get());
  }

  private void guess(AtomicInteger count, String token) {
    try {
      int number = count.incrementAndGet();
      guesser.send(
          guesser.form(
              "/login", "username=name" + number % 40 + "&password=wrong" + number + token));
    } catch (IOException e) {
      System.err.println(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private double yardMs() throws IOException, InterruptedException {
    List<Double> took = new ArrayList<>();
    for (int i = 0; i < PAGES; i++) {
      long start = System.nanoTime();
      worker.send(HttpRequest.newBuilder(URI.create(root + "/yard")).build());
      took.add((System.nanoTime() - start) / 1e6);
      Thread.sleep(PAUSE_MS);
    }
    return took.stream().sorted().toList().get(PAGES / 2);
  }
}
