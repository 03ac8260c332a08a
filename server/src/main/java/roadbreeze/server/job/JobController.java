package roadbreeze.server.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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
import roadbreeze.server.build.Build;
import roadbreeze.server.check.Checks;
import roadbreeze.server.file.Attachment;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.job.format.JobFormat;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.rig.RigSection;
import tools.jackson.databind.JsonNode;

@RestController
@RequestMapping("/api/jobs")
class JobController {
  private final JobService jobs;
  private final JobFormat format;

  JobController(JobService jobs, JobFormat format) {
    this.jobs = jobs;
    this.format = format;
  }

  /** A save of a section: the version it started from and the body wanted. */
  record Save<T>(long version, @Valid @NotNull T body) {}

  @GetMapping
  List<JobCard> cards() {
    return jobs.cards();
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

  @PutMapping("/{id}/about")
  Job.Section<About> saveAbout(@PathVariable UUID id, @Valid @RequestBody Save<About> save) {
    return jobs.save(id, save.version(), save.body());
  }

  @PutMapping("/{id}/rig")
  Job.Section<RigSection> saveRig(
      @PathVariable UUID id, @Valid @RequestBody Save<RigSection> save) {
    return jobs.save(id, save.version(), save.body());
  }

  @PutMapping("/{id}/nose")
  Job.Section<NoseSection> saveNose(
      @PathVariable UUID id, @Valid @RequestBody Save<NoseSection> save) {
    return jobs.save(id, save.version(), save.body());
  }

  @PutMapping("/{id}/haul")
  Job.Section<Haul> saveHaul(@PathVariable UUID id, @Valid @RequestBody Save<Haul> save) {
    return jobs.save(id, save.version(), save.body());
  }

  @PutMapping("/{id}/checks")
  Job.Section<Checks> saveChecks(@PathVariable UUID id, @Valid @RequestBody Save<Checks> save) {
    return jobs.save(id, save.version(), save.body());
  }

  @PutMapping("/{id}/builds")
  Job.Section<Build> saveBuild(@PathVariable UUID id, @Valid @RequestBody Save<Build> save) {
    return jobs.save(id, save.version(), save.body());
  }

  @PostMapping("/{id}/builds")
  @ResponseStatus(HttpStatus.CREATED)
  Job.Section<Build> addBuild(@PathVariable UUID id, @Valid @RequestBody Build build) {
    return jobs.add(id, build);
  }

  @DeleteMapping("/{id}/builds/{build}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeBuild(@PathVariable UUID id, @PathVariable String build, @RequestParam long version) {
    jobs.remove(id, build, version);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable UUID id) {
    jobs.delete(id);
  }

  @GetMapping("/{id}/export")
  ResponseEntity<JobFile> export(@PathVariable UUID id) {
    JobContent content = jobs.get(id).content();
    return Attachment.of(
        MediaType.APPLICATION_JSON_VALUE,
        content.about().name(),
        "json",
        new JobFile(JobFormat.NAME, JobFormat.CURRENT, content));
  }

  /** Takes a file of any version that was ever exported. */
  @PostMapping("/import")
  @ResponseStatus(HttpStatus.CREATED)
  Job importFile(@RequestBody JsonNode file) {
    return jobs.create(format.read(file));
  }
}
