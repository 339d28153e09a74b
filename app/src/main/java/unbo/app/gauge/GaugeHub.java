package unbo.app.gauge;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Takes readings in and sends them to every open page of the person. Keeps the last few of each
 * person in memory, so that a page which lost its connection gets what it missed.
 */
@Component
public class GaugeHub {

  private static final int KEPT = 50;
  private static final long NEVER = 0L;

  private final Map<String, Channel> channels = new ConcurrentHashMap<>();

  /** What one person's gauges sent, and the pages that listen. */
  private static final class Channel {
    private final Deque<GaugeReading> lately = new ArrayDeque<>();
    private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();
    private long count;

    synchronized GaugeReading next(String gauge, String text, String unit) {
      GaugeReading reading = new GaugeReading(++count, gauge, text, unit);
      lately.addLast(reading);
      if (lately.size() > KEPT) {
        lately.removeFirst();
      }
      return reading;
    }

    synchronized List<GaugeReading> after(long number) {
      return lately.stream().filter(r -> r.number() > number).toList();
    }
  }

  private Channel channel(String person) {
    return channels.computeIfAbsent(person, p -> new Channel());
  }

  /** Sends a reading to the pages of a person. */
  public GaugeReading publish(String person, String gauge, String text, String unit) {
    Channel channel = channel(person);
    GaugeReading reading = channel.next(gauge, text, unit);
    channel.pages.forEach(page -> send(channel, page, reading));
    return reading;
  }

  /** A page that listens; it gets first what came after a reading that it knows. */
  SseEmitter listen(String person, long known) {
    Channel channel = channel(person);
    SseEmitter page = new SseEmitter(NEVER);
    page.onCompletion(() -> channel.pages.remove(page));
    page.onError(e -> channel.pages.remove(page));
    channel.pages.add(page);
    if (known > 0) {
      channel.after(known).forEach(r -> send(channel, page, r));
    }
    return page;
  }

  private static void send(Channel channel, SseEmitter page, GaugeReading reading) {
    try {
      page.send(
          SseEmitter.event()
              .id(String.valueOf(reading.number()))
              .name("reading")
              .data(reading.gauge() + "|" + reading.text() + "|" + reading.unit()));
    } catch (IOException | IllegalStateException e) {
      channel.pages.remove(page);
    }
  }

  /** A word now and then keeps the lines open and finds those that have gone. */
  @Scheduled(fixedRate = 15_000)
  void stayAwake() {
    for (Channel channel : channels.values()) {
      for (SseEmitter page : channel.pages) {
        try {
          page.send(SseEmitter.event().comment("awake"));
        } catch (IOException | IllegalStateException e) {
          channel.pages.remove(page);
        }
      }
    }
  }
}
