package roadbreeze.server.longrun;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import roadbreeze.core.RichCase;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.sizing.MarginMap;
import roadbreeze.server.problem.BusyException;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.RefusedRequestException;
import roadbreeze.server.problem.UnknownThingException;
import tools.jackson.databind.json.JsonMapper;

@Timeout(60)
class QuestionsTest {
  private static final Duration FOREVER = Duration.ofHours(1);
  private static final Duration AT_ONCE = Duration.ofNanos(1);

  /** Without a database each server is on its own. */
  private static final SharedAnswers ALONE =
      new SharedAnswers(
          new DriverManagerDataSource("jdbc:postgresql://127.0.0.1:1/none"), JsonMapper.shared());

  private final CountDownLatch gate = new CountDownLatch(1);
  private Questions questions = new Questions(2, Duration.ofMillis(50), FOREVER, ALONE);

  @AfterEach
  void stop() {
    questions.stop();
  }

  private UUID begin(Supplier<?> work) {
    return waiting(() -> questions.ask(work)).question();
  }

  private Questions.Waiting waiting(Runnable asking) {
    return catchThrowableOfType(StillWorkingException.class, asking::run).waiting();
  }

  private String behindTheGate() {
    try {
      gate.await();
      return "answered";
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void aQuickAnswerComesAtOnceAndSoDoesARefusal() {
    assertThat(questions.ask(() -> "quick")).isEqualTo("quick");
    assertThatThrownBy(
            () ->
                questions.ask(
                    () -> {
                      throw Refusal.LAST_BUILD.refuse();
                    }))
        .isInstanceOf(RefusedRequestException.class);
  }

  @Test
  void aLongOneIsAskedAgainAndAnsweredOnce() {
    UUID question = begin(this::behindTheGate);
    assertThat(waiting(() -> questions.answer(question)).question()).isEqualTo(question);
    gate.countDown();
    assertThat(questions.answer(question)).isEqualTo("answered");
    assertThatThrownBy(() -> questions.answer(question)).isInstanceOf(UnknownThingException.class);
  }

  @Test
  void twoAreWorkedOutAtATimeAndTheOthersSayHowManyAreAhead() {
    begin(this::behindTheGate);
    UUID second = begin(this::behindTheGate);
    assertThat(waiting(() -> questions.ask(() -> "third")).ahead()).isEqualTo(2);
    Questions.Waiting fourth = waiting(() -> questions.ask(() -> "fourth"));
    assertThat(fourth.ahead()).isEqualTo(3);
    questions.drop(second);
    assertThat(questions.answer(fourth.question())).isEqualTo("fourth");
  }

  @Test
  void moreThanCanWaitAreTurnedAway() {
    questions = new Questions(2, Duration.ofMillis(1), FOREVER, ALONE);
    assertThatThrownBy(
            () -> {
              for (int i = 0; i < 100; i++) {
                tryToAsk(this::behindTheGate);
              }
            })
        .isInstanceOf(BusyException.class);
  }

  /** The map of the fullest job: with its thread it ends in the middle of it. */
  @Test
  void whatNobodyAsksForAnyMoreStops() throws InterruptedException {
    questions = new Questions(1, Duration.ofMillis(50), AT_ONCE, ALONE);
    Rig rig = Assembly.rig(RichCase.setup());
    double[] many = new double[2000];
    for (int i = 0; i < many.length; i++) {
      many[i] = 0.1 * i / many.length;
    }
    UUID map =
        begin(
            () ->
                MarginMap.compute(
                    rig,
                    WorkedCase.CLIMB,
                    MarginMap.Axes.AMBIENT_GRADE,
                    many,
                    many,
                    Factors.NOMINAL));
    UUID behind = begin(() -> "never begun");
    TimeUnit.MILLISECONDS.sleep(10);
    questions.dropForgotten();
    for (UUID dropped : new UUID[] {map, behind}) {
      assertThatThrownBy(() -> questions.answer(dropped)).isInstanceOf(UnknownThingException.class);
    }
    Optional<String> next = Optional.empty();
    while (next.isEmpty()) {
      next = tryToAsk(() -> "the thread is free");
    }
    assertThat(next).contains("the thread is free");
  }

  private Optional<String> tryToAsk(Supplier<String> work) {
    try {
      return Optional.of(questions.ask(work));
    } catch (StillWorkingException e) {
      return Optional.empty();
    }
  }
}
