package roadbreeze.server.ranking;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.order.TaskShelf;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.yard.FaultWeights;
import roadbreeze.server.yard.YardService;

@RestController
@RequestMapping("/api")
class CheckController {
  private final Questions questions;
  private final YardService yard;
  private final TaskShelf shelf;

  CheckController(Questions questions, YardService yard, TaskShelf shelf) {
    this.shelf = shelf;
    this.questions = questions;
    this.yard = yard;
  }

  @Operation(summary = "Everything that can be complained of, checked and found")
  @GetMapping("/checks")
  CheckCatalogue catalogue() {
    return CheckCatalogue.all();
  }

  @Operation(summary = "What is likely wrong with a job's truck, and what to look at next")
  @PostMapping("/compute/checks")
  CheckResult checks(@Valid @RequestBody JobContent job) {
    FaultWeights own = yard.yard().faultWeights();
    FaultWeights weights = own == null ? FaultWeights.SHIPPED : own;
    Tasks tasks = shelf.tasks();
    return questions.ask(() -> CheckResult.of(job, weights, tasks));
  }
}
