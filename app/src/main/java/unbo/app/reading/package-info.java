/**
 * Read: what lies on the bench, what killed it, and what later stations are told of it. Start at
 * {@link unbo.app.reading.ReadStation}.
 */
package unbo.app.reading;
