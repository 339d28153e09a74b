package unbo.core.units;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * Reads a number with one of a field's units, for quantities that are not lengths: force, torque,
 * temperature, distance on the road. The first unit named is the field's own.
 *
 * <p>A temperature in °F needs an offset and a temperature <em>rise</em> must not have one; they
 * are two kinds here.
 */
public enum QuantityEntry {
  FORCE(
      "N",
      "6 N, 0.6 kgf or 1.3 lbf",
      Map.of(
          "n", 1.0, "kg", 9.80665, "kgf", 9.80665, "lbf", 4.4482216152605, "lb", 4.4482216152605)),
  TORQUE("Nm", "1.2 Nm, 0.9 lbf·ft or 11 lbf·in", torques()),
  TEMPERATURE("°C", "41 °C or 106 °F", Map.of("°c", 1.0, "c", 1.0)),
  DISTANCE("km", "500 km or 300 mi", Map.of("km", 1.0, "mi", 1.609344, "miles", 1.609344)),
  SPEED("km/h", "40 km/h or 25 mph", Map.of("km/h", 1.0, "kmh", 1.0, "mph", 1.609344)),
  MASS("g", "230 g or 8 oz", Map.of("g", 1.0, "kg", 1000.0, "oz", 28.349523125, "lb", 453.59237)),
  DENSITY("g/cm³", "0.9", Map.of("g/cm³", 1.0, "g/cm3", 1.0)),
  COUNT("", "a whole number such as 6", Map.of());

  private static final int LONGEST = 40;

  private final String symbol;
  private final String examples;
  private final Map<String, Double> factors;

  QuantityEntry(String symbol, String examples, Map<String, Double> factors) {
    this.symbol = symbol;
    this.examples = examples;
    this.factors = factors;
  }

  public String symbol() {
    return symbol;
  }

  /** Reads a text; null counts as empty. */
  public Entry<Double> parse(String typed) {
    String text = typed == null ? "" : typed;
    String low = text.strip().toLowerCase(Locale.ROOT);
    if (low.isEmpty()) {
      return Entry.empty(text);
    }
    if (low.length() > LONGEST) {
      return refused(text);
    }
    int end = endOfNumber(low);
    String unit = low.substring(end).replace(" ", "");
    OptionalDouble number = NumberText.parse(low.substring(0, end));
    if (number.isEmpty() || !knows(unit)) {
      return refused(text);
    }
    return taken(text, number.getAsDouble(), unit);
  }

  private Entry<Double> taken(String text, double number, String unit) {
    if (this == COUNT && number != Math.rint(number)) {
      return refused(text);
    }
    return Entry.taken(
        text, isFahrenheit(unit) ? (number - 32) / 1.8 : number * factors.getOrDefault(unit, 1.0));
  }

  private boolean knows(String unit) {
    return unit.isEmpty() || factors.containsKey(unit) || isFahrenheit(unit);
  }

  private boolean isFahrenheit(String unit) {
    return this == TEMPERATURE && (unit.equals("°f") || unit.equals("f"));
  }

  private Entry<Double> refused(String text) {
    return Entry.refused(text, "Not a number that can be read here.", "Enter " + examples + ".");
  }

  /** As manuals of a hundred years write them; spaces are gone, capitals low. */
  private static Map<String, Double> torques() {
    Map<String, Double> units = new HashMap<>();
    double footPound = 1.3558179483314;
    double kilopondMetre = 9.80665;
    List.of("nm", "n·m", "n.m", "n-m").forEach(u -> units.put(u, 1.0));
    List.of("ncm", "n·cm").forEach(u -> units.put(u, 0.01));
    for (String pound : List.of("lb", "lbf", "lbs")) {
      for (String by : List.of("", "·", "-", ".")) {
        units.put(pound + by + "ft", footPound);
        units.put("ft" + by + pound, footPound);
        units.put(pound + by + "in", footPound / 12);
        units.put("in" + by + pound, footPound / 12);
      }
    }
    for (String by : List.of("", "·", "-", ".")) {
      for (String kilopond : List.of("kg", "kgf", "kp")) {
        units.put(kilopond + by + "m", kilopondMetre);
        units.put("m" + by + kilopond, kilopondMetre);
        units.put(kilopond + by + "cm", kilopondMetre / 100);
      }
    }
    return Map.copyOf(units);
  }

  private static int endOfNumber(String low) {
    int i = 0;
    while (i < low.length() && "0123456789.,/+-− ".indexOf(low.charAt(i)) >= 0) {
      i++;
    }
    return i;
  }
}
