package unbo.app.gauge;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executor;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What one person's gauges sent, and the pages that listen. */
final class GaugeChannel {

  private static final int KEPT = 50;
  private static final int MOST_PAGES = 30;
  private static final long NEVER = 0L;

  private final Deque<GaugeReading> lately = new ArrayDeque<>();
  private final List<ListeningPage> pages = new CopyOnWriteArrayList<>();
  private final Executor senders;
  private long count;
  private Instant lastAt = Instant.MAX;

  GaugeChannel(Executor senders) {
    this.senders = senders;
  }

  GaugeReading publish(String gauge, String text, String unit, Instant now) {
    GaugeReading reading = keep(gauge, text, unit, now);
    pages.forEach(page -> page.send(ListeningPage.event(reading)));
    return reading;
  }

  private synchronized GaugeReading keep(String gauge, String text, String unit, Instant now) {
    lastAt = now;
    GaugeReading reading = new GaugeReading(++count, gauge, text, unit);
    lately.addLast(reading);
    if (lately.size() > KEPT) {
      lately.removeFirst();
    }
    return reading;
  }

  private synchronized List<GaugeReading> after(long number) {
    return lately.stream().filter(r -> r.number() > number).toList();
  }

  SseEmitter listen(long known) {
    SseEmitter emitter = new SseEmitter(NEVER);
    ListeningPage page = new ListeningPage(emitter, senders, pages::remove);
    if (pages.size() >= MOST_PAGES) {
      pages.get(0).leave();
    }
    if (known > 0) {
      page.begin(after(known));
    }
    pages.add(page);
    return emitter;
  }

  void stayAwake() {
    pages.forEach(page -> page.send(SseEmitter.event().comment("awake")));
  }

  /** Whether nobody listens and nothing came since a moment. */
  synchronized boolean isIdleSince(Instant moment) {
    return pages.isEmpty() && (count == 0 || lastAt.isBefore(moment));
  }

  void close() {
    pages.forEach(ListeningPage::leave);
  }
}
