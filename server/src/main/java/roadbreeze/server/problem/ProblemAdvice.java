package roadbreeze.server.problem;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import java.sql.SQLException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.problem.OutOfRangeException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;

/** Turns every refusal into RFC 9457 problem details, in words for the person at the screen. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
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
      ConstraintViolation<?> violation = error.unwrap(ConstraintViolation.class);
      return of(error.getField(), violation);
    }
    return new FieldProblem(
        error.getField(), error.getRejectedValue(), null, null, null, error.getDefaultMessage());
  }

  private static FieldProblem of(String field, ConstraintViolation<?> violation) {
    Map<String, Object> span = violation.getConstraintDescriptor().getAttributes();
    Double low = span.get("min") instanceof Double d ? d : null;
    Double high = span.get("max") instanceof Double d ? d : null;
    String unit = span.get("unit") instanceof String s ? s : null;
    Object value = violation.getInvalidValue();
    boolean plain = value == null || value instanceof Number || value instanceof String;
    return new FieldProblem(
        field, plain ? value : value.toString(), low, high, unit, violation.getMessage().trim());
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
    detail.setTitle("Some values cannot be used");
    detail.setDetail(
        problems.stream()
            .map(
                p ->
                    p.field() + " " + p.message() + (p.value() == null ? "" : ", not " + p.value()))
            .limit(5)
            .collect(Collectors.joining("; ")));
    detail.setProperty("errors", problems);
    return detail;
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    ProblemDetail detail = ProblemDetail.forStatus(HttpStatus.BAD_REQUEST);
    detail.setTitle("The request cannot be read");
    if (e.getCause() instanceof DatabindException cause && !cause.getPath().isEmpty()) {
      String field = pathOf(cause);
      detail.setDetail(field + " is missing or is not of the right kind");
      detail.setProperty(
          "errors",
          List.of(
              new FieldProblem(field, null, null, null, null, "is missing or of another kind")));
    } else {
      detail.setDetail("It is not well-formed JSON of the expected shape.");
    }
    return ResponseEntity.badRequest().body(detail);
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
    ProblemDetail detail = ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, e.getMessage());
    detail.setTitle("Some values cannot be used");
    detail.setProperty(
        "errors", List.of(new FieldProblem(e.quantity(), null, null, null, null, e.getMessage())));
    return ResponseEntity.badRequest().body(detail);
  }

  @ExceptionHandler({NotConvergedException.class, OutOfRangeException.class})
  ResponseEntity<ProblemDetail> noAnswer(RuntimeException e) {
    ProblemDetail detail =
        ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
    detail.setTitle("There is no steady state");
    return ResponseEntity.unprocessableContent().body(detail);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> stale(StaleVersionException e) {
    ProblemDetail detail = ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
    detail.setTitle("Saved elsewhere first");
    detail.setProperty("current", e.current());
    return ResponseEntity.status(HttpStatus.CONFLICT).body(detail);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> raced(ObjectOptimisticLockingFailureException e) {
    // The two saves crossed inside the database: the loser asks for the job and sees the other's.
    ProblemDetail detail =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.CONFLICT, "somebody else saved this job in the meantime");
    detail.setTitle("Saved elsewhere first");
    return ResponseEntity.status(HttpStatus.CONFLICT).body(detail);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> unknown(UnknownThingException e) {
    return ResponseEntity.status(HttpStatus.NOT_FOUND)
        .body(ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, e.getMessage()));
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> unexpected(Exception e) {
    if (connectionLost(e)) {
      LOG.warn("the database does not answer: {}", e.getMessage());
      ProblemDetail detail =
          ProblemDetail.forStatusAndDetail(
              HttpStatus.SERVICE_UNAVAILABLE,
              "The database does not answer. Edits are kept in this window and saved when it does.");
      detail.setTitle("Database not reachable");
      return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE).body(detail);
    }
    LOG.error("unexpected", e);
    ProblemDetail detail =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "Something went wrong on our side; it is written in the server's log.");
    return ResponseEntity.internalServerError().body(detail);
  }

  /**
   * Each layer wraps a lost connection in its own way. Beneath is an SQL state of class 08, or none
   * where it is the pool that speaks: of a closed connection, or of none to be had.
   */
  private static boolean connectionLost(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException sql) {
        return sql.getSQLState() == null || sql.getSQLState().startsWith("08");
      }
    }
    return false;
  }
}
