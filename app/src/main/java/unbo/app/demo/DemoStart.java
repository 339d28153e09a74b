package unbo.app.demo;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.context.annotation.Profile;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Fills an empty database with the demo yard, before the first page can be asked for; a database
 * with accounts is left alone. It asks the database itself, and what fills it is made only if
 * wanted: otherwise every start would wait here for the mappings and for half of the application.
 */
@Component
@Profile("demo")
class DemoStart implements SmartInitializingSingleton {

  private final JdbcTemplate database;
  private final ObjectProvider<DemoYard> yard;
  private final ObjectProvider<TransactionTemplate> transaction;

  DemoStart(
      JdbcTemplate database,
      ObjectProvider<DemoYard> yard,
      ObjectProvider<TransactionTemplate> transaction) {
    this.database = database;
    this.yard = yard;
    this.transaction = transaction;
  }

  @Override
  public void afterSingletonsInstantiated() {
    if (database.queryForList("select id from account limit 1").isEmpty()) {
      transaction.getObject().executeWithoutResult(status -> yard.getObject().fill());
    }
  }
}
