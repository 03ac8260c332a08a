package roadbreeze.server.photo;

import java.time.Instant;
import java.util.UUID;

/**
 * A photograph that was sent, and when.
 *
 * @param kind image/jpeg or image/png
 */
public record PhotoSent(UUID id, Instant sentAt, String kind) {
  /** What a file of it ends with. */
  public String extension() {
    return kind.equals("image/png") ? ".png" : ".jpg";
  }
}
