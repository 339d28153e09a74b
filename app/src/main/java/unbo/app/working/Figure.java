package unbo.app.working;

/**
 * A computed figure on a page: its text, and the key of the slip that shows its working.
 *
 * @param key unique on the page
 * @param text value, uncertainty and unit
 */
public record Figure(String key, String text) {}
