/**
 * From a noise or a loose wheel to a named cause, without a job: answers stand in the address.
 * Start at {@link unbo.app.listening.ListenController}.
 */
package unbo.app.listening;
