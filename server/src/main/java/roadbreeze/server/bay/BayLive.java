package roadbreeze.server.bay;

import java.io.IOException;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import javax.sql.DataSource;
import org.springframework.context.SmartLifecycle;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import roadbreeze.server.ear.DatabaseEar;

/**
 * Tells devices at once what happens on others, on whichever server of the database: a server
 * listens there for as long as any device listens to it.
 */
@Component
class BayLive implements SmartLifecycle, DatabaseEar.Hears {
  static final String CHANNEL = "bay";

  private final BayService orders;
  private final Set<Listener> listeners = ConcurrentHashMap.newKeySet();
  private final DatabaseEar ear;

  BayLive(BayService orders, DataSource database) {
    this.orders = orders;
    ear = new DatabaseEar(CHANNEL, database, this, () -> !listeners.isEmpty());
  }

  @Override
  public void begins() {
    tell(l -> true); // what was said while nobody heard
  }

  @Override
  public void heard(String order) {
    tell(l -> l.order.toString().equals(order));
  }

  @Override
  public void quiet() {
    listeners.forEach(Listener::breathe);
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
    ear.hear();
    listener.breathe(); // the device knows that it is heard
    listener.tell();
    return listener.emitter;
  }

  private void tell(Predicate<Listener> whom) {
    listeners.stream().filter(whom).forEach(Listener::tell);
  }

  @Override
  public void start() {
    ear.open();
  }

  /** Before the web server, which waits for what is still being answered. */
  @Override
  public void stop() {
    listeners.forEach(l -> l.emitter.complete());
    listeners.clear();
    ear.close();
  }

  @Override
  public boolean isRunning() {
    return ear.isOpen();
  }
}
