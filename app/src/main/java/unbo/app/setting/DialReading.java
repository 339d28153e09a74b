package unbo.app.setting;

import java.time.Instant;

/**
 * One dialled reading.
 *
 * @param typed as typed
 * @param valueMm in millimetres
 * @param person who read it
 * @param at when
 */
public record DialReading(String typed, double valueMm, String person, Instant at) {}
