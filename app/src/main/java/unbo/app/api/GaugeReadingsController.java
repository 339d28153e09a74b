package unbo.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import unbo.app.account.KnownPeople;
import unbo.app.account.Person;
import unbo.app.gauge.GaugeHub;
import unbo.app.gauge.GaugeReading;
import unbo.core.gauge.GaugeKind;

/** {@code /gauge-readings}: how a bridge beside a real gauge sends what it shows. */
@RestController
@RequestMapping(path = "/api/v1/gauge-readings", produces = MediaType.APPLICATION_JSON_VALUE)
class GaugeReadingsController {

  private final GaugeHub hub;
  private final KnownPeople people;

  GaugeReadingsController(GaugeHub hub, KnownPeople people) {
    this.hub = hub;
    this.people = people;
  }

  /** What a bridge sends. */
  record GaugeReadingQuestion(
      @Schema(description = "dial, caliper, thermometer or spring-scale") String gauge,
      @Schema(description = "in the gauge’s own unit: mm, °C or N") double value,
      @Schema(description = "user name; with a token its owner, then leave it out")
          String person) {}

  /** The reading as it goes to the pages. */
  record GaugeReadingAnswer(long number, String gauge, String text, String unit) {}

  @PostMapping(consumes = MediaType.APPLICATION_JSON_VALUE)
  @Operation(
      summary = "Sends one reading of a gauge to the open pages of a person; nothing is stored",
      requestBody =
          @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = GaugeReadingQuestion.class))))
  GaugeReadingAnswer post(@RequestBody JsonNode body, @AuthenticationPrincipal Person owner) {
    Fields fields = new Fields(body);
    String gauge = fields.text("gauge", "");
    GaugeKind kind = GaugeKind.withId(gauge).orElse(null);
    if (kind == null) {
      fields.impossible("gauge", gauge, "dial, caliper, thermometer or spring-scale.");
    }
    double value = fields.number("value", -1e6, 1e6);
    String person = owner != null ? owner.getUsername() : fields.text("person", "");
    if (owner == null && !people.isKnown(person)) {
      fields.impossible("person", person, "Without a token: the user name of whose pages it is.");
    }
    fields.check();
    GaugeReading reading = hub.publish(person, kind.id(), kind.shown(value), kind.unit());
    return new GaugeReadingAnswer(
        reading.number(), reading.gauge(), reading.text(), reading.unit());
  }
}
