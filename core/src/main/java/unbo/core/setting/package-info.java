/**
 * Setting a pair by its nut: thread, hole positions, reachable end plays, schools, the procedure.
 * Start at {@link unbo.core.setting.NutSetting}. Every figure here gives way to the vehicle
 * maker's; a prediction never counts as a result.
 */
package unbo.core.setting;
