package unbo.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * People at work on a running demo: each signs in and walks real pages with pauses, as between
 * looking and typing. Prints for each page how long the answer took, from the first byte sent to
 * the last received over loopback, so the server's own time is a little less.
 *
 * <p>Arguments: address, people, seconds.
 */
public final class LoadScript {

  private static final Pattern CSRF = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
  private static final Pattern JOB = Pattern.compile("href=\"(/jobs/\\d+)\"");
  private static final List<String> PEOPLE = List.of("ilse", "joren", "tuva");
  private static final int LEAST_PAUSE_MS = 500;
  private static final int MOST_PAUSE_MS = 2500;

  private final String root;
  private final Map<String, List<Double>> tookMs = new ConcurrentHashMap<>();
  private final List<String> faults = Collections.synchronizedList(new ArrayList<>());

  private LoadScript(String root) {
    this.root = root;
  }

  public static void main(String[] arguments) throws Exception {
    int people = Integer.parseInt(arguments[1]);
    long seconds = Long.parseLong(arguments[2]);
    LoadScript script = new LoadScript(arguments[0]);
    script.run(people, Duration.ofSeconds(seconds / 3));
    script.tookMs.clear();
    script.run(people, Duration.ofSeconds(seconds));
    script.print(people, seconds);
    if (!script.faults.isEmpty()) {
      System.out.println("faults: " + script.faults.subList(0, Math.min(5, script.faults.size())));
      System.exit(1);
    }
  }

  private void run(int people, Duration time) throws InterruptedException {
    ExecutorService pool = Executors.newFixedThreadPool(people);
    long end = System.nanoTime() + time.toNanos();
    for (int i = 0; i < people; i++) {
      Visitor visitor = new Visitor(i);
      pool.submit(() -> visitor.work(end));
    }
    pool.shutdown();
    pool.awaitTermination(time.toSeconds() + 60, TimeUnit.SECONDS);
  }

  private void print(int people, long seconds) {
    System.out.printf("%n%d people, %d s, pauses of 0.5 to 2.5 s%n", people, seconds);
    System.out.println("| page | asked | median | 95th percentile |");
    System.out.println("|---|---|---|---|");
    new TreeMap<>(tookMs)
        .forEach(
            (page, took) -> {
              List<Double> sorted = took.stream().sorted().toList();
              System.out.printf(
                  Locale.ROOT,
                  "| %s | %d | %.1f ms | %.1f ms |%n",
                  page,
                  sorted.size(),
                  sorted.get(sorted.size() / 2),
                  sorted.get((int) (sorted.size() * 0.95)));
            });
  }

  /** One person with a browser of their own. */
  private final class Visitor {
    private final Random random;
    private final String username;
    private final HttpClient client =
        HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();

    Visitor(int number) {
      this.random = new Random(number);
      this.username = PEOPLE.get(number % PEOPLE.size());
    }

    void work(long end) {
      try {
        signIn();
        String yard = ask("yard", "/yard");
        List<String> jobs = jobs(yard);
        while (System.nanoTime() < end) {
          walk(jobs.get(random.nextInt(jobs.size())));
        }
      } catch (IOException | RuntimeException e) {
        faults.add(e.toString());
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }

    private void walk(String job) throws IOException, InterruptedException {
      ask("yard", "/yard");
      ask("job page", job);
      ask("job page", job + "?at=part&part=hub");
      ask("reading a number", job + "/name?part=&text=6205-2RS");
      ask("job page", job + "?at=pack");
      preview(job);
      ask("job page", job + "?at=prove");
      ask("job sheet", job + "/sheet");
      ask("bench page", "/bench/a" + (1 + random.nextInt(18)));
      ask("vehicle page", "/vehicles/" + (1 + random.nextInt(10)));
      ask("search", "/search?q=growl");
    }

    private List<String> jobs(String yard) {
      List<String> jobs = new ArrayList<>();
      Matcher matcher = JOB.matcher(yard);
      while (matcher.find()) {
        jobs.add(matcher.group(1));
      }
      return jobs;
    }

    private void signIn() throws IOException, InterruptedException {
      String page = get("/login");
      Matcher csrf = CSRF.matcher(page);
      if (!csrf.find()) {
        throw new IOException("no token on the sign-in page");
      }
      String form =
          "username=" + username + "&password=cone-and-cup&_csrf=" + encoded(csrf.group(1));
      client.send(form("/login", form), HttpResponse.BodyHandlers.ofString());
    }

    /** The Pack form as it is previewed while one picks a duty. */
    private void preview(String job) throws IOException, InterruptedException {
      Matcher csrf = CSRF.matcher(get(job + "?at=pack"));
      if (csrf.find()) {
        String form = "duty=general&school=share&density=0.9&_csrf=" + encoded(csrf.group(1));
        timed("pack preview", form(job + "/pack/preview", form));
      }
    }

    private HttpRequest form(String path, String body) {
      return HttpRequest.newBuilder(URI.create(root + path))
          .header("Content-Type", "application/x-www-form-urlencoded")
          .POST(HttpRequest.BodyPublishers.ofString(body))
          .build();
    }

    private String ask(String name, String path) throws IOException, InterruptedException {
      String body = timed(name, HttpRequest.newBuilder(URI.create(root + path)).build());
      Thread.sleep(LEAST_PAUSE_MS + random.nextInt(MOST_PAUSE_MS - LEAST_PAUSE_MS));
      return body;
    }

    private String timed(String name, HttpRequest request)
        throws IOException, InterruptedException {
      long start = System.nanoTime();
      HttpResponse<String> response = client.send(request, HttpResponse.BodyHandlers.ofString());
      double took = (System.nanoTime() - start) / 1e6;
      if (response.statusCode() >= 400 && response.statusCode() != 404) {
        faults.add(response.statusCode() + " " + request.uri());
      }
      tookMs.computeIfAbsent(name, n -> Collections.synchronizedList(new ArrayList<>())).add(took);
      return response.body();
    }

    private String get(String path) throws IOException, InterruptedException {
      HttpRequest request = HttpRequest.newBuilder(URI.create(root + path)).build();
      return client.send(request, HttpResponse.BodyHandlers.ofString()).body();
    }

    private String encoded(String text) {
      return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
  }
}
