package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import unbo.app.OneStart;
import unbo.app.UnboApplication;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleRepository;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/**
 * A database server of its own is killed outright in the middle of writing, twenty times. Whatever
 * was confirmed must be there afterwards, and nothing may be there by half.
 */
@Order(7)
@Execution(ExecutionMode.CONCURRENT)
class KilledDatabaseTest {

  private static final int KILLS = 20;
  private static final int WRITERS = 4;
  private static final Duration PATIENCE = Duration.ofSeconds(60);

  /**
   * A MariaDB server that can be killed and started again on the same files. Its temporary tables
   * have a folder of their own: a server that starts deletes all that it finds, also those that its
   * neighbour is reading.
   */
  private static final class Server implements AutoCloseable {
    private final Path folder;
    private final int port;
    private Process process;

    Server() throws IOException, InterruptedException {
      folder = Files.createTempDirectory("unbo-kill");
      try (ServerSocket free = new ServerSocket(0)) {
        port = free.getLocalPort();
      }
      Files.writeString(
          folder.resolve("init.sql"),
          """
          CREATE DATABASE IF NOT EXISTS unbo CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
          CREATE USER IF NOT EXISTS 'unbo'@'127.0.0.1' IDENTIFIED BY 'for-a-test';
          GRANT ALL ON unbo.* TO 'unbo'@'127.0.0.1';
          """);
      int made =
          run(
                  "mariadb-install-db",
                  "--no-defaults",
                  "--auth-root-authentication-method=normal",
                  "--skip-test-db",
                  "--tmpdir=" + folder,
                  "--datadir=" + folder.resolve("data"))
              .waitFor();
      assertThat(made).as("mariadb-install-db").isZero();
    }

    private Process run(String... command) throws IOException {
      List<String> all = new ArrayList<>(List.of(command));
      if ("root".equals(System.getProperty("user.name"))) {
        all.add(2, "--user=root");
      }
      ProcessBuilder builder = new ProcessBuilder(all);
      builder.environment().merge("PATH", ":/usr/sbin:/sbin", String::concat);
      builder.redirectErrorStream(true).redirectOutput(folder.resolve("log").toFile());
      builder.redirectInput(new File("/dev/null"));
      return builder.start();
    }

    void start() throws IOException {
      process =
          run(
              binary(),
              "--no-defaults",
              "--datadir=" + folder.resolve("data"),
              "--port=" + port,
              "--bind-address=127.0.0.1",
              "--socket=" + folder.resolve("s"),
              "--tmpdir=" + folder,
              "--init-file=" + folder.resolve("init.sql"),
              "--skip-log-bin",
              "--performance-schema=OFF",
              "--innodb-buffer-pool-size=32M");
      Instant end = Instant.now().plus(PATIENCE);
      while (!answers()) {
        assertThat(process.isAlive()).as("the server runs").isTrue();
        assertThat(Instant.now()).as("the server answers in time").isBefore(end);
      }
    }

    private static String binary() {
      return Files.exists(Path.of("/usr/sbin/mariadbd")) ? "/usr/sbin/mariadbd" : "mariadbd";
    }

    private boolean answers() {
      try (Socket socket = new Socket("127.0.0.1", port)) {
        return socket.isConnected();
      } catch (IOException e) {
        return false;
      }
    }

    void kill() throws InterruptedException {
      process.destroyForcibly();
      assertThat(process.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)).isTrue();
    }

