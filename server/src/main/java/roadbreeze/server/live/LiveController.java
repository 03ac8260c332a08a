package roadbreeze.server.live;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.Within;

@RestController
@RequestMapping("/api")
class LiveController {
  /** A gauge of this machine: nobody else's doors are tried. */
  private static final String ADDRESS = "(127\\.0\\.0\\.1|localhost):[0-9]{2,5}";

  /** What may be asked of a gauge from a page: no truck, which another question sets out. */
  private static final String ASKS =
      "rate [0-9]{1,2}|hold|go|wheel( [a-z]{1,10}=[0-9]{1,4})+|fault [a-z]{1,10}( [a-z0-9.]{1,10})?";

  private final LiveDrives drives;
  private final LiveKeeper keeper;
  private final LiveTold told;
  private final DriveScores scores;
  private final SimulatedTruck simulated;

  LiveController(
      LiveDrives drives,
      LiveKeeper keeper,
      LiveTold told,
      DriveScores scores,
      SimulatedTruck simulated) {
    this.drives = drives;
    this.keeper = keeper;
    this.told = told;
    this.scores = scores;
    this.simulated = simulated;
  }

  /**
   * What is to be recorded.
   *
   * @param address of the gauge, host and port
   * @param fromKm where on the job's road it begins
   */
  record LiveAsk(
      @NotBlank @Size(max = 24) String build,
      @NotBlank @Size(max = 80) String name,
      @NotNull @Pattern(regexp = ADDRESS, message = "NO_GAUGE_ADDRESS") String address,
      @Within(min = 0, max = 1000, kind = Kind.DISTANCE) double fromKm) {}

  /** The drive of a job that goes on; null where there is none. */
  record LiveOpen(@Nullable LiveDrive drive) {}

  @GetMapping("/jobs/{job}/live")
  LiveOpen open(@PathVariable UUID job) {
    return new LiveOpen(drives.open(job).orElse(null));
  }

  @Operation(summary = "Begins to record what a gauge says of a job's truck")
  @PostMapping("/jobs/{job}/live")
  @ResponseStatus(HttpStatus.CREATED)
  LiveDrive begin(@PathVariable UUID job, @Valid @RequestBody LiveAsk ask) {
    LiveDrive begun = drives.begin(job, ask.build(), ask.name(), ask.address(), ask.fromKm());
    keeper.soon();
    return begun;
  }

  /**
   * A drive.
   *
   * @param now how it stands; null where another server holds it, or none does
   */
  record LiveState(LiveDrive drive, @Nullable LiveNow now) {}

  @GetMapping("/live/{id}")
  LiveState get(@PathVariable UUID id) {
    return new LiveState(drives.get(id), keeper.session(id).map(LiveSession::now).orElse(null));
  }

  @Operation(summary = "Ends a drive; its run stays")
  @DeleteMapping("/live/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(@PathVariable UUID id) {
    drives.get(id);
    drives.stop(id);
    keeper.soon();
  }

  @Operation(summary = "How a drive stands, as it happens")
  @GetMapping(path = "/live/{id}/now", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter now(@PathVariable UUID id) {
    drives.get(id);
    return told.look(id);
  }

  /**
   * What is asked of a gauge, by the lines of its protocol.
   *
   * @param line but for {@code drive}, which a truck of its own asks
   */
  record GaugeAsk(@NotNull @Pattern(regexp = ASKS) String line) {}

  @Operation(summary = "Asks something of a gauge: what its driver does, or what is wrong with it")
  @PostMapping("/live/{id}/ask")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void ask(@PathVariable UUID id, @Valid @RequestBody GaugeAsk ask) {
    drives.get(id);
    if (!keeper.ask(id, ask.line())) {
      told.ask(id, ask.line());
    }
  }

  /** A truck for the simulated gauge. */
  record SimulatedAsk(
      @NotNull @Pattern(regexp = ADDRESS, message = "NO_GAUGE_ADDRESS") String address,
      @NotBlank @Size(max = 24) String build,
      @Within(min = 1, max = 60) double rate,
      @Within(min = 0, max = 20) double noise) {}

  @Operation(summary = "Sets the job's truck on its road in the simulated gauge")
  @PostMapping("/jobs/{job}/simulated-drive")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void simulate(@PathVariable UUID job, @Valid @RequestBody SimulatedAsk ask) {
    if (!simulated.setOut(job, ask.build(), ask.address(), ask.rate(), ask.noise())) {
      throw Refusal.GAUGE_AWAY.refuse();
    }
  }

  @Operation(summary = "What a drive came to, beside the same road driven as usual and at its best")
  @GetMapping("/live/{id}/score")
  DriveScores.DriveResult score(@PathVariable UUID id) {
    return scores.of(drives.get(id));
  }
}
