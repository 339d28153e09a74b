package unbo.app.web;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.springframework.stereotype.Component;
import unbo.core.measure.Measured;
import unbo.core.units.LengthEntry;

/** Numbers and dates as text, the same on every page. Templates know it as {@code figures}. */
@Component
public class Figures {

  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.UK);
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);
  private static final ZoneId ZONE = ZoneId.systemDefault();

  /** Thousandths, for end play: {@code 0.310}, {@code −0.065}. */
  public String fine(double value) {
    return minus(String.format(Locale.ROOT, "%.3f", value + 0.0));
  }

  public String measured(Measured value) {
    return fine(value.value()) + " ± " + fine(value.uncertainty());
  }

  /** At most two decimals, none that are zero: {@code 62}, {@code 17.25}. */
  public String size(double value) {
    double rounded = Math.round(value * 100) / 100.0;
    return minus(
        rounded == Math.rint(rounded) ? String.valueOf((long) rounded) : String.valueOf(rounded));
  }

  public String oneDecimal(double value) {
    return minus(String.format(Locale.ROOT, "%.1f", value));
  }

  public String whole(double value) {
    return minus(String.valueOf(Math.round(value)));
  }

  /** What a length typed in another unit was taken as; empty for plain millimetres. */
  public String takenAs(String typed) {
    return LengthEntry.parse(typed, LengthEntry.Unit.MILLIMETRE)
        .value()
        .filter(t -> t.unit() != LengthEntry.Unit.MILLIMETRE)
        .map(t -> "= " + fine(t.length().millimetres()) + " mm")
        .orElse("");
  }

  /** A difference of temperature in words, never with a sign: {@code 38 °C hotter}. */
  public String hotter(double difference) {
    if (Math.abs(difference) < 0.005) {
      return "equal";
    }
    return size(Math.abs(difference)) + " °C " + (difference > 0 ? "hotter" : "cooler");
  }

  public String percent(double share) {
    return Math.round(share * 100) + " %";
  }

  public String moment(Instant at) {
    return at == null ? "" : MOMENT.format(at.atZone(ZONE));
  }

  public String day(LocalDate date) {
    return date == null ? "" : DAY.format(date);
  }

  public String dayOf(Instant at) {
    return at == null ? "" : DAY.format(at.atZone(ZONE));
  }

  private static String minus(String text) {
    return text.replace('-', '−');
  }
}
