package roadbreeze.server.followup;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
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
import roadbreeze.server.bay.WorkSigned;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.followup.FollowUps.TruckUseEdit;
import roadbreeze.server.message.Units;

/** The reader's day is the reader's: it is given with each question. */
@RestController
@RequestMapping("/api")
class FollowUpController {
  private final FollowUps followUps;

  FollowUpController(FollowUps followUps) {
    this.followUps = followUps;
  }

  /**
   * What is looked at again of a job.
   *
   * @param unplanned signed work of before anything was planned from it
   */
  record JobFollowUps(List<FollowUp> all, TruckUseEdit use, int unplanned) {}

  @Operation(summary = "What is looked at again, of all jobs that are not put away")
  @GetMapping("/follow-ups")
  List<FollowUp> all(@RequestParam LocalDate day) {
    return followUps.all(day);
  }

  @Operation(summary = "What can be looked at again, as it ships")
  @GetMapping("/follow-ups/kinds")
  List<FollowUpKind> kinds() {
    return FollowUpKind.ALL;
  }

  @GetMapping("/jobs/{job}/follow-ups")
  JobFollowUps of(@PathVariable UUID job, @RequestParam LocalDate day) {
    List<FollowUp> all = followUps.of(job, day);
    return new JobFollowUps(all, followUps.use(job), followUps.unplanned(job).size());
  }

  @PostMapping("/jobs/{job}/follow-ups")
  @ResponseStatus(HttpStatus.CREATED)
  FollowUp add(
      @PathVariable UUID job, @RequestParam LocalDate day, @Valid @RequestBody FollowUpData data) {
    return followUps.add(job, data, day);
  }

  @Operation(summary = "Plans follow-ups of signed work that has none")
  @PostMapping("/jobs/{job}/follow-ups/of-signed-work")
  JobFollowUps plan(@PathVariable UUID job, @RequestParam LocalDate day) {
    for (WorkSigned work : followUps.unplanned(job)) {
      followUps.signed(work);
    }
    return of(job, day);
  }

  /** A follow-up as it is edited. */
  record FollowUpEdit(long version, @NotNull @Valid FollowUpData data) {}

  @PutMapping("/follow-ups/{id}")
  FollowUp save(
      @PathVariable UUID id, @RequestParam LocalDate day, @Valid @RequestBody FollowUpEdit edit) {
    return followUps.save(id, edit.version(), edit.data(), day);
  }

  @Operation(summary = "Adds what became of it: done, put off or dropped")
  @PostMapping("/follow-ups/{id}/events")
  FollowUp add(
      @PathVariable UUID id, @RequestParam LocalDate day, @Valid @RequestBody FollowUpEvent event) {
    return followUps.add(id, event, day);
  }

  @PutMapping("/jobs/{job}/truck-use")
  TruckUseEdit use(@PathVariable UUID job, @Valid @RequestBody TruckUseEdit edit) {
    return followUps.save(job, edit);
  }

  @Operation(summary = "What is due as a calendar")
  @GetMapping("/follow-ups/calendar")
  ResponseEntity<String> calendar(@RequestParam LocalDate day, @RequestParam Units.World world) {
    String calendar = DueCalendar.of(followUps.all(day), "Follow-ups", day, world);
    return Attachment.of(DueCalendar.TYPE, "follow-ups", "ics", calendar);
  }
}
