package roadbreeze.server.ear;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.function.BooleanSupplier;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Listens on a channel of the database while anybody wants to hear. What is said while the database
 * is away is not heard: whoever hears is told when it begins anew.
 */
public final class DatabaseEar {
  private static final Logger LOG = LoggerFactory.getLogger(DatabaseEar.class);

  /** A connection on which nothing is said for longer is taken for dead on the way, ms. */
  private static final int QUIET = 15_000;

  private static final int BEFORE_AGAIN = 1_000;

  private final String channel;
  private final DataSource database;
  private final Hears hears;
  private final BooleanSupplier wanted;
  private Thread ear;
  private volatile boolean running;

  /** Who is told. */
  public interface Hears {
    /** It listens from now on; something may have been said before. */
    void begins();

    void heard(String said);

    /** Nothing was said for a while. */
    void quiet();
  }

  /**
   * @param wanted somebody still wants to hear
   */
  public DatabaseEar(String channel, DataSource database, Hears hears, BooleanSupplier wanted) {
    this.channel = channel;
    this.database = database;
    this.hears = hears;
    this.wanted = wanted;
  }

  public void open() {
    running = true;
  }

  /** Somebody wants to hear. */
  public synchronized void hear() {
    if (running && (ear == null || !ear.isAlive())) {
      ear = new Thread(this::listen, channel + "-ear");
      ear.setDaemon(true);
      ear.start();
    }
  }

  /** Hears nothing any more. */
  public void close() {
    running = false;
    Thread listening = ear;
    if (listening != null) {
      listening.interrupt();
    }
  }

  public boolean isOpen() {
    return running;
  }

  private void listen() {
    while (running) {
      try (Connection db = database.getConnection()) {
        try (Statement sql = db.createStatement()) {
          sql.execute("listen " + channel);
        }
        hears.begins();
        while (running) {
          PGNotification[] heard = db.unwrap(PGConnection.class).getNotifications(QUIET);
          if (heard == null || heard.length == 0) {
            hears.quiet();
            if (!wanted.getAsBoolean()) {
              break;
            }
          } else {
            for (PGNotification n : heard) {
              hears.heard(n.getParameter());
            }
          }
        }
        try (Statement sql = db.createStatement()) {
          sql.execute("unlisten *"); // it goes back to the pool
        }
      } catch (SQLException e) {
        LOG.warn("nothing is heard on {} for a while: {}", channel, e.getMessage());
        pause();
      }
      synchronized (this) {
        if (!wanted.getAsBoolean()) {
          ear = null;
          return;
        }
      }
    }
  }

  private static void pause() {
    try {
      Thread.sleep(BEFORE_AGAIN);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
