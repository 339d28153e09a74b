package unbo.app;

import org.hibernate.resource.jdbc.spi.StatementInspector;

/** Counts what a thread asks the database: what other tests ask at the same time is not in it. */
public class CountedStatements implements StatementInspector {
  private static final long serialVersionUID = 1L;

  private static final ThreadLocal<Long> ASKED = ThreadLocal.withInitial(() -> 0L);

  @Override
  public String inspect(String sql) {
    ASKED.set(ASKED.get() + 1);
    return sql;
  }

  /** Begins to count for this thread. */
  static void clear() {
    ASKED.set(0L);
  }

  /** Statements of this thread since then. */
  static long asked() {
    return ASKED.get();
  }
}
