package roadbreeze.server.order;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.SvgDrawing;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.UnknownThingException;
import roadbreeze.server.row.Id;
import tools.jackson.databind.JsonNode;

@RestController
@RequestMapping("/api")
class OrderController {
  private final Questions questions;
  private final TaskShelf shelf;

  OrderController(Questions questions, TaskShelf shelf) {
    this.questions = questions;
    this.shelf = shelf;
  }

  @Operation(summary = "The work on a build in the order that is done soonest, and why")
  @PostMapping("/compute/work-order")
  OrderResult order(@Valid @RequestBody OrderRequest request) {
    Tasks tasks = shelf.tasks();
    return questions.ask(
        () -> OrderResult.of(request.job(), request.chosen(), tasks, request.patience()));
  }

  /**
   * A drawing that belongs to a step.
   *
   * @param build its id
   * @param drawing its id, as the step has it
   */
  record StepDrawingAsked(
      @NotNull @Valid JobContent job,
      @Id String build,
      @NotNull @Size(max = 60) String drawing,
      @NotNull Units.World world) {}

  @Operation(summary = "A drawing that belongs to a step of the work, as SVG")
  @PostMapping("/drawings/step-svg")
  ResponseEntity<String> drawing(@Valid @RequestBody StepDrawingAsked asked) {
    Drawing drawn =
        new StepDrawings(asked.job(), asked.job().build(asked.build()))
            .drawn(asked.drawing(), asked.world())
            .orElseThrow(() -> new UnknownThingException("drawing " + asked.drawing()));
    return Attachment.of("image/svg+xml", asked.drawing(), "svg", SvgDrawing.of(drawn));
  }

  @Operation(summary = "All tasks that the yard works with")
  @GetMapping("/tasks")
  TaskBoard tasks() {
    OwnTasks own = shelf.own();
    Tasks all = shelf.tasks();
    return new TaskBoard(
        List.copyOf(all.byId().values()),
        List.copyOf(Tasks.SHIPPED.byId().keySet()),
        List.copyOf(all.places().values()),
        own,
        all.paces());
  }

  @Operation(summary = "Saves the yard's own tasks; answers 409 where somebody else was faster")
  @PutMapping("/tasks/own")
  OwnTasks save(@Valid @RequestBody OwnTasks changed) {
    return shelf.save(changed);
  }

  @Operation(summary = "What a file of tasks holds, as a JSON schema")
  @GetMapping(path = "/tasks/schema", produces = "application/schema+json")
  Resource schema() {
    return new ClassPathResource("tasks/tasks.schema.json");
  }

  @Operation(summary = "Reads a file of tasks without keeping it")
  @PostMapping("/tasks/read")
  TaskFile read(@RequestBody JsonNode file) {
    return shelf.read(file);
  }

  /**
   * The whole library.
   *
   * @param tasks the yard's own in the place of those that ship
   * @param shipped ids of those that ship
   * @param own what the yard has written itself
   * @param paces how long the yard takes for each family, as it was measured
   */
  record TaskBoard(
      List<TaskData> tasks,
      List<String> shipped,
      List<TaskFile.TaskPlace> places,
      OwnTasks own,
      Map<String, YardPace.Pace> paces) {}
}
