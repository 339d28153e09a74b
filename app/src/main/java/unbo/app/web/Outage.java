package unbo.app.web;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import org.hibernate.TransactionException;
import org.hibernate.exception.JDBCConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.transaction.CannotCreateTransactionException;

/** The database does not answer: how that is recognised, and what is said. */
public final class Outage {

  public static final Failure FAILURE =
      Failure.of(
          503,
          "The database does not answer",
          "Nothing you typed is lost: go back, wait a moment and save again. If this lasts, tell"
              + " whoever started Unbo.");

  private Outage() {}

  /** Whether an exception, or what caused it, says that the database is not there. */
  public static boolean isOutage(Throwable thrown) {
    for (Throwable t = thrown; t != null; t = t.getCause()) {
      if (t instanceof CannotCreateTransactionException
          || t instanceof DataAccessResourceFailureException
          || t instanceof JDBCConnectionException
          || t instanceof SQLTransientConnectionException
          || t instanceof SQLNonTransientConnectionException
          || isEndLost(t)) {
        return true;
      }
    }
    return false;
  }

  /**
   * Whether a transaction could not even be taken back: a connection that is lost half way is
   * closed at once, and what is said in the end is that it is closed, not why.
   */
  private static boolean isEndLost(Throwable t) {
    return t instanceof TransactionException && t.getCause() instanceof SQLException;
  }
}
