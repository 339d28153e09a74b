package unbo.app.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Properties;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Nobody comes into the database that the script starts but the application, with its password. */
class DatabaseAccountsTest {

  private static final String URL = System.getenv("UNBO_DB_URL");

  private static Connection connect(String host, String user, String password) throws SQLException {
    Properties who = new Properties();
    who.put("user", user);
    who.put("password", password);
    who.put("connectTimeout", "3000");
    return DriverManager.getConnection(
        URL.replace("127.0.0.1", host).replaceFirst("/\\w+$", "/"), who);
  }

  private static Connection application() throws SQLException {
    return connect("127.0.0.1", "unbo", System.getenv("UNBO_DB_PASSWORD"));
  }

  /** A fresh data folder has each of these without a password; so had folders of before. */
  @ParameterizedTest
  @ValueSource(strings = {"root", "", "mysql", "mariadb.sys", "unbo"})
  void nobodyComesInByTcpWithoutAPassword(String user) throws Exception {
    String self = InetAddress.getLocalHost().getHostAddress();
    for (String host : new String[] {"127.0.0.1", "localhost", "[::1]", self}) {
      assertThatThrownBy(() -> connect(host, user, "").close())
          .as("%s at %s", user, host)
          .isInstanceOf(SQLException.class);
    }
  }

  @Test
  void theApplicationItselfComesIn() throws Exception {
    try (Connection connection = application()) {
      assertThat(connection.isValid(2)).isTrue();
    }
  }

  @Test
  void theApplicationWritesNoFilesAndSeesNoAccounts() throws Exception {
    try (Connection connection = application();
        Statement statement = connection.createStatement()) {
      for (String forbidden :
          new String[] {
            "select 'x' into outfile '/tmp/unbo-should-not-be'",
            "select * from mysql.global_priv",
            "create user intruder"
          }) {
        assertThatThrownBy(() -> statement.execute(forbidden))
            .as(forbidden)
            .isInstanceOf(SQLException.class);
      }
      try (ResultSet read = statement.executeQuery("select load_file('/etc/passwd')")) {
        read.next();
        assertThat(read.getString(1)).as("reads no files").isNull();
      }
      try (ResultSet place = statement.executeQuery("select @@secure_file_priv")) {
        place.next();
        assertThat(place.getString(1)).endsWith("/files/");
      }
    }
  }
}
