package roadbreeze.server.job;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.problem.StaleVersionException;
import roadbreeze.server.problem.UnknownThingException;

/** Jobs in the database. A save names the version it started from; a stale one changes nothing. */
@Service
public class JobService {
  private final JobRepository jobs;

  JobService(JobRepository jobs) {
    this.jobs = jobs;
  }

  @Transactional(readOnly = true)
  public List<Job> all() {
    return jobs.findAllByOrderByName().stream().map(JobEntity::toJob).toList();
  }

  @Transactional(readOnly = true)
  public Job get(UUID id) {
    return find(id).toJob();
  }

  @Transactional
  public Job create(JobContent content) {
    JobEntity job = new JobEntity(UUID.randomUUID());
    job.write(content);
    return jobs.saveAndFlush(job).toJob();
  }

  /**
   * @throws StaleVersionException with the job as it stands, if the version is not the newest
   */
  @Transactional
  public Job save(UUID id, long version, JobContent content) {
    JobEntity job = find(id);
    if (job.version() != version) {
      throw new StaleVersionException(job.toJob());
    }
    job.write(content);
    return jobs.saveAndFlush(job).toJob();
  }

  @Transactional
  public void delete(UUID id) {
    jobs.delete(find(id));
  }

  private JobEntity find(UUID id) {
    return jobs.findById(id)
        .orElseThrow(() -> new UnknownThingException("there is no job " + id + " here"));
  }
}
