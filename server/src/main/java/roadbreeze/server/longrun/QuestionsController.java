package roadbreeze.server.longrun;

import io.swagger.v3.oas.annotations.Hidden;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.UUID;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Long answers, asked for again by the number that their question was given. */
@RestController
@RequestMapping("/api/questions")
class QuestionsController {
  private final Questions questions;

  QuestionsController(Questions questions) {
    this.questions = questions;
  }

  @Operation(summary = "The answer to a question that was answered 202 before")
  @ApiResponse(responseCode = "200", description = "what the question is answered with")
  @ApiResponse(
      responseCode = "202",
      description = "not yet; any question that takes long may be answered so",
      content = @Content(schema = @Schema(implementation = Questions.Waiting.class)))
  @GetMapping("/{id}")
  Object answer(@PathVariable UUID id) {
    Object answer = questions.answer(id);
    return answer instanceof Questions.Elsewhere other
        ? ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(other.json())
        : answer;
  }

  @Operation(summary = "Nobody waits for the answer any more")
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void drop(@PathVariable UUID id) {
    questions.drop(id);
  }

  /** Before all other advice, which takes it for a fault of ours. */
  @Hidden
  @RestControllerAdvice
  @Order(Ordered.HIGHEST_PRECEDENCE)
  static class Advice {
    /** In JSON whatever was asked for: there is nothing else to say it in. */
    @ExceptionHandler
    ResponseEntity<Questions.Waiting> stillWorking(StillWorkingException e) {
      return ResponseEntity.accepted().contentType(MediaType.APPLICATION_JSON).body(e.waiting());
    }
  }
}
