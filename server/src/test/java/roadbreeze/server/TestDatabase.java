package roadbreeze.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/** An empty database of its own on the PostgreSQL that the test command has started. */
public final class TestDatabase {
  public static final String USER = "roadbreeze";

  private TestDatabase() {}

  /**
   * @return JDBC URL of the new database
   */
  public static String create(String name) {
    String cluster = System.getenv("ROADBREEZE_TEST_DB");
    if (cluster == null) {
      throw new IllegalStateException(
          "tests need a PostgreSQL: run ./road-breeze test, or set ROADBREEZE_TEST_DB to"
              + " jdbc:postgresql://host:port");
    }
    try (Connection connection = DriverManager.getConnection(cluster + "/postgres", USER, "");
        Statement statement = connection.createStatement()) {
      statement.execute("drop database if exists " + name + " with (force)");
      statement.execute("create database " + name);
    } catch (SQLException e) {
      throw new IllegalStateException("cannot make the test database " + name, e);
    }
    return cluster + "/" + name;
  }
}
