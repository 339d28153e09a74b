package unbo.app.guard;

import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The names that the server was started for: this machine's own, and those of {@code UNBO_HOSTS}
 * (with {@code --lan} the script names the machine's addresses). A page of another origin that gets
 * its name to point here is refused by this.
 */
@Component
class HostNames {

  private static final Set<String> ALWAYS = Set.of("localhost", "127.0.0.1", "::1");

  private final Set<String> names;

  HostNames(@Value("${unbo.hosts:}") String more) {
    names =
        Stream.concat(ALWAYS.stream(), Stream.of(more.split("[\\s,]+")))
            .filter(n -> !n.isBlank())
            .map(n -> n.toLowerCase(Locale.ROOT))
            .collect(Collectors.toUnmodifiableSet());
  }

  /** Whether the name that a request was sent to, without its port, is one of them. */
  boolean contains(String asked) {
    String host = asked.strip().toLowerCase(Locale.ROOT);
    boolean bracketed = host.startsWith("[") && host.endsWith("]");
    return names.contains(bracketed ? host.substring(1, host.length() - 1) : host);
  }
}
