package unbo.app.tin;

import java.time.Instant;

/**
 * Grease that a job took out of a tin.
 *
 * @param tin its id
 * @param name as it was called
 * @param grams into the bearings, over 0
 * @param wasted besides, what was wiped off and thrown away, 0 or more
 */
public record Taken(long tin, String name, double grams, double wasted, Instant at) {}
