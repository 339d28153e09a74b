/**
 * Fit: both seats of a bearing by zone, by readings or by feel; what holds, what is left of the
 * clearance, how hot and how hard. Start at {@link unbo.app.fitting.FitStation}; the sums are in
 * {@link unbo.core.fit} and {@link unbo.core.heat}.
 */
package unbo.app.fitting;
