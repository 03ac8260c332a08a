package roadbreeze.server.longrun;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import roadbreeze.server.problem.BusyException;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.UnknownThingException;

/**
 * Questions whose answers take long: few at a time, and never on all of the machine's cores, so
 * that the strip, which is worked out on the request's own thread, does not wait behind them. The
 * others wait their turn. Who asks waits a moment for the answer, then is given a number to ask
 * again with; a question that nobody asks for any more is stopped.
 *
 * <p>Another server that is asked again for one of this server's has the answer from the database.
 */
@Component
public class Questions {
  private static final int MOST_AT_A_TIME = 2;
  private static final int MOST_WAITING = 50;
  private static final Duration GLANCE = Duration.ofMillis(100);
  private static final Duration PATIENCE = Duration.ofSeconds(1);
  private static final Duration FORGOTTEN_AFTER = Duration.ofSeconds(5);

  private final SharedAnswers others;
  private final Duration patience;
  private final Duration forgottenAfter;
  private final ThreadPoolExecutor pool;
  private final Map<UUID, Question> open = new ConcurrentHashMap<>();

  /**
   * A question that is not answered yet.
   *
   * @param question its number
   * @param ahead others that are worked out before it is begun
   */
  public record Waiting(UUID question, int ahead) {}

  private final class Question extends FutureTask<Object> {
    private final UUID id = UUID.randomUUID();
    private final AtomicBoolean shared = new AtomicBoolean();
    private volatile long lastAsked = System.nanoTime();

    private Question(Supplier<?> work) {
      super(work::get);
    }

    /** Whoever asks again may come to another server. */
    private void share() {
      if (shared.compareAndSet(false, true)) {
        others.share(id);
        if (isDone()) {
          tellOthers();
        }
      }
    }

    @Override
    protected void done() {
      if (shared.get()) {
        tellOthers();
      }
    }

    private void tellOthers() {
      try {
        others.answered(id, get());
      } catch (CancellationException e) {
        others.gone(id);
      } catch (ExecutionException e) {
        others.failed(id);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
  }

  /**
   * An answer that another server has worked out.
   *
   * @param json as it would have given it
   */
  record Elsewhere(String json) {}

  @Autowired
  Questions(SharedAnswers others) {
    this(
        Math.max(1, Math.min(MOST_AT_A_TIME, Runtime.getRuntime().availableProcessors() - 1)),
        PATIENCE,
        FORGOTTEN_AFTER,
        others);
  }

  Questions(int atATime, Duration patience, Duration forgottenAfter, SharedAnswers others) {
    this.others = others;
    this.patience = patience;
    this.forgottenAfter = forgottenAfter;
    pool =
        new ThreadPoolExecutor(
            atATime,
            atATime,
            1,
            TimeUnit.MINUTES,
            new ArrayBlockingQueue<>(MOST_WAITING),
            work -> {
              Thread thread = new Thread(work, "question");
              thread.setDaemon(true);
              thread.setPriority(Thread.MIN_PRIORITY);
              return thread;
            });
  }

  /**
   * Works something out; what it throws is thrown here. It is stopped by an interrupt.
   *
   * @throws StillWorkingException if that takes longer than anybody likes to wait
   * @throws roadbreeze.server.problem.BusyException if too many wait already
   */
  public <T> T ask(Supplier<T> work) {
    Question question = new Question(work);
    try {
      pool.execute(question);
    } catch (RejectedExecutionException e) {
      throw new BusyException(Refusal.TOO_MANY_QUESTIONS.with());
    }
    open.put(question.id, question);
    @SuppressWarnings("unchecked")
    T answer = (T) await(question);
    return answer;
  }

  /**
   * The answer to a question that was asked before.
   *
   * @throws StillWorkingException if there is none yet
   * @throws UnknownThingException if no server has been asked, or it has forgotten it
   */
  public Object answer(UUID id) {
    Question question = open.get(id);
    return question == null ? answeredElsewhere(id) : await(question);
  }

  private Object answeredElsewhere(UUID id) {
    Optional<SharedAnswers.Known> known;
    try {
      known = others.look(id, patience);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("stopped while waiting for an answer", e);
    }
    if (known.isEmpty() || known.get().failed()) {
      throw new UnknownThingException("no question " + id);
    }
    if (known.get().answer() == null) {
      throw new StillWorkingException(new Waiting(id, 0));
    }
    return new Elsewhere(known.get().answer());
  }

  /** Nobody waits for it any more. */
  public void drop(UUID id) {
    Question question = open.remove(id);
    if (question != null) {
      question.cancel(true);
      pool.remove(question);
    } else {
      others.gone(id); // whoever works it out stops soon
    }
  }

  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.SECONDS)
  void dropForgotten() {
    long now = System.nanoTime();
    List<UUID> forgotten =
        open.values().stream()
            .filter(q -> now - q.lastAsked > forgottenAfter.toNanos())
            .map(q -> q.id)
            .toList();
    if (!forgotten.isEmpty()) {
      Set<UUID> asked = others.askedElsewhere(forgotten, forgottenAfter);
      forgotten.stream().filter(id -> !asked.contains(id)).forEach(this::drop);
    }
  }

  private Object await(Question question) {
    question.lastAsked = System.nanoTime();
    try {
      Object answer = look(question);
      closed(question);
      return answer;
    } catch (TimeoutException e) {
      question.lastAsked = System.nanoTime();
      question.share();
      throw new StillWorkingException(new Waiting(question.id, ahead(question)));
    } catch (CancellationException e) {
      throw new UnknownThingException("nobody waits for " + question.id);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("stopped while working something out", e);
    } catch (ExecutionException e) {
      closed(question);
      if (e.getCause() instanceof RuntimeException cause) {
        throw cause;
      }
      throw new IllegalStateException(e.getCause());
    }
  }

  private void closed(Question question) {
    open.remove(question.id);
    if (question.shared.get()) {
      others.gone(question.id);
    }
  }

  /** Waits for an answer, but only a moment for the turn to be worked out: that holds a thread. */
  private Object look(Question question)
      throws InterruptedException, ExecutionException, TimeoutException {
    try {
      return question.get(GLANCE.toMillis(), TimeUnit.MILLISECONDS);
    } catch (TimeoutException e) {
      if (ahead(question) > 0) {
        throw e;
      }
      return question.get(patience.toMillis(), TimeUnit.MILLISECONDS);
    }
  }

  private int ahead(Question question) {
    int place = 0;
    for (Runnable waiting : pool.getQueue()) {
      place++;
      if (waiting == question) {
        return place - 1 + pool.getActiveCount();
      }
    }
    return 0; // begun
  }

  @PreDestroy
  void stop() {
    pool.shutdownNow();
  }
}
