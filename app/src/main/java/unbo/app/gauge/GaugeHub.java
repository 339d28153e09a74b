package unbo.app.gauge;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import unbo.app.account.SessionsEnded;

/**
 * Takes readings in and sends them to every open page of the person. Keeps the last few of each
 * person in memory, so that a page which lost its connection gets what it missed; who has no page
 * open and sends nothing for ten minutes is forgotten.
 */
@Component
public class GaugeHub {

  private static final Duration FORGOTTEN = Duration.ofMinutes(10);

  /** Pages that take their time each hold a thread for a moment; more than these are let go. */
  private static final int SENDERS = 64;

  private static final int SENDER_IDLE_S = 20;

  private final Map<String, GaugeChannel> channels = new ConcurrentHashMap<>();
  private final Clock clock;
  private final ExecutorService senders =
      new ThreadPoolExecutor(
          0, SENDERS, SENDER_IDLE_S, TimeUnit.SECONDS, new SynchronousQueue<>(), daemons());

  GaugeHub(Clock clock) {
    this.clock = clock;
  }

  private static java.util.concurrent.ThreadFactory daemons() {
    return work -> {
      Thread thread = new Thread(work, "gauge-sender");
      thread.setDaemon(true);
      return thread;
    };
  }

  private GaugeChannel channel(String person) {
    return channels.computeIfAbsent(person, p -> new GaugeChannel(senders));
  }

  /** Sends a reading to the pages of a person; a page that is slow to take it holds up nobody. */
  public GaugeReading publish(String person, String gauge, String text, String unit) {
    return channel(person).publish(gauge, text, unit, clock.instant());
  }

  /** A page that listens; it gets first what came after a reading that it knows. */
  SseEmitter listen(String person, long known) {
    return channel(person).listen(known);
  }

  /** A word now and then keeps the lines open and finds those that have gone. */
  @Scheduled(fixedRate = 15_000)
  void stayAwake() {
    Instant old = clock.instant().minus(FORGOTTEN);
    channels.values().forEach(GaugeChannel::stayAwake);
    channels.values().removeIf(channel -> channel.isIdleSince(old));
  }

  /** Somebody who may not sign in any more hears nothing more either. */
  @EventListener
  void ended(SessionsEnded ended) {
    GaugeChannel channel = channels.remove(ended.username());
    if (channel != null) {
      channel.close();
    }
  }

  int channels() {
    return channels.size();
  }

  @PreDestroy
  void stop() {
    senders.shutdownNow();
  }
}
