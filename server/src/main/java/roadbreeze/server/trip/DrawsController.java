package roadbreeze.server.trip;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.core.haul.HaulDraws;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.longrun.LongRuns;
import tools.jackson.databind.json.JsonMapper;

/** A thousand such trucks on the road: a long run. */
@RestController
@RequestMapping("/api/haul-draws")
class DrawsController {
  private final LongRuns runs;
  private final DrawsWork work;
  private final JsonMapper json;

  DrawsController(LongRuns runs, DrawsWork work, JsonMapper json) {
    this.runs = runs;
    this.work = work;
    this.json = json;
  }

  @Operation(summary = "Starts it; the job must have a road that the build can drive")
  @PostMapping
  @ResponseStatus(HttpStatus.ACCEPTED)
  DrawsState start(@Valid @RequestBody BuildRequest request) {
    // Refused at once where it cannot be driven, instead of by a failed run.
    request.job().driven(request.chosen()).drive();
    return state(runs.start(work, json.writeValueAsString(request)));
  }

  @GetMapping("/{id}")
  DrawsState state(@PathVariable UUID id) {
    LongRuns.RunState run = runs.state(id);
    return DrawsState.of(
        id, run, run.results().stream().map(r -> json.readValue(r, HaulDraws.class)).toList());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cancel(@PathVariable UUID id) {
    runs.cancel(id);
  }
}
