/**
 * A bearing at high speed, and the shop's own test runs. Start at {@link unbo.app.speed.SpeedSheet}
 * and {@link unbo.app.speed.BearingRun}.
 */
package unbo.app.speed;
