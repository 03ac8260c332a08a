package roadbreeze.server.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs")
class JobController {
  private final JobService jobs;

  JobController(JobService jobs) {
    this.jobs = jobs;
  }

  /** A save: the version it started from and the content wanted. */
  record Save(long version, @Valid @NotNull JobContent content) {}

  @GetMapping
  List<Job> all() {
    return jobs.all();
  }

  @GetMapping("/{id}")
  Job get(@PathVariable UUID id) {
    return jobs.get(id);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Job create(@Valid @RequestBody JobContent content) {
    return jobs.create(content);
  }

  @PutMapping("/{id}")
  Job save(@PathVariable UUID id, @Valid @RequestBody Save save) {
    return jobs.save(id, save.version(), save.content());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    jobs.delete(id);
  }

  @GetMapping("/{id}/export")
  ResponseEntity<JobFile> export(@PathVariable UUID id) {
    JobContent content = jobs.get(id).content();
    String file =
        content.name().replaceAll("[^A-Za-z0-9]+", "-").toLowerCase(Locale.ROOT) + ".json";
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(file).build().toString())
        .body(new JobFile(JobFile.FORMAT, JobFile.VERSION, content));
  }

  @PostMapping("/import")
  @ResponseStatus(HttpStatus.CREATED)
  Job importFile(@Valid @RequestBody JobFile file) {
    return jobs.create(file.job());
  }
}
