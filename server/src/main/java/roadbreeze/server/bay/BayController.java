package roadbreeze.server.bay;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import roadbreeze.server.account.Who;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.document.Paper;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.message.Units;
import roadbreeze.server.row.Id;
import roadbreeze.server.signed.SignedPaper;

@RestController
@RequestMapping("/api")
class BayController {
  private final BayService orders;
  private final BayPlanner planner;
  private final BayPhotos photos;
  private final BaySigning signing;
  private final Who who;
  private final BayLive live;
  private final JobService jobs;
  private final Questions questions;

  BayController(
      BayService orders,
      BayPlanner planner,
      BayPhotos photos,
      BaySigning signing,
      Who who,
      BayLive live,
      JobService jobs,
      Questions questions) {
    this.orders = orders;
    this.planner = planner;
    this.photos = photos;
    this.signing = signing;
    this.who = who;
    this.live = live;
    this.jobs = jobs;
    this.questions = questions;
  }

  /**
   * Work to begin.
   *
   * @param by who begins it
   */
  record BayBegun(@Id String build, @NotBlank @Size(max = 60) String by) {}

  /** All of an order. */
  record BayWhole(BayOrder order, BayPlan plan, List<BayEntry> entries) {}

  /** Who asks for the rest to be put in order anew. */
  record BayAgain(@NotBlank @Size(max = 60) String by) {}

  @Operation(summary = "Begins the work on a build: its order is kept as it is now")
  @PostMapping("/jobs/{job}/bay")
  @ResponseStatus(HttpStatus.CREATED)
  BayOrder begin(@PathVariable UUID job, @Valid @RequestBody BayBegun begun) {
    return questions.ask(() -> planner.begin(job, begun.build(), begun.by()));
  }

  @Operation(summary = "Work on a job that was begun, the newest first")
  @GetMapping("/jobs/{job}/bay")
  List<BayOrder> of(@PathVariable UUID job) {
    return orders.of(job);
  }

  @Operation(summary = "An order with the plan that it goes on by, and all that has happened")
  @GetMapping("/bay/{id}")
  BayWhole whole(@PathVariable UUID id) {
    return new BayWhole(orders.order(id), orders.plan(id), orders.after(id, 0));
  }

  @Operation(summary = "Adds what has happened on a device; what is there already stays as it is")
  @PostMapping("/bay/{id}/events")
  List<BayEntry> add(
      @PathVariable UUID id,
      @RequestBody @NotNull @Size(max = 100) List<@NotNull @Valid BayEvent> events) {
    return orders.add(id, events);
  }

  @Operation(summary = "What has happened after a number")
  @GetMapping("/bay/{id}/events")
  List<BayEntry> after(@PathVariable UUID id, @RequestParam long after) {
    orders.order(id);
    return orders.after(id, after);
  }

  @Operation(summary = "What happens after a number, as it happens")
  @GetMapping(path = "/bay/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter live(@PathVariable UUID id, @RequestParam long after) {
    orders.order(id);
    return live.listen(id, after);
  }

  @Operation(summary = "Puts the rest of the work in order anew")
  @PostMapping("/bay/{id}/plan")
  BayPlan again(@PathVariable UUID id, @Valid @RequestBody BayAgain again) {
    return questions.ask(() -> planner.again(id, again.by()));
  }

  @Operation(summary = "Headroom of the build that is being made, by all that was read so far")
  @GetMapping("/bay/{id}/headroom")
  Verdict headroom(@PathVariable UUID id) {
    BayOrder order = orders.order(id);
    JobContent job = jobs.get(order.job()).content();
    return questions.ask(() -> Verdict.onRoad(job, job.build(order.build())));
  }

  /** A paper of an order to lay out. */
  record BayPaperAsked(
      @NotNull LocalDate day, @NotNull Units.World world, Paper.@NotNull Size size) {
    BaySigning.Layout layout() {
      return new BaySigning.Layout(day, world, size);
    }
  }

  /**
   * A signature.
   *
   * @param by name as it is typed
   * @param on device
   */
  record BaySigned(
      @NotBlank @Size(max = 80) String by,
      @NotBlank @Size(max = 80) String on,
      @NotNull @Valid BayPaperAsked paper) {}

  @Operation(summary = "The order as it stands, as PDF")
  @PostMapping("/bay/{id}/pdf")
  ResponseEntity<byte[]> pages(@PathVariable UUID id, @Valid @RequestBody BayPaperAsked asked) {
    byte[] pdf = signing.pages(id, asked.layout());
    String name = orders.order(id).title() + ", work order";
    return Attachment.of(MediaType.APPLICATION_PDF_VALUE, name, "pdf", pdf);
  }

  @Operation(summary = "Signs an order of which everything is done, and keeps it for good")
  @PostMapping("/bay/{id}/signature")
  SignedPaper sign(@PathVariable UUID id, @Valid @RequestBody BaySigned asked) {
    return signing.sign(id, asked.by(), who.on(asked.on()), asked.paper().layout());
  }

  @Operation(summary = "Keeps a photograph, JPEG; what is there already stays as it is")
  @PutMapping("/bay/{id}/photos/{photo}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(@PathVariable UUID id, @PathVariable UUID photo, @RequestBody byte[] content) {
    photos.keep(id, photo, content);
  }

  @Operation(summary = "A photograph of the work")
  @GetMapping(path = "/bay/{id}/photos/{photo}", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> photo(@PathVariable UUID id, @PathVariable UUID photo) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.maxAge(Duration.ofDays(7)).cachePrivate())
        .body(photos.get(id, photo));
  }
}
