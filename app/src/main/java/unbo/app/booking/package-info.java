/** Book: the job sheet and closing the job. Start at {@link unbo.app.booking.BookStation}. */
package unbo.app.booking;
