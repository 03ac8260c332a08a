package roadbreeze.server.photo;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A photograph as it was sent; it never changes. */
@Entity
@Table(name = "photo")
class PhotoRow {
  @Id private UUID id;
  private UUID jobId;
  private Instant sentAt;
  private String kind;
  private int width;
  private int height;
  private byte[] content;

  protected PhotoRow() {}

  PhotoRow(UUID id, UUID job, Instant at, String kind, int width, int height, byte[] content) {
    this.id = id;
    jobId = job;
    sentAt = at;
    this.kind = kind;
    this.width = width;
    this.height = height;
    this.content = content.clone();
  }

  UUID id() {
    return id;
  }

  String kind() {
    return kind;
  }

  int width() {
    return width;
  }

  int height() {
    return height;
  }

  byte[] content() {
    return content.clone();
  }
}
