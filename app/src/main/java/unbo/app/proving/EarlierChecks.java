package unbo.app.proving;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import unbo.core.verification.HardStop;

/**
 * Sheets of version 1 asked one check for any locking element, and fewer checks in all. What was
 * ticked or waived there counts for each kind of locking element; a job that was closed keeps the
 * checks that it was closed on.
 */
final class EarlierChecks {

  private static final List<HardStop> ALWAYS =
      List.of(HardStop.LOCKING_NEW, HardStop.SETTING, HardStop.PULLED, HardStop.RECHECK);
  private static final List<HardStop> OF_A_WHEEL = List.of(HardStop.WHEEL_NUTS, HardStop.BRAKE);
  private static final List<HardStop> LOCKING =
      List.of(HardStop.SPLIT_PIN, HardStop.LOCK_WASHER, HardStop.ONE_USE);

  private EarlierChecks() {}

  static ObjectNode upgraded(int version, ObjectNode sheet) {
    if (version == 1) {
      asked(sheet);
    }
    sheet.path("tests").forEach(test -> readings((ObjectNode) test));
    return sheet;
  }

  private static void asked(ObjectNode sheet) {
    JsonNode stops = sheet.path("stops");
    ArrayNode asked = sheet.putArray("askedThen");
    ALWAYS.forEach(stop -> asked.add(stop.name()));
    OF_A_WHEEL.stream().filter(s -> stops.has(s.name())).forEach(s -> asked.add(s.name()));
    JsonNode locking = stops.path(HardStop.LOCKING_NEW.name());
    if (locking.isObject()) {
      LOCKING.forEach(stop -> ((ObjectNode) stops).set(stop.name(), locking.deepCopy()));
    }
  }

  /** Versions 1 and 2 kept one number of a test, and its second, before and after. */
  private static void readings(ObjectNode test) {
    reading(test, "before");
    reading(test, "after");
  }

  private static void reading(ObjectNode test, String when) {
    JsonNode value = test.remove(when + "Value");
    JsonNode second = test.remove(when + "Second");
    if (value != null && value.isNumber()) {
      ObjectNode reading = test.putObject(when);
      reading.putArray("values").add(value);
      reading.set("second", second);
    }
  }
}
