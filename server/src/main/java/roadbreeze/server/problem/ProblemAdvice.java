package roadbreeze.server.problem;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.lang.annotation.Annotation;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.hibernate.validator.engine.HibernateConstraintViolation;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.util.DisconnectedClientHelper;
import roadbreeze.core.explain.Argument;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.server.message.FieldLabel;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Turns every refusal into RFC 9457 problem details, in words for the person at the screen. */
@RestControllerAdvice
public class ProblemAdvice extends ResponseEntityExceptionHandler {
  private static final int MOST = 5;

  // Classes of PostgreSQL's SQL states. A connection that was closed under the pool has none.
  private static final String AWAY = "08";
  private static final String SHUTTING_DOWN = "57P0";
  private static final String SHUT = "55000"; // by its keeper, to connections
  private static final String SHORT_OF = "53";
  private static final String DISK_FULL = "53100";
  private static final String OF_THE_DATA = "22";

  private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<FieldProblem> problems =
        e.getBindingResult().getFieldErrors().stream()
            .map(ProblemAdvice::of)
            .sorted(Comparator.comparing(FieldProblem::field))
            .toList();
    return ResponseEntity.badRequest().body(badFields(problems));
  }

  private static FieldProblem of(FieldError error) {
    if (error.contains(ConstraintViolation.class)) {
      return of(error.getField(), error.unwrap(ConstraintViolation.class));
    }
    return new FieldProblem(
        error.getField(), Said.of(Refusal.NOT_USABLE.with(FieldLabel.of(error.getField()))));
  }

  private static FieldProblem of(String field, ConstraintViolation<?> violation) {
    return new FieldProblem(field, Said.of(fault(field, violation)));
  }

  /** A broken constraint as a finding about its field. */
  public static Finding fault(String field, ConstraintViolation<?> violation) {
    FieldLabel label = FieldLabel.of(field);
    Annotation constraint = violation.getConstraintDescriptor().getAnnotation();
    Object value = violation.getInvalidValue();
    if (violation instanceof HibernateConstraintViolation<?> mine
        && mine.getDynamicPayload(Finding.class) != null) {
      return mine.getDynamicPayload(Finding.class);
    }
    Optional<Refusal> own = Refusal.named(violation.getMessageTemplate());
    if (own.isPresent()) {
      return own.get().with();
    }
    if (constraint instanceof Within span) {
      Argument low = amount(span.min(), span.kind());
      Argument high = amount(span.max(), span.kind());
      return value instanceof Number number && Double.isFinite(number.doubleValue())
          ? Refusal.OUT_OF_SPAN.with(label, amount(number.doubleValue(), span.kind()), low, high)
          : Refusal.NOT_A_NUMBER.with(label, low, high);
    }
    if (constraint instanceof Size size) {
      return value instanceof String
          ? Refusal.TOO_LONG.with(label, size.max())
          : Refusal.TOO_MANY.with(label, size.min(), size.max());
    }
    if (constraint instanceof NotBlank) {
      return Refusal.EMPTY.with(label);
    }
    return (constraint instanceof NotNull ? Refusal.MISSING : Refusal.NOT_USABLE).with(label);
  }

  private static Argument amount(double value, Kind kind) {
    return Argument.amount(kind, Units.si(value, kind));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> violated(ConstraintViolationException e) {
    List<FieldProblem> problems =
        e.getConstraintViolations().stream()
            .map(v -> of(v.getPropertyPath().toString(), v))
            .sorted(Comparator.comparing(FieldProblem::field))
            .toList();
    return ResponseEntity.badRequest().body(badFields(problems));
  }

  private static ProblemDetail badFields(List<FieldProblem> problems) {
    ProblemDetail detail = ProblemDetail.forStatus(HttpStatus.BAD_REQUEST);
    detail.setProperty("said", problems.stream().map(FieldProblem::said).limit(MOST).toList());
    detail.setProperty("errors", problems);
    return detail;
  }

  private static ResponseEntity<ProblemDetail> problem(HttpStatus status, Finding finding) {
    ProblemDetail detail =
        ProblemDetail.forStatusAndDetail(status, Words.of(finding, Units.World.METRIC));
    detail.setProperty("said", List.of(Said.of(finding)));
    return ResponseEntity.status(status).body(detail);
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof TooLargeException large) {
        return new ResponseEntity<>(tooLarge(large).getBody(), HttpStatus.CONTENT_TOO_LARGE);
      }
    }
    return ResponseEntity.badRequest().body(unread(e.getCause()));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> notAllowed(NotAllowedException e) {
    return problem(e.status(), e.why().with());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> tooLarge(TooLargeException e) {
    return problem(HttpStatus.CONTENT_TOO_LARGE, Refusal.TOO_LARGE.with((int) (e.most() >> 20)));
  }

  /** Who went away in the middle of an answer is told nothing, and nor is the log. */
  @Override
  protected ResponseEntity<Object> handleHttpMessageNotWritable(
      HttpMessageNotWritableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return DisconnectedClientHelper.isClientDisconnectedException(e)
        ? null
        : super.handleHttpMessageNotWritable(e, headers, status, request);
  }

  /** Turned away by Spring Security's firewall, or written in signs that Tomcat cannot read. */
  @ExceptionHandler({RequestRejectedException.class, InvalidParameterException.class})
  ResponseEntity<ProblemDetail> rejected(RuntimeException e) {
    return problem(HttpStatus.BAD_REQUEST, Refusal.NOT_READABLE.with());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> misshapen(DatabindException e) {
    return ResponseEntity.badRequest().body(unread(e));
  }

  private static ProblemDetail unread(Throwable why) {
    if (why instanceof DatabindException cause && !cause.getPath().isEmpty()) {
      String field = pathOf(cause);
      Said said = Said.of(Refusal.NOT_USABLE.with(FieldLabel.of(field)));
      return badFields(List.of(new FieldProblem(field, said)));
    }
    return problem(HttpStatus.BAD_REQUEST, Refusal.NOT_READABLE.with()).getBody();
  }

  private static String pathOf(DatabindException cause) {
    StringBuilder path = new StringBuilder();
    for (JacksonException.Reference reference : cause.getPath()) {
      if (reference.getPropertyName() != null) {
        path.append(path.isEmpty() ? "" : ".").append(reference.getPropertyName());
      } else {
        path.append('[').append(reference.getIndex()).append(']');
      }
    }
    return path.toString();
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> bad(BadInputException e) {
    return problem(HttpStatus.BAD_REQUEST, e.finding());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> refused(RefusedRequestException e) {
    return problem(HttpStatus.BAD_REQUEST, e.finding());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> noAnswer(NotConvergedException e) {
    return problem(HttpStatus.UNPROCESSABLE_CONTENT, e.finding());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> busy(BusyException e) {
    return problem(HttpStatus.SERVICE_UNAVAILABLE, e.finding());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> stale(StaleVersionException e) {
    ResponseEntity<ProblemDetail> answer =
        problem(
            HttpStatus.CONFLICT,
            (e.current() == null ? Refusal.GONE_ELSEWHERE : Refusal.SAVED_ELSEWHERE).with());
    answer.getBody().setProperty("current", e.current());
    return answer;
  }

  @ExceptionHandler({
    ObjectOptimisticLockingFailureException.class,
    DataIntegrityViolationException.class
  })
  ResponseEntity<ProblemDetail> raced(Exception e) {
    // Two saves crossed inside the database: the loser asks for the job and sees the other's.
    return problem(HttpStatus.CONFLICT, Refusal.SAVED_ELSEWHERE.with());
  }

  /** An address with something else where an id or a number belongs leads nowhere. */
  @Override
  protected ResponseEntity<Object> handleTypeMismatch(
      TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    return new ResponseEntity<>(
        problem(HttpStatus.NOT_FOUND, Refusal.NOT_HERE.with()).getBody(), HttpStatus.NOT_FOUND);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> unknown(UnknownThingException e) {
    return problem(HttpStatus.NOT_FOUND, Refusal.NOT_HERE.with());
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> unexpected(Exception e) {
    if (DisconnectedClientHelper.isClientDisconnectedException(e)) {
      return null;
    }
    Optional<SQLException> sql = sqlBeneath(e);
    if (sql.isPresent()) {
      String state = Objects.requireNonNullElse(sql.get().getSQLState(), AWAY);
      if (state.startsWith(OF_THE_DATA)) {
        return problem(HttpStatus.BAD_REQUEST, Refusal.NOT_READABLE.with());
      }
      Optional<Refusal> passing = passing(state, sql.get());
      if (passing.isPresent()) {
        LOG.warn("the database does not answer: {}", e.getMessage());
        return problem(HttpStatus.SERVICE_UNAVAILABLE, passing.get().with());
      }
    }
    LOG.error("unexpected", e);
    return problem(HttpStatus.INTERNAL_SERVER_ERROR, Refusal.OUR_SIDE.with());
  }

  /** What is worth asking again later: a database that is away, full, or has no room just now. */
  private static Optional<Refusal> passing(String state, SQLException e) {
    if (e instanceof SQLTransientConnectionException && state.equals(AWAY)) {
      return Optional.of(Refusal.DATABASE_BUSY); // the pool waited for a connection in vain
    }
    if (state.startsWith(AWAY) || state.startsWith(SHUTTING_DOWN) || state.equals(SHUT)) {
      return Optional.of(Refusal.DATABASE_AWAY);
    }
    if (state.equals(DISK_FULL)) {
      return Optional.of(Refusal.DATABASE_FULL);
    }
    return state.startsWith(SHORT_OF) ? Optional.of(Refusal.DATABASE_BUSY) : Optional.empty();
  }

  /** Each layer wraps what the database said in its own way; beneath is an SQL state. */
  private static Optional<SQLException> sqlBeneath(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException sql) {
        return Optional.of(sql);
      }
    }
    return Optional.empty();
  }
}
