/**
 * How the figures of measured tests came about: rock at the rim, run-out, heat against the brother,
 * clicks, and old against new. Start at {@link unbo.core.rock.RockWorkings}; the sums themselves
 * are in {@code unbo.core.measure}.
 */
package unbo.core.rock;
