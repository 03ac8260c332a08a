package roadbreeze.server.run;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.JobService;
import roadbreeze.server.log.LogPlan;
import roadbreeze.server.log.LogPlans;
import roadbreeze.server.log.LogPlans.LogLook;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.UnknownThingException;
import roadbreeze.server.problem.Within;

@RestController
@RequestMapping("/api")
class RunController {
  private final RunService runs;
  private final RunRows rows;
  private final LogPlans plans;
  private final JobService jobs;
  private final RunClocks clocks;
  private final RunIntake intake;
  private final RunFile files;

  RunController(
      RunService runs,
      RunRows rows,
      LogPlans plans,
      JobService jobs,
      RunClocks clocks,
      RunIntake intake,
      RunFile files) {
    this.files = files;
    this.intake = intake;
    this.runs = runs;
    this.rows = rows;
    this.plans = plans;
    this.jobs = jobs;
    this.clocks = clocks;
  }

  @GetMapping("/jobs/{job}/runs")
  List<Run> all(@PathVariable UUID job) {
    return runs.all(job);
  }

  @PostMapping("/jobs/{job}/runs")
  @ResponseStatus(HttpStatus.CREATED)
  Run add(@PathVariable UUID job, @Valid @RequestBody Run.RunData data) {
    jobs.get(job);
    return runs.add(job, data);
  }

  @GetMapping("/runs/{id}")
  Run get(@PathVariable UUID id) {
    return runs.get(id);
  }

  @PutMapping("/runs/{id}")
  Run save(@PathVariable UUID id, @Valid @RequestBody Run.RunEdit edit) {
    return runs.save(id, edit);
  }

  @DeleteMapping("/runs/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    runs.remove(id);
  }

  @Operation(summary = "The beginning of a logger's file, looked at: what its columns are")
  @PostMapping("/logs/look")
  LogLook look(@RequestBody byte[] beginning, @RequestParam Units.World world) {
    return plans.look(beginning, world);
  }

  /** By what a file's way of being read is known. */
  record LogShape(String shape) {}

  @Operation(summary = "Keeps how files of a shape are read")
  @PostMapping("/logs/plan")
  LogShape plan(@Valid @RequestBody LogPlan plan) {
    return new LogShape(plans.keep(plan));
  }

  @Operation(summary = "Takes in a logger's file as a track of a run, as it comes")
  @PostMapping("/runs/{id}/tracks")
  @ResponseStatus(HttpStatus.CREATED)
  Run take(
      @PathVariable UUID id,
      @RequestParam String name,
      @RequestParam String shape,
      HttpServletRequest request)
      throws SQLException, IOException {
    runs.get(id);
    return runs.taken(
        id, rows.take(id, clipped(name), request.getInputStream(), plans.plan(shape)));
  }

  @Operation(summary = "Takes in a GPX track with times as a track of a run")
  @PostMapping("/runs/{id}/gpx")
  @ResponseStatus(HttpStatus.CREATED)
  Run gpx(@PathVariable UUID id, @RequestParam String name, @RequestBody byte[] file)
      throws SQLException, IOException {
    runs.get(id);
    return intake.add(id, clipped(name), GpxLog.csv(file));
  }

  private static String clipped(String name) {
    return name.length() > 120 ? name.substring(0, 120) : name;
  }

  /** Where a track lies in time. */
  record TrackShift(@Within(min = -1e7, max = 1e7, kind = Kind.DURATION) double offsetS) {}

  @Operation(summary = "Moves a track of a run in time")
  @PutMapping("/runs/{id}/tracks/{track}/offset")
  Run shift(@PathVariable UUID id, @PathVariable int track, @Valid @RequestBody TrackShift shift) {
    runs.get(id);
    return runs.shift(id, track, shift.offsetS());
  }

  @Operation(summary = "Lays a track of a run where its speeds agree with those of another")
  @PostMapping("/runs/{id}/tracks/{track}/match")
  RunClocks.ClockSaid match(@PathVariable UUID id, @PathVariable int track)
      throws SQLException, IOException {
    return clocks.match(runs.get(id), track);
  }

  /**
   * A run, drawn.
   *
   * @param tracks in their order
   */
  record RunPicture(List<TrackPicture> tracks) {}

  /**
   * A track, drawn: by column and step its lowest, highest and mean, SI; null where there is none.
   *
   * @param t where each step begins, s since the run began
   */
  record TrackPicture(
      int number,
      List<Double> t,
      List<List<Double>> low,
      List<List<Double>> high,
      List<List<Double>> mean) {}

  private static final int MOST_STEPS = 4000;

  @Operation(summary = "A run between two times, no finer than asked")
  @GetMapping("/runs/{id}/picture")
  RunPicture picture(
      @PathVariable UUID id,
      @RequestParam @NotNull Double from,
      @RequestParam @NotNull Double to,
      @RequestParam int most)
      throws SQLException {
    List<TrackPicture> pictures = new ArrayList<>();
    for (Track track : runs.get(id).tracks()) {
      double by = track.offsetS();
      RunRows.Picture p =
          rows.picture(id, track, from - by, to - by, Math.max(10, Math.min(MOST_STEPS, most)));
      List<Double> t = new ArrayList<>();
      for (double at : p.t()) {
        t.add(at + by);
      }
      pictures.add(
          new TrackPicture(track.number(), t, boxed(p.low()), boxed(p.high()), boxed(p.mean())));
    }
    return new RunPicture(pictures);
  }

  private static List<List<Double>> boxed(float[][] columns) {
    List<List<Double>> boxed = new ArrayList<>();
    for (float[] column : columns) {
      List<Double> values = new ArrayList<>(column.length);
      for (float v : column) {
        values.add(Float.isNaN(v) ? null : Double.valueOf(v));
      }
      boxed.add(values);
    }
    return boxed;
  }

  @Operation(summary = "A track as CSV, in the units of a world")
  @GetMapping("/runs/{id}/tracks/{track}/csv")
  ResponseEntity<StreamingResponseBody> csv(
      @PathVariable UUID id, @PathVariable int track, @RequestParam Units.World world) {
    Run run = runs.get(id);
    Track chosen =
        run.tracks().stream()
            .filter(t -> t.number() == track)
            .findFirst()
            .orElseThrow(() -> new UnknownThingException("the run has no track " + track));
    return Attachment.streamed(
        Attachment.CSV, run.data().name(), "csv", out -> files.csv(run, chosen, world, out));
  }

  @Operation(summary = "A run with all its rows, to travel to another yard's server by its id")
  @GetMapping("/runs/{id}/file")
  ResponseEntity<StreamingResponseBody> file(@PathVariable UUID id) {
    Run run = runs.get(id);
    return Attachment.streamed(
        RunFile.TYPE, run.data().name(), "run.jsonl", out -> files.write(id, out));
  }

  @Operation(
      summary = "Takes in a run that another server has recorded; what is there is not doubled")
  @PostMapping("/jobs/{job}/runs/import")
  @ResponseStatus(HttpStatus.CREATED)
  Run importRun(@PathVariable UUID job, HttpServletRequest request)
      throws SQLException, IOException {
    jobs.get(job);
    return files.read(job, request.getInputStream());
  }
}
