package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import jakarta.persistence.EntityManager;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import unbo.app.AppTest;

/** A database that goes away is told from a fault of ours, whenever it goes. */
class OutageTest extends AppTest {

  @Autowired private EntityManager database;
  @Autowired private PlatformTransactionManager transactions;

  private Object ask(String sql) {
    return database.createNativeQuery(sql).getSingleResult();
  }

  private void inTransaction(Runnable asked) {
    new TransactionTemplate(transactions).executeWithoutResult(t -> asked.run());
  }

  /** What is said in the end is that the transaction could not be taken back. */
  @Test
  void aConnectionLostHalfWayIsAnOutage() {
    Throwable thrown =
        catchThrowable(
            () ->
                inTransaction(
                    () -> {
                      Object own = ask("select connection_id()");
                      catchThrowable(() -> ask("kill " + own));
                      ask("select 1");
                    }));
    assertThat(thrown).isNotNull();
    assertThat(Outage.isOutage(thrown)).as(String.valueOf(thrown)).isTrue();
  }

  @Test
  void aWrongQuestionIsNone() {
    Throwable thrown =
        catchThrowable(() -> inTransaction(() -> ask("select nothing from nowhere")));
    assertThat(thrown).isNotNull();
    assertThat(Outage.isOutage(thrown)).isFalse();
  }
}
