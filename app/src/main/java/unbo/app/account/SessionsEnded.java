package unbo.app.account;

/**
 * Said when all sessions of a person were ended from outside; what is still open for that person,
 * such as a stream of readings, has to end too.
 *
 * @param username whose
 */
public record SessionsEnded(String username) {}
