package roadbreeze.server.bay;

import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells devices at once what happens on others, on whichever server of the database: a server
 * listens there for as long as any device listens to it.
 */
@Component
class BayLive implements SmartLifecycle {
  static final String CHANNEL = "bay";

  private static final Logger LOG = LoggerFactory.getLogger(BayLive.class);

  /** A connection on which nothing is said for longer is taken for dead on the way, ms. */
  private static final int QUIET = 15_000;

  private static final int BEFORE_AGAIN = 1_000;

  private final BayService orders;
  private final DataSource database;
  private final Set<Listener> listeners = ConcurrentHashMap.newKeySet();
  private Thread ear;
  private volatile boolean running;

  BayLive(BayService orders, DataSource database) {
    this.orders = orders;
    this.database = database;
  }

  /** A device that listens; it is told each thing once, in order. */
  private final class Listener {
    private final UUID order;
    private final SseEmitter emitter = new SseEmitter(0L);
    private long told;

    Listener(UUID order, long told) {
      this.order = order;
      this.told = told;
    }

    synchronized void tell() {
      try {
        List<BayEntry> news = orders.after(order, told);
        for (BayEntry e : news) {
          emitter.send(SseEmitter.event().data(e, MediaType.APPLICATION_JSON));
          told = e.seq();
        }
      } catch (IOException | IllegalStateException e) {
        leave();
      } catch (RuntimeException e) {
        emitter.completeWithError(e); // the database is away; the device comes again
        leave();
      }
    }

    synchronized void breathe() {
      try {
        emitter.send(SseEmitter.event().comment(""));
      } catch (IOException | IllegalStateException e) {
        leave();
      }
    }

    private void leave() {
      listeners.remove(this);
    }
  }

  /** What happens in an order after a number, as it happens. */
  SseEmitter listen(UUID order, long after) {
    Listener listener = new Listener(order, after);
    listener.emitter.onCompletion(listener::leave);
    listener.emitter.onTimeout(listener::leave);
    listeners.add(listener);
    hear();
    listener.breathe(); // the device knows that it is heard
    listener.tell();
    return listener.emitter;
  }

  private synchronized void hear() {
    if (running && (ear == null || !ear.isAlive())) {
      ear = new Thread(this::listenToDatabase, "bay-live");
      ear.setDaemon(true);
      ear.start();
    }
  }

  private void listenToDatabase() {
    while (running) {
      try (Connection db = database.getConnection()) {
        try (Statement sql = db.createStatement()) {
          sql.execute("listen " + CHANNEL);
        }
        tell(l -> true); // what was said while nobody heard
        while (running) {
          PGNotification[] heard = db.unwrap(PGConnection.class).getNotifications(QUIET);
          if (heard == null || heard.length == 0) {
            listeners.forEach(Listener::breathe);
            if (listeners.isEmpty()) {
              break;
            }
          } else {
            for (PGNotification n : heard) {
              tell(l -> l.order.toString().equals(n.getParameter()));
            }
          }
        }
        try (Statement sql = db.createStatement()) {
          sql.execute("unlisten *"); // it goes back to the pool
        }
      } catch (SQLException e) {
        LOG.warn("what happens in the bay is not heard for a while: {}", e.getMessage());
        pause();
      }
      synchronized (this) {
        if (listeners.isEmpty()) {
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

  private void tell(Predicate<Listener> whom) {
    listeners.stream().filter(whom).forEach(Listener::tell);
  }

  @Override
  public void start() {
    running = true;
  }

  /** Before the web server, which waits for what is still being answered. */
  @Override
  public void stop() {
    running = false;
    listeners.forEach(l -> l.emitter.complete());
    listeners.clear();
    Thread listening = ear;
    if (listening != null) {
      listening.interrupt();
    }
  }

  @Override
  public boolean isRunning() {
    return running;
  }
}
