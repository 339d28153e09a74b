/**
 * Set: dialling end play, choosing the hole, dialling again; and the schools without a dial. Start
 * at {@link unbo.app.setting.SetStation}.
 */
package unbo.app.setting;
