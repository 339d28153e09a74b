/**
 * Photographs of a job: taken in, checked by what they are and not by what they are called, turned
 * upright, written anew without anything that a camera hides in them, and kept in the database.
 * Knows a job by its number only. Start at {@link unbo.app.photograph.Photographs}; what is taken
 * and what is refused stands in {@link unbo.app.photograph.PictureReader}.
 */
package unbo.app.photograph;