    @Override
    public void close() throws Exception {
      if (process != null) {
        kill();
      }
      try (var files = Files.walk(folder)) {
        files.sorted(Collections.reverseOrder()).forEach(f -> f.toFile().delete());
      }
    }
  }

  /** Notes that were confirmed to a writer, on a job of its own. */
  private static final class Writer {
    private final long job;
    private int confirmed;

    Writer(long job) {
      this.job = job;
    }

    /** Writes until the server is gone; each note carries its number. */
    void write(Jobs jobs, AtomicBoolean killed, CountDownLatch left) {
      while (!killed.get()) {
        try {
          int revision = jobs.get(job).work().revision(Station.FIT);
          int number = confirmed + 1;
          jobs.note(
              job, Station.FIT, revision, "Writer", StationMark.State.ELSEWHERE, "note " + number);
          confirmed = number;
          left.countDown();
        } catch (RuntimeException e) {
          return;
        }
      }
    }
  }

  @Test
  void nothingConfirmedIsLost() throws Exception {
    Random random = new Random(20261123);
    try (Server server = new Server()) {
      server.start();
      try (ConfigurableApplicationContext app = application(server.port)) {
        Jobs jobs = app.getBean(Jobs.class);
        List<Writer> writers = writers(app, jobs);
        ExecutorService pool = Executors.newFixedThreadPool(WRITERS);
        int confirmedBefore = 0;
        for (int kill = 0; kill < KILLS; kill++) {
          writeAndKill(server, jobs, writers, pool, 5 + random.nextInt(60));
          server.start();
          for (Writer writer : writers) {
            assertWhole(jobs, writer, kill);
          }
          int confirmed = writers.stream().mapToInt(w -> w.confirmed).sum();
          assertThat(confirmed).as("writing went on").isGreaterThan(confirmedBefore);
          confirmedBefore = confirmed;
        }
        pool.shutdown();
      }
    }
  }

  /** Kills the server once a number of notes is confirmed, while the writers go on writing. */
  private static void writeAndKill(
      Server server, Jobs jobs, List<Writer> writers, ExecutorService pool, int after)
      throws Exception {
    AtomicBoolean killed = new AtomicBoolean();
    CountDownLatch left = new CountDownLatch(after);
    List<Future<?>> running = new ArrayList<>();
    for (Writer writer : writers) {
      running.add(pool.submit(() -> writer.write(jobs, killed, left)));
    }
    assertThat(left.await(PATIENCE.toSeconds(), TimeUnit.SECONDS)).as("notes are kept").isTrue();
    server.kill();
    killed.set(true);
    for (Future<?> each : running) {
      each.get(PATIENCE.toSeconds(), TimeUnit.SECONDS);
    }
  }

  /**
   * The record stands at the last confirmed note, or one further: the one that was written and not
   * confirmed any more. Station, history and undo agree.
   */
  private static void assertWhole(Jobs jobs, Writer writer, int kill) {
    Job job = patiently(() -> jobs.get(writer.job));
    int stands =
        job.work().mark(Station.FIT).map(m -> Integer.parseInt(m.getNote().substring(5))).orElse(0);
    assertThat(stands).as("after kill " + kill).isBetween(writer.confirmed, writer.confirmed + 1);
    long lines =
        jobs.history(writer.job).stream().filter(e -> e.getStation() == Station.FIT).count();
    assertThat(lines).as("history after kill " + kill).isEqualTo(stands);
    if (stands > 0) {
      assertThat(jobs.lastChange(job).orElseThrow().getText()).endsWith("note " + stands);
    }
    writer.confirmed = stands;
  }

  /** The first question after a restart may still meet a dead connection. */
  private static Job patiently(java.util.function.Supplier<Job> question) {
    Instant end = Instant.now().plus(PATIENCE);
    while (true) {
      try {
        return question.get();
      } catch (RuntimeException e) {
        if (Instant.now().isAfter(end)) {
          throw e;
        }
      }
    }
  }

  private static List<Writer> writers(ConfigurableApplicationContext app, Jobs jobs) {
    VehicleLayout layout = new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 1, 1450, 0, 4000);
    Vehicle vehicle =
        app.getBean(VehicleRepository.class)
            .save(new Vehicle("T", VehicleKind.TRAILER, "", "").withLayout(layout));
    List<Writer> writers = new ArrayList<>();
    for (int i = 0; i < WRITERS; i++) {
      writers.add(new Writer(jobs.openAt(vehicle, "axle-1-left", "rocks", "T").getId()));
    }
    return writers;
  }

  private static ConfigurableApplicationContext application(int port) {
    return OneStart.of(
        new SpringApplicationBuilder(UnboApplication.class).profiles("serve"),
        "--server.port=0",
        "--spring.datasource.url=jdbc:mariadb://127.0.0.1:" + port + "/unbo",
        "--spring.datasource.username=unbo",
        "--spring.datasource.password=for-a-test",
        "--spring.datasource.hikari.connection-timeout=5000");
  }
}
