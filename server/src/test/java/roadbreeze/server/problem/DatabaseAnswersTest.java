package roadbreeze.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import roadbreeze.server.message.Said;

/** What PostgreSQL says, in our own words; every layer in between wraps it. */
class DatabaseAnswersTest {
  private static final ProblemAdvice ADVICE = new ProblemAdvice();

  @ParameterizedTest
  @CsvSource({
    "08006, 503, refusal.databaseAway",
    "57P01, 503, refusal.databaseAway", // shutting down
    "57P03, 503, refusal.databaseAway", // starting up
    "55000, 503, refusal.databaseAway", // lets nobody in
    ", 503, refusal.databaseAway", // closed under the pool
    "53100, 503, refusal.databaseFull",
    "53300, 503, refusal.databaseBusy", // too many connections
    "22021, 400, refusal.notReadable", // not of the encoding
    "42P01, 500, refusal.ourSide"
  })
  void eachStateHasItsAnswer(String state, int status, String code) {
    assertAnswer(new SQLException("as it is said", state), status, code);
  }

  @Test
  void aPoolWithoutAConnectionIsBusyUnlessItsDatabaseIsAway() {
    assertAnswer(
        new SQLTransientConnectionException("timed out", (String) null),
        503,
        "refusal.databaseBusy");
    assertAnswer(
        new SQLTransientConnectionException("timed out", "08001"), 503, "refusal.databaseAway");
  }

  private static void assertAnswer(SQLException said, int status, String code) {
    ResponseEntity<ProblemDetail> answer =
        ADVICE.unexpected(new IllegalStateException(new RuntimeException(said)));
    assertThat(answer.getStatusCode().value()).isEqualTo(status);
    assertThat((List<?>) answer.getBody().getProperties().get("said"))
        .singleElement()
        .satisfies(words -> assertThat(((Said) words).code()).isEqualTo(code));
  }
}
