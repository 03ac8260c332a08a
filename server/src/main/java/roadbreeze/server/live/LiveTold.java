package roadbreeze.server.live;

import java.io.IOException;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiPredicate;
import java.util.function.BooleanSupplier;
import javax.sql.DataSource;
import org.springframework.context.SmartLifecycle;
import org.springframework.dao.DataAccessException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import roadbreeze.server.ear.DatabaseEar;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tells whoever looks at a drive how it stands, on whichever server. A screen that is slow misses
 * some of it and holds nobody up; where the database is away, those of this server are told on.
 */
@Component
class LiveTold implements SmartLifecycle, DatabaseEar.Hears {
  private static final String CHANNEL = "live";

  /** What somebody asks of a gauge, for whoever holds the drive. */
  private static final String ASKS = "ask";

  private static final JsonMapper JSON = JsonMapper.shared();

  private final LiveDrives drives;
  private final String server = UUID.randomUUID().toString();
  private final Set<Screen> screens = ConcurrentHashMap.newKeySet();
  private final DatabaseEar ear;
  private final ExecutorService tells =
      Executors.newCachedThreadPool(
          r -> {
            Thread thread = new Thread(r, "live-tells");
            thread.setDaemon(true);
            return thread;
          });
  private final Told others = new Told(this::notifyOthers);
  private BiPredicate<UUID, String> asked = (id, line) -> false;
  private BooleanSupplier holds = () -> false;
  private volatile boolean open;

  LiveTold(LiveDrives drives, DataSource database) {
    this.drives = drives;
    ear =
        new DatabaseEar(CHANNEL, database, this, () -> !screens.isEmpty() || holds.getAsBoolean());
  }

  /**
   * Who answers for drives of this server.
   *
   * @param holding it holds any
   */
  void asks(BiPredicate<UUID, String> by, BooleanSupplier holding) {
    asked = by;
    holds = holding;
  }

  /** This server holds a drive: what is asked of its gauge elsewhere has to be heard. */
  void holds() {
    ear.hear();
  }

  private interface Tells {
    void tell(String json) throws IOException;
  }

  /** Told the last of what there is, one at a time. */
  private final class Told {
    private final Tells how;
    private final AtomicReference<String> next = new AtomicReference<>();
    private final AtomicBoolean busy = new AtomicBoolean();

    Told(Tells how) {
      this.how = how;
    }

    void tell(String json) {
      next.set(json);
      begin();
    }

    private void begin() {
      if (next.get() != null && busy.compareAndSet(false, true)) {
        tells.execute(this::go);
      }
    }

    private void go() {
      try {
        for (String json = next.getAndSet(null); json != null; json = next.getAndSet(null)) {
          how.tell(json);
        }
      } catch (IOException | IllegalStateException | DataAccessException e) {
        next.set(null); // it is gone, or comes again
      } finally {
        busy.set(false);
      }
      begin(); // with what came after the last look and before that, the end of a drive for one
    }
  }

  /** Somebody who looks at a drive. */
  private final class Screen {
    private final UUID drive;
    private final SseEmitter emitter = new SseEmitter(0L);
    private final Told told = new Told(this::send);

    Screen(UUID drive) {
      this.drive = drive;
    }

    private void send(String json) throws IOException {
      try {
        emitter.send(SseEmitter.event().data(json, MediaType.APPLICATION_JSON));
      } catch (IOException | IllegalStateException e) {
        screens.remove(this);
        throw e;
      }
    }
  }

  /** How a drive stands, from now on. */
  SseEmitter look(UUID drive) {
    Screen screen = new Screen(drive);
    screen.emitter.onCompletion(() -> screens.remove(screen));
    screen.emitter.onTimeout(() -> screens.remove(screen));
    screens.add(screen);
    ear.hear();
    return screen.emitter;
  }

  /** Those of this server at once, all others through the database. */
  void say(LiveNow now) {
    String json = JSON.writeValueAsString(now);
    show(now.drive().toString(), json);
    others.tell(now.drive() + " " + json);
  }

  void ended(LiveNow now) {
    say(LiveNowBuilder.from(now).withLink(LiveNow.Link.ENDED));
  }

  private void show(String drive, String json) {
    for (Screen screen : screens) {
      if (screen.drive.toString().equals(drive)) {
        screen.told.tell(json);
      }
    }
  }

  private void notifyOthers(String what) {
    drives.tell(CHANNEL, server + " " + what);
  }

  /** Asks something of a gauge, whichever server reads it. */
  void ask(UUID drive, String line) {
    drives.tell(CHANNEL, ASKS + " " + drive + " " + line);
  }

  @Override
  public void heard(String said) {
    String[] words = said.split(" ", 3);
    if (words.length == 3 && words[0].equals(ASKS)) {
      asked.test(UUID.fromString(words[1]), words[2]);
    } else if (words.length == 3 && !words[0].equals(server)) {
      show(words[1], words[2]);
    }
  }

  @Override
  public void begins() {
    // what was said before is over
  }

  @Override
  public void quiet() {
    // screens are told twice a second while their drive is held
  }

  @Override
  public void start() {
    open = true;
    ear.open();
  }

  /** Before the web server, which waits for what is still being answered. */
  @Override
  public void stop() {
    open = false;
    screens.forEach(s -> s.emitter.complete());
    screens.clear();
    ear.close();
    tells.shutdown();
  }

  @Override
  public boolean isRunning() {
    return open;
  }
}
