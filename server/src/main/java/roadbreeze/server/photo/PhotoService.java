package roadbreeze.server.photo;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.job.JobService;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.UnknownThingException;

/** Keeps photographs of jobs. */
@Service
public class PhotoService {
  /** More than this of one job are not kept. */
  private static final int MOST = 20;

  private static final Set<String> KINDS = Set.of("jpeg", "png");

  private final PhotoRepository photos;
  private final JobService jobs;

  PhotoService(PhotoRepository photos, JobService jobs) {
    this.photos = photos;
    this.jobs = jobs;
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if it is no photograph, or one too
   *     many
   * @throws UnknownThingException if there is no such job
   */
  @Transactional
  PhotoRow keep(UUID job, byte[] content) {
    jobs.get(job);
    if (photos.countByJobId(job) >= MOST) {
      throw Refusal.TOO_MANY_PHOTOS.refuse(MOST);
    }
    PhotoHead head = PhotoHead.of(content);
    if (!KINDS.contains(head.kind())) {
      throw Refusal.NO_PHOTO.refuse();
    }
    return photos.save(
        new PhotoRow(
            UUID.randomUUID(),
            job,
            Instant.now(),
            "image/" + head.kind(),
            head.width(),
            head.height(),
            content));
  }

  /**
   * @throws UnknownThingException if there is none of this id
   */
  @Transactional(readOnly = true)
  PhotoRow get(UUID id) {
    return photos.findById(id).orElseThrow(() -> new UnknownThingException("no photo " + id));
  }

  /** Of a job, the oldest first. */
  @Transactional(readOnly = true)
  public List<PhotoSent> of(UUID job) {
    return photos.findByJobIdOrderBySentAt(job);
  }

  /** As it was sent. */
  @Transactional(readOnly = true)
  public byte[] content(UUID id) {
    return get(id).content();
  }

  @Transactional
  void delete(UUID id) {
    photos.deleteById(id);
  }
}
