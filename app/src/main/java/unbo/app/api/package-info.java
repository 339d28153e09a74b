/**
 * The JSON interface: the same answers of the core that the pages show, for scripts, gauges and
 * other programs. Start at {@link unbo.app.api.ReadingsController}; {@link unbo.app.api.Fields}
 * reads input so that all problems are said at once.
 */
package unbo.app.api;
