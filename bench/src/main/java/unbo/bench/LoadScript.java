package unbo.bench;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
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
 * the last received over loopback, and the server's own time of it by its access log.
 *
 * <p>Arguments: address, the directory of the access log, people, seconds, and the number of gauges
 * that send at the same time.
 */
public final class LoadScript {

  private static final Pattern JOB = Pattern.compile("href=\"(/jobs/\\d+)\"");
  private static final List<String> PEOPLE = List.of("ilse", "joren", "tuva");
  private static final int LEAST_PAUSE_MS = 500;
  private static final int MOST_PAUSE_MS = 2500;

  /** A server runs for days; its first minutes, in which it compiles itself, are not measured. */
  private static final Duration WARMING_UP = Duration.ofMinutes(2);

  /** People come one after another; all at one stroke would keep step and pile up at each page. */
  private static final int ARRIVE_WITHIN_MS = 15_000;

  private final String root;
  private final Map<String, List<Double>> tookMs = new ConcurrentHashMap<>();
  private final List<Visitor> visitors = new ArrayList<>();
  private final Map<Integer, GaugeAtWork> gaugesAtWork = new ConcurrentHashMap<>();
  private volatile boolean measuring;
  private final List<String> faults = Collections.synchronizedList(new ArrayList<>());

  private LoadScript(String root) {
    this.root = root;
  }

  public static void main(String[] arguments) throws Exception {
    int people = Integer.parseInt(arguments[2]);
    long seconds = Long.parseLong(arguments[3]);
    LoadScript script = new LoadScript(arguments[0]);
    int gauges = arguments.length > 4 ? Integer.parseInt(arguments[4]) : 0;
    script.run(people, gauges, WARMING_UP);
    script.tookMs.clear();
    script.measuring = true;
    script.run(people, gauges, Duration.ofSeconds(seconds));
    System.out.printf(
        "%n%d people, %d gauges, %d s, pauses of 0.5 to 2.5 s%n", people, gauges, seconds);
    print("page", script.tookMs);
    print("server's own time", ServerTimes.of(Path.of(arguments[1])));
    if (!script.faults.isEmpty()) {
      System.out.println("faults: " + script.faults.subList(0, Math.min(5, script.faults.size())));
      System.exit(1);
    }
  }

  private void run(int people, int gauges, Duration time) throws InterruptedException {
    ExecutorService pool = Executors.newFixedThreadPool(people + gauges);
    long end = System.nanoTime() + time.toNanos();
    for (int i = visitors.size(); i < people; i++) {
      visitors.add(new Visitor(i));
    }
    visitors.forEach(visitor -> pool.submit(() -> visitor.work(end)));
    for (int i = 0; i < gauges; i++) {
      int number = i;
      pool.submit(() -> gauge(number, end));
    }
    pool.shutdown();
    pool.awaitTermination(time.toSeconds() + 60, TimeUnit.SECONDS);
  }

  private void gauge(int number, long end) {
    try {
      String username = PEOPLE.get(number % PEOPLE.size());
      if (!gaugesAtWork.containsKey(number)) {
        gaugesAtWork.put(number, new GaugeAtWork(root, username, number));
      }
      gaugesAtWork.get(number).work(end, ms -> took("gauge to page", ms));
    } catch (IOException | RuntimeException e) {
      faults.add("gauge " + number + ": " + e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void took(String name, double ms) {
    tookMs.computeIfAbsent(name, n -> Collections.synchronizedList(new ArrayList<>())).add(ms);
  }

  private static void print(String heading, Map<String, List<Double>> times) {
    System.out.printf("%n| %s | asked | median | 95th percentile |%n", heading);
    System.out.println("|---|---|---|---|");
    new TreeMap<>(times)
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
    private SignedIn me;

    Visitor(int number) {
      this.random = new Random(number);
      this.username = PEOPLE.get(number % PEOPLE.size());
    }

    void work(long end) {
      try {
        if (me == null) {
          me = new SignedIn(root, username);
        }
        Thread.sleep(random.nextInt(ARRIVE_WITHIN_MS));
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
      ask("Name: a number", "/name?q=6205-2RS+C3");
      ask("Name: a size", "/name?q=25+x+52+x+15");
      ask("Name: instead", "/name/instead?old=6204-2RS&fresh=6204-V&position=a4");
      ask("shelf: what suits", "/shelf?q=6204-2RS&position=a4");
      search();
    }

    /** A search of one's own: the first question is answered, the page comes back, it ends. */
    private void search() throws IOException, InterruptedException {
      String token = me.token("/listen");
      String body = "subject=car&words=growls+with+speed" + token;
      HttpResponse<String> begun = me.send(me.form("/listen", body));
      String address = begun.uri().getPath();
      for (String answer : List.of("spin=axle-1-left", "bend=right", "heat=none")) {
        String[] parts = answer.split("=");
        String form = "test=" + parts[0] + "&answer=" + parts[1] + token;
        timed("answer to updated page", me.form(address + "/answers", form));
        Thread.sleep(LEAST_PAUSE_MS);
      }
      me.send(me.form(address + "/drop", token));
    }

    private List<String> jobs(String yard) {
      List<String> jobs = new ArrayList<>();
      Matcher matcher = JOB.matcher(yard);
      while (matcher.find()) {
        jobs.add(matcher.group(1));
      }
      return jobs;
    }

    /** The Pack form as it is previewed while one picks a duty. */
    private void preview(String job) throws IOException, InterruptedException {
      String token = me.token(job + "?at=pack");
      if (!token.isEmpty()) {
        String form = "duty=general&school=share&density=0.9" + token;
        HttpRequest asked =
            HttpRequest.newBuilder(me.form(job + "/pack/preview", form), (n, v) -> true)
                .header("HX-Request", "true")
                .header("HX-Target", "pack-answer")
                .build();
        timed("pack preview", asked);
      }
    }

    private String ask(String name, String path) throws IOException, InterruptedException {
      String body = timed(name, me.page(path));
      Thread.sleep(LEAST_PAUSE_MS + random.nextInt(MOST_PAUSE_MS - LEAST_PAUSE_MS));
      return body;
    }

    private String timed(String name, HttpRequest request)
        throws IOException, InterruptedException {
      HttpRequest named =
          measuring
              ? HttpRequest.newBuilder(request, (n, v) -> true)
                  .header(ServerTimes.PAGE_HEADER, name.replace(' ', '_'))
                  .build()
              : request;
      long start = System.nanoTime();
      HttpResponse<String> response = me.send(named);
      double took = (System.nanoTime() - start) / 1e6;
      if (response.statusCode() >= 400 && response.statusCode() != 404) {
        faults.add(response.statusCode() + " " + request.uri());
      }
      took(name, took);
      return response.body();
    }
  }
}
