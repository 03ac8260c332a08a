package roadbreeze.server.matrix;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.haul.Road;
import roadbreeze.server.job.Job;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.longrun.LongRuns;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.problem.UnknownThingException;
import tools.jackson.databind.json.JsonMapper;

/** Which truck of the yard takes which road, and when: a long run, kept until a truck changes. */
@RestController
@RequestMapping("/api/yard-matrix")
class MatrixController {
  /** A yard that has more is asked about these. */
  private static final int MOST_TRUCKS = 12;

  private static final int HOURS = 24;

  private final LongRuns runs;
  private final MatrixWork work;
  private final JobService jobs;
  private final Questions questions;
  private final JsonMapper json;

  MatrixController(
      LongRuns runs, MatrixWork work, JobService jobs, Questions questions, JsonMapper json) {
    this.runs = runs;
    this.work = work;
    this.jobs = jobs;
    this.questions = questions;
    this.json = json;
  }

  /**
   * @param trailerOf the job whose trailer all trucks pull, null where each pulls its own
   */
  record MatrixStart(@Nullable UUID trailerOf) {}

  /** Leaving at an hour of the day. */
  record Departure(int hour, MatrixCell.At at) {}

  @Operation(summary = "Starts it, or answers with the one that was asked the same")
  @PostMapping
  @ResponseStatus(HttpStatus.ACCEPTED)
  MatrixState start(@RequestBody MatrixStart start) {
    List<Job> all =
        jobs.cards().stream()
            .filter(c -> !Boolean.TRUE.equals(c.about().body().archived()))
            .limit(MOST_TRUCKS)
            .map(c -> jobs.get(c.id()))
            .toList();
    JobContent pulled = start.trailerOf() == null ? null : jobs.get(start.trailerOf()).content();
    MatrixAsk ask =
        new MatrixAsk(
            pulled == null ? null : pulled.rig().trailer().name(),
            all.stream().map(j -> truck(j, pulled)).toList());
    return state(runs.startOnce(work, json.writeValueAsString(ask)));
  }

  private static MatrixAsk.Truck truck(Job job, @Nullable JobContent pulled) {
    JobContent own = job.content();
    JobContent content = pulled == null ? own : own.pulling(pulled.rig().trailer());
    return new MatrixAsk.Truck(
        job.id(), own.about().name(), own.builds().get(own.builds().size() - 1).id(), content);
  }

  @GetMapping("/{id}")
  MatrixState state(@PathVariable UUID id) {
    return MatrixState.of(id, runs.state(id), json);
  }

  @Operation(summary = "A truck of it on a road, leaving at every hour of a day")
  @GetMapping("/{id}/departures")
  List<Departure> departures(
      @PathVariable UUID id,
      @RequestParam int truck,
      @RequestParam int road,
      @RequestParam double hottestC) {
    MatrixAsk ask = json.readValue(runs.state(id).request(), MatrixAsk.class);
    if (truck < 0
        || truck >= ask.trucks().size()
        || road < 0
        || road >= Road.all().size()
        || !(hottestC >= -40 && hottestC <= 60)) {
      throw new UnknownThingException("the matrix has no such cell");
    }
    MatrixAsk.Truck asked = ask.trucks().get(truck);
    Road there = Road.all().get(road);
    return questions.ask(
        () ->
            MatrixCell.Pushed.of(asked, there).stream()
                .flatMap(
                    truckThere ->
                        IntStream.range(0, HOURS)
                            .mapToObj(h -> new Departure(h, truckThere.at(hottestC, (double) h))))
                .toList());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void cancel(@PathVariable UUID id) {
    runs.cancel(id);
  }
}
