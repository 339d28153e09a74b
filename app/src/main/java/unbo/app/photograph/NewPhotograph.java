package unbo.app.photograph;

/**
 * A file that somebody sends.
 *
 * @param station the word of the station that it belongs to
 * @param name what the file is called, as {@link Photographs#named} cuts it
 * @param good whether it shows a good part, to be compared with
 */
public record NewPhotograph(long jobId, String station, String name, boolean good, byte[] file) {}
