package unbo.app.gauge;

/**
 * One reading on its way to a page.
 *
 * @param number counts the person's readings, so that a page can ask for what it missed
 * @param gauge which gauge, such as {@code dial}
 * @param text as its display shows it
 * @param unit mm, °C or N
 */
public record GaugeReading(long number, String gauge, String text, String unit) {}
