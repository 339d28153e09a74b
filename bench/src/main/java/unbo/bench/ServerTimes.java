package unbo.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * The server's own times by page, from an access log whose lines are the page's name as the client
 * gave it, the method, and microseconds from the request's first byte read to the answer's last
 * written.
 */
final class ServerTimes {

  /** The header that carries a page's name; lines without it are left out. */
  static final String PAGE_HEADER = "X-Page";

  private ServerTimes() {}

  /** Milliseconds by page and method. */
  static Map<String, List<Double>> of(Path logs) throws IOException {
    Map<String, List<Double>> times = new TreeMap<>();
    try (Stream<Path> files = Files.list(logs)) {
      for (Path file : files.sorted().toList()) {
        Files.readAllLines(file).forEach(line -> take(line, times));
      }
    }
    return times;
  }

  private static void take(String line, Map<String, List<Double>> times) {
    String[] parts = line.split(" ");
    if (parts.length == 3 && !parts[0].equals("-")) {
      String page = parts[0].replace('_', ' ') + " (" + parts[1] + ")";
      times.computeIfAbsent(page, p -> new ArrayList<>()).add(Double.parseDouble(parts[2]) / 1000);
    }
  }
}
