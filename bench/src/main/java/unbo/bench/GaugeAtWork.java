package unbo.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.DoubleConsumer;
import java.util.stream.Stream;

/**
 * A gauge that sends a reading about once a second to a page that listens to it; measures from the
 * first byte of the reading sent to its arrival at the listening page.
 */
final class GaugeAtWork {

  /** Each gauge shows a value of its own, so that a page knows its readings among others'. */
  private static final double APART_MM = 0.2;

  private static final String DATA = "data:dial|";
  private static final int LEAST_PAUSE_MS = 700;
  private static final int MOST_PAUSE_MS = 1300;

  private final SignedIn person;
  private final double truth;
  private final Random random;
  private volatile String shown = "";
  private volatile CompletableFuture<Long> arrived = new CompletableFuture<>();

  GaugeAtWork(String root, String username, int number) throws IOException, InterruptedException {
    this.person = new SignedIn(root, username);
    this.truth = APART_MM * (1 + number);
    this.random = new Random(number);
  }

  /**
   * Sends until a moment of the system's running clock; each latency in ms goes to the consumer.
   */
  void work(long end, DoubleConsumer tookMs) throws IOException, InterruptedException {
    String token = person.token("/gauge");
    HttpResponse<Stream<String>> page =
        person.client().send(person.page("/gauge/stream"), HttpResponse.BodyHandlers.ofLines());
    daemon(() -> hearAll(page.body())).start();
    while (System.nanoTime() < end) {
      Thread.sleep(LEAST_PAUSE_MS + random.nextInt(MOST_PAUSE_MS - LEAST_PAUSE_MS));
      arrived = new CompletableFuture<>();
      long sent = System.nanoTime();
      HttpResponse<String> answer =
          person.send(
              person.form(
                  "/gauge/readings", String.format(Locale.ROOT, "truth=%.1f%s", truth, token)));
      if (answer.statusCode() != 200) {
        throw new IOException(answer.statusCode() + " " + answer.body());
      }
      shown = answer.body();
      tookMs.accept((arrival() - sent) / 1e6);
    }
    page.body().close();
  }

  private static Thread daemon(Runnable task) {
    Thread thread = new Thread(task, "listening page");
    thread.setDaemon(true);
    return thread;
  }

  private long arrival() throws IOException, InterruptedException {
    try {
      return arrived.get(5, TimeUnit.SECONDS);
    } catch (TimeoutException e) {
      throw new IOException("never came: " + shown + " for " + truth, e);
    } catch (ExecutionException e) {
      throw new IOException(e);
    }
  }

  /** Hears until the page is closed, which ends the stream in the middle of waiting for a line. */
  private void hearAll(Stream<String> lines) {
    try {
      lines.forEach(this::hear);
    } catch (UncheckedIOException | IllegalStateException closed) {
      arrived.completeExceptionally(closed);
    }
  }

  private void hear(String line) {
    if (line.startsWith(DATA)) {
      double shown = Double.parseDouble(line.substring(DATA.length()).split("\\|")[0]);
      if (Math.abs(shown - truth) < APART_MM / 2) {
        arrived.complete(System.nanoTime());
      }
    }
  }
}
