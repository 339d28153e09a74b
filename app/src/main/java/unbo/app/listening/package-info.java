/**
 * From a noise or a loose wheel to a named cause: what was asked and answered is kept and can be
 * struck out; the end is a job with its opening findings, or a recheck. Start at {@link
 * unbo.app.listening.Listening} for the record, {@link unbo.app.listening.Listenings} for changing
 * it, {@link unbo.app.listening.ListenController} for the page.
 */
package unbo.app.listening;
