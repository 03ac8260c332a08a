package roadbreeze.server.breakdown;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.longrun.Questions;

@RestController
@RequestMapping("/api/compute")
class BreakdownController {
  private final Questions questions;

  BreakdownController(Questions questions) {
    this.questions = questions;
  }

  @Operation(summary = "Each part of every build fails in turn on the job's road")
  @PostMapping("/breakdowns")
  BreakdownResult.Breakdowns breakdowns(@Valid @RequestBody JobContent job) {
    return questions.ask(() -> BreakdownResult.all(job));
  }
}
