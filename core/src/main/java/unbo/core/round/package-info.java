/**
 * The round: every bearing position of a vehicle looked at in the shortest walk, compared with the
 * last time and with its brother. Start at {@link unbo.core.round.WalkingOrder} and {@link
 * unbo.core.round.Trend}. Comparisons are made with the uncertainty of what measured.
 */
package unbo.core.round;
