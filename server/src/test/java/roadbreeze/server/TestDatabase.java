package roadbreeze.server;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/** A database of its own on the PostgreSQL that the test command has started. */
public final class TestDatabase {
  public static final String USER = "roadbreeze";

  private TestDatabase() {}

  /**
   * @return JDBC URL of the new database
   */
  public static String create(String name) {
    execute("drop database if exists " + name + " with (force)", "create database " + name);
    return cluster() + "/" + name;
  }

  /**
   * @param of a database that nobody is in
   * @return JDBC URL of a copy of it
   */
  public static String copy(String of, String name) {
    execute(
        "drop database if exists " + name + " with (force)",
        "create database " + name + " template " + of);
    return cluster() + "/" + name;
  }

  /** Lets nobody in and turns out who is there, waiting until they are gone. */
  public static void shut(String name) {
    execute(
        "alter database " + name + " with allow_connections false",
        "select pg_terminate_backend(pid, 10000) from pg_stat_activity where datname = '%s'"
            .formatted(name));
  }

  /** Lets everybody in again. */
  public static void open(String name) {
    execute("alter database " + name + " with allow_connections true");
  }

  private static String cluster() {
    String cluster = System.getenv("ROADBREEZE_TEST_DB");
    if (cluster == null) {
      throw new IllegalStateException(
          "tests need a PostgreSQL: run ./road-breeze test, or set ROADBREEZE_TEST_DB to"
              + " jdbc:postgresql://host:port");
    }
    return cluster;
  }

  private static void execute(String... statements) {
    try (Connection connection = DriverManager.getConnection(cluster() + "/postgres", USER, "");
        Statement statement = connection.createStatement()) {
      for (String sql : statements) {
        statement.execute(sql);
      }
    } catch (SQLException e) {
      throw new IllegalStateException(
          "the test cluster refuses " + String.join("; ", statements), e);
    }
  }
}
