package unbo.app.gauge;

import jakarta.servlet.http.HttpSession;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import unbo.app.account.Person;
import unbo.core.gauge.GaugeKind;
import unbo.core.gauge.SimulatedGauge;
import unbo.core.units.NumberEntry;

/** The panel of the simulated gauge, and the stream of readings that every page can listen to. */
@Controller
@RequestMapping("/gauge")
class GaugeController {

  private static final String STATE = "simulated-gauge";

  private final GaugeHub hub;
  private final java.time.Clock clock;

  GaugeController(GaugeHub hub, java.time.Clock clock) {
    this.hub = hub;
    this.clock = clock;
  }

  /** The gauge in a person's hand: since when, and what it hides in practice. */
  private record State(SimulatedGauge gauge, long sinceMs, Double hidden) {}

  @GetMapping
  String panel(
      @RequestParam(defaultValue = "dial") String kind,
      @RequestParam(defaultValue = "false") boolean practice,
      HttpSession session,
      Model model) {
    GaugeKind chosen = GaugeKind.withId(kind).orElse(GaugeKind.DIAL);
    State now = (State) session.getAttribute(STATE);
    boolean same = now != null && now.gauge.kind() == chosen && (now.hidden != null) == practice;
    if (!same) {
      SimulatedGauge gauge = new SimulatedGauge(chosen, clock.millis());
      now = new State(gauge, clock.millis(), practice ? gauge.hidden() : null);
      session.setAttribute(STATE, now);
    }
    model.addAttribute("kinds", GaugeKind.values());
    model.addAttribute("kind", chosen);
    model.addAttribute("practice", practice);
    return "gauge";
  }

  /** One reading of the simulated gauge, sent to the person's pages; plain text, whoever asks. */
  @PostMapping(path = "/readings", produces = MediaType.TEXT_PLAIN_VALUE + ";charset=UTF-8")
  ResponseEntity<String> read(
      @RequestParam(defaultValue = "0") String truth,
      HttpSession session,
      @AuthenticationPrincipal Person person) {
    State state = (State) session.getAttribute(STATE);
    if (state == null) {
      return ResponseEntity.status(HttpStatus.CONFLICT).body("Open the gauge panel first.");
    }
    Optional<Double> typed = NumberEntry.parse(truth);
    if (state.hidden == null && typed.isEmpty()) {
      return ResponseEntity.unprocessableEntity().body("“" + truth + "” is not a number.");
    }
    GaugeKind kind = state.gauge.kind();
    double seconds = (clock.millis() - state.sinceMs) / 1000.0;
    double there = state.hidden != null ? state.hidden : typed.orElseThrow();
    String text = kind.shown(state.gauge.read(there, seconds));
    hub.publish(person.getUsername(), kind.id(), text, kind.unit());
    return ResponseEntity.ok(text + " " + kind.unit());
  }

  /** Shows what the gauge hid, beside a guess, and sets it up anew. */
  @PostMapping("/reveal")
  String reveal(
      @RequestParam(defaultValue = "") String guess,
      @RequestParam(defaultValue = "") String uncertainty,
      HttpSession session,
      Model model) {
    State state = (State) session.getAttribute(STATE);
    if (state == null || state.hidden == null) {
      return "redirect:/gauge?practice=true";
    }
    GaugeKind kind = state.gauge.kind();
    Optional<Double> value = NumberEntry.parse(guess);
    Optional<Double> half = NumberEntry.parse(uncertainty);
    model.addAttribute("kinds", GaugeKind.values());
    model.addAttribute("kind", kind);
    model.addAttribute("practice", true);
    model.addAttribute("guess", guess);
    model.addAttribute("uncertainty", uncertainty);
    if (value.isEmpty()) {
      model.addAttribute("problem", "Enter your value first, then compare.");
      return "gauge";
    }
    double off = value.get() - state.hidden;
    boolean inside = half.isPresent() && Math.abs(off) <= Math.abs(half.get());
    model.addAttribute(
        "revealed",
        String.format(
            Locale.ROOT,
            "The true value was %s %s; your error was %s. %s",
            kind.shown(state.hidden),
            kind.unit(),
            kind.shown(Math.abs(off)),
            half.isEmpty()
                ? "Enter your uncertainty next time."
                : inside
                    ? "Within your uncertainty."
                    : "Outside your uncertainty: take more readings, or state a larger uncertainty."));
    session.removeAttribute(STATE);
    return "gauge";
  }

  /**
   * Readings as server-sent events: event {@code reading}, data {@code gauge|text|unit}. A browser
   * that was away sends the last id it knows and gets what came since.
   */
  @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter stream(
      @RequestHeader(name = "Last-Event-ID", defaultValue = "0") String known,
      @AuthenticationPrincipal Person person) {
    long number = known.matches("\\d{1,15}") ? Long.parseLong(known) : 0;
    return hub.listen(person.getUsername(), number);
  }
}
