package roadbreeze.server.longrun;

import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Where answers that take long are worked out: on fewer threads than the machine has cores, so that
 * the strip, which is worked out on the request's own thread, never waits behind them.
 */
@Component
public class Bounded {
  private static final int THREADS = Math.max(1, Runtime.getRuntime().availableProcessors() - 1);
  private static final int WAITING = 200;

  private final ThreadPoolExecutor pool =
      new ThreadPoolExecutor(
          THREADS,
          THREADS,
          1,
          TimeUnit.MINUTES,
          new ArrayBlockingQueue<>(WAITING),
          work -> {
            Thread thread = new Thread(work, "bounded");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
          },
          new ThreadPoolExecutor.CallerRunsPolicy());

  /** Works something out and waits for it; what it throws is thrown here. */
  public <T> T call(Supplier<T> work) {
    return join(pool.submit(work::get));
  }

  /** Works several things out side by side, in order. */
  public <T> List<T> all(List<Supplier<T>> work) {
    List<Future<T>> started = work.stream().map(w -> pool.submit(w::get)).toList();
    return started.stream().map(Bounded::join).toList();
  }

  private static <T> T join(Future<T> answer) {
    try {
      return answer.get();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("stopped while working something out", e);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof RuntimeException cause) {
        throw cause;
      }
      throw new IllegalStateException(e.getCause());
    }
  }

  @PreDestroy
  void stop() {
    pool.shutdownNow();
  }
}
