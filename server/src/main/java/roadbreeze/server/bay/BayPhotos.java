package roadbreeze.server.bay;

import jakarta.persistence.EntityManager;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import net.coobird.thumbnailator.Thumbnails;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.photo.PhotoHead;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.UnknownThingException;

/** Photographs of the work: small ones, with nothing in them but the picture. */
@Service
public class BayPhotos {
  /** Longer side of what is kept, px; devices send no larger ones. */
  private static final int LONGEST = 2048;

  private static final double QUALITY = 0.85;

  /** More than this of one order are not kept. */
  private static final int MOST = 300;

  private final EntityManager database;
  private final BayService orders;

  BayPhotos(EntityManager database, BayService orders) {
    this.database = database;
    this.orders = orders;
  }

  /**
   * Keeps one, unless it is there already.
   *
   * @param id drawn on the device
   * @throws roadbreeze.server.problem.RefusedRequestException if it is no photograph, or one too
   *     many
   */
  @Transactional
  public void keep(UUID order, UUID id, byte[] content) {
    orders.order(order);
    if (database.find(BayPhotoRow.class, id) != null) {
      return;
    }
    Long there =
        database
            .createQuery("select count(p) from BayPhotoRow p where p.orderId = :order", Long.class)
            .setParameter("order", order)
            .getSingleResult();
    if (there >= MOST) {
      throw Refusal.TOO_MANY_PHOTOS.refuse(MOST);
    }
    PhotoHead sent = PhotoHead.of(content);
    if (!sent.kind().equals("jpeg")) {
      throw Refusal.NO_PHOTO.refuse();
    }
    byte[] bare = bare(content, sent);
    PhotoHead kept = PhotoHead.of(bare);
    Instant now = Instant.now().truncatedTo(ChronoUnit.MICROS);
    database.persist(new BayPhotoRow(id, order, now, kept.width(), kept.height(), bare));
  }

  /** Painted anew, so that no place, name or device is in it; that proves it a picture as well. */
  private static byte[] bare(byte[] content, PhotoHead sent) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      Thumbnails.of(new ByteArrayInputStream(content))
          .scale(Math.min(1, (double) LONGEST / sent.longest()))
          .outputFormat("jpeg")
          .outputQuality(QUALITY)
          .toOutputStream(out);
    } catch (IOException e) {
      throw Refusal.NO_PHOTO.refuse();
    }
    return out.toByteArray();
  }

  /** Empty where the order has none of this id. */
  @Transactional(readOnly = true)
  public Optional<byte[]> find(UUID order, UUID id) {
    return Optional.ofNullable(database.find(BayPhotoRow.class, id))
        .filter(row -> row.orderId().equals(order))
        .map(BayPhotoRow::content);
  }

  /**
   * @throws UnknownThingException if the order has none of this id
   */
  public byte[] get(UUID order, UUID id) {
    return find(order, id).orElseThrow(() -> new UnknownThingException("photo " + id));
  }
}
