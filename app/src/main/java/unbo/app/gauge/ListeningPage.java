package unbo.app.gauge;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import java.util.function.Consumer;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter.SseEventBuilder;

/**
 * One open page with what waits to be sent to it. Sending goes on beside, one event after the
 * other; a page that lets more than {@value #MOST_WAITING} wait has stalled and is let go.
 */
final class ListeningPage {

  private static final int MOST_WAITING = 100;

  private final SseEmitter emitter;
  private final Executor senders;
  private final Consumer<ListeningPage> gone;
  private final Queue<SseEventBuilder> waiting = new ArrayDeque<>();
  private boolean sending;

  ListeningPage(SseEmitter emitter, Executor senders, Consumer<ListeningPage> gone) {
    this.emitter = emitter;
    this.senders = senders;
    this.gone = gone;
    emitter.onCompletion(() -> gone.accept(this));
    emitter.onError(e -> gone.accept(this));
  }

  static SseEventBuilder event(GaugeReading reading) {
    return SseEmitter.event()
        .id(String.valueOf(reading.number()))
        .name("reading")
        .data(reading.gauge() + "|" + reading.text() + "|" + reading.unit());
  }

  /** What the stream begins with; not sent yet but handed over, so nobody waits. */
  void begin(List<GaugeReading> missed) {
    try {
      for (GaugeReading reading : missed) {
        emitter.send(event(reading));
      }
    } catch (IOException e) {
      gone.accept(this);
    }
  }

  void send(SseEventBuilder event) {
    synchronized (this) {
      if (waiting.size() >= MOST_WAITING) {
        gone.accept(this);
        return;
      }
      waiting.add(event);
      if (sending) {
        return;
      }
      sending = true;
    }
    try {
      senders.execute(this::sendWaiting);
    } catch (RejectedExecutionException e) {
      gone.accept(this);
    }
  }

  private void sendWaiting() {
    for (SseEventBuilder next = next(); next != null; next = next()) {
      try {
        emitter.send(next);
      } catch (IOException | IllegalStateException e) {
        gone.accept(this);
        return;
      }
    }
  }

  private synchronized SseEventBuilder next() {
    SseEventBuilder next = waiting.poll();
    sending = next != null;
    return next;
  }

  /** Ends the page's stream. */
  void leave() {
    gone.accept(this);
    emitter.complete();
  }
}
