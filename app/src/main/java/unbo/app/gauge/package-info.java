/**
 * Gauges that send: readings come in by {@link unbo.app.gauge.GaugeHub}, from the simulated panel
 * or from a bridge by the JSON interface, and go out to the pages of the person they belong to as
 * server-sent events. Nothing is stored; a page that was away asks for what it missed.
 */
package unbo.app.gauge;
