package roadbreeze.server.photo;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.Iterator;
import java.util.Locale;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.job.JobService;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.UnknownThingException;

/** Keeps photographs of jobs. */
@Service
class PhotoService {
  /** More than this of one job are not kept. */
  private static final int MOST = 20;

  /** A longer side than this is no photograph that anybody measures on, px. */
  private static final int LONGEST = 12_000;

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
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(content))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw Refusal.NO_PHOTO.refuse();
      }
      ImageReader reader = readers.next();
      reader.setInput(in);
      String kind = reader.getFormatName().toLowerCase(Locale.ROOT);
      int width = reader.getWidth(0);
      int height = reader.getHeight(0);
      boolean known = kind.equals("jpeg") || kind.equals("png");
      if (!known || Math.max(width, height) > LONGEST) {
        throw Refusal.NO_PHOTO.refuse();
      }
      return photos.save(
          new PhotoRow(
              UUID.randomUUID(), job, Instant.now(), "image/" + kind, width, height, content));
    } catch (IOException e) {
      throw Refusal.NO_PHOTO.refuse();
    }
  }

  /**
   * @throws UnknownThingException if there is none of this id
   */
  @Transactional(readOnly = true)
  public PhotoRow get(UUID id) {
    return photos.findById(id).orElseThrow(() -> new UnknownThingException("no photo " + id));
  }

  @Transactional
  void delete(UUID id) {
    photos.deleteById(id);
  }
}
