/** Book: the job sheet and closing the job. Start at {@link unbo.app.booking.BookController}. */
package unbo.app.booking;
