package unbo.core.setting;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.units.Entry;
import unbo.core.units.Length;
import unbo.core.units.LengthEntry;

/**
 * A spindle thread: diameter and pitch in millimetres. Metric threads are written {@code M24x1.5}
 * (ISO 261), inch threads {@code 1-14} or {@code 3/4-16}: diameter, then threads per inch (ASME
 * B1.1). The pitch must be written: spindle threads are seldom the coarse one.
 *
 * @param diameterMm 6 to 120
 * @param pitchMm 0.5 to 6
 * @param text the usual spelling
 */
public record SpindleThread(double diameterMm, double pitchMm, String text) {

  private static final Pattern METRIC =
      Pattern.compile("M\\s*(\\d{1,3}(?:[.,]\\d+)?)(?:\\s*[X×*]\\s*(\\d(?:[.,]\\d+)?))?");
  private static final Pattern INCH =
      Pattern.compile(
          "(\\d+/\\d+|\\d+(?:[ -]\\d+/\\d+)?|\\d*[.]\\d+)\\s*(?:\"|IN)?\\s*-\\s*(\\d{1,2})(?:\\s*UN[A-Z]*)?");
  private static final String REMEDY = "Write it as M24x1.5, or in inches as 1-14 or 3/4-16.";

  public SpindleThread {
    if (!(diameterMm >= 6 && diameterMm <= 120)) {
      throw new IllegalArgumentException("Thread diameter out of range: " + diameterMm);
    }
    if (!(pitchMm >= 0.5 && pitchMm <= 6)) {
      throw new IllegalArgumentException("Pitch out of range: " + pitchMm);
    }
  }

  /** Reads a thread as written on a drawing; null counts as empty. */
  public static Entry<SpindleThread> parse(String typed) {
    String text = typed == null ? "" : typed;
    String up = text.strip().toUpperCase(Locale.ROOT);
    if (up.isEmpty()) {
      return Entry.empty(text);
    }
    if (up.length() > 30) {
      return Entry.refused(text, "Too long for a thread.", REMEDY);
    }
    Matcher metric = METRIC.matcher(up);
    if (metric.matches()) {
      return metric(text, metric);
    }
    Matcher inch = INCH.matcher(up);
    return inch.matches()
        ? inch(text, inch)
        : Entry.refused(text, "Thread not understood.", REMEDY);
  }

  private static Entry<SpindleThread> metric(String text, Matcher m) {
    if (m.group(2) == null) {
      return Entry.refused(
          text,
          "The pitch is missing, and spindle threads are seldom coarse.",
          "Measure the pitch with a thread gauge and write it behind an x, as M"
              + m.group(1)
              + "x1.5.");
    }
    return checked(
        text, number(m.group(1)), number(m.group(2)), "M" + m.group(1) + "×" + m.group(2));
  }

  private static Entry<SpindleThread> inch(String text, Matcher m) {
    int perInch = Integer.parseInt(m.group(2));
    Optional<LengthEntry.Taken> diameter =
        LengthEntry.parse(m.group(1), LengthEntry.Unit.INCH).value();
    if (perInch == 0 || diameter.isEmpty()) {
      return Entry.refused(text, "Thread not understood.", REMEDY);
    }
    return checked(
        text,
        diameter.get().length().millimetres(),
        Length.MILLIMETRES_PER_INCH / perInch,
        m.group(1) + "-" + m.group(2));
  }

  private static Entry<SpindleThread> checked(
      String text, double diameter, double pitch, String spelling) {
    if (diameter < 6 || diameter > 120 || pitch < 0.5 || pitch > 6) {
      return Entry.refused(
          text,
          "Out of range. Enter a thread of 6 to 120 mm diameter with 0.5 to 6 mm pitch.",
          "Check diameter and pitch. " + REMEDY);
    }
    return Entry.taken(text, new SpindleThread(diameter, pitch, spelling.replace(',', '.')));
  }

  private static double number(String text) {
    return Double.parseDouble(text.replace(',', '.'));
  }
}
