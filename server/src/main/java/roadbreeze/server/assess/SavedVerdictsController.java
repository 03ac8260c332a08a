package roadbreeze.server.assess;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roadbreeze.server.job.JobEdition;
import roadbreeze.server.job.JobService;

/** Verdicts of jobs as they are saved: worked out once for all who look at the yard. */
@RestController
@RequestMapping("/api/jobs")
class SavedVerdictsController {
  private static final int MOST_KEPT = 500;

  private final JobService jobs;
  private final Cache<JobEdition, List<Verdict>> held =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).build();
  private final Cache<JobEdition, List<Verdict>> driven =
      Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

  SavedVerdictsController(JobService jobs) {
    this.jobs = jobs;
  }

  @Operation(summary = "Headroom of every build of a saved job")
  @GetMapping("/{id}/verdicts")
  List<Verdict> verdicts(@PathVariable UUID id) {
    return held.get(jobs.edition(id), edition -> Verdict.all(jobs.get(id).content()));
  }

  @Operation(summary = "The same at the worst moments of its road, where it has one")
  @GetMapping("/{id}/road-verdicts")
  List<Verdict> roadVerdicts(@PathVariable UUID id) {
    return driven.get(jobs.edition(id), edition -> Verdict.allOnRoad(jobs.get(id).content()));
  }
}
