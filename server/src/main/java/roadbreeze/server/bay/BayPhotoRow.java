package roadbreeze.server.bay;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A photograph of the work, as JPEG without anything beside the picture; it never changes. */
@Entity
@Table(name = "bay_photo")
class BayPhotoRow {
  @Id private UUID id;
  private UUID orderId;
  private Instant sentAt;
  private int width;
  private int height;
  private byte[] content;

  protected BayPhotoRow() {}

  BayPhotoRow(UUID id, UUID order, Instant at, int width, int height, byte[] content) {
    this.id = id;
    orderId = order;
    sentAt = at;
    this.width = width;
    this.height = height;
    this.content = content.clone();
  }

  UUID orderId() {
    return orderId;
  }

  byte[] content() {
    return content.clone();
  }
}
