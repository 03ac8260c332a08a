package roadbreeze.server.signed;

import java.time.Instant;
import java.util.UUID;

/**
 * A signed paper, without its pages.
 *
 * @param build id of the build that it is about
 * @param signedBy name as it was typed
 * @param signedOn device and account
 * @param hash SHA-256 of all that it was made of, as hexadecimal digits
 */
public record SignedPaper(
    UUID id,
    Kind kind,
    String build,
    String title,
    String signedBy,
    String signedOn,
    Instant signedAt,
    String hash) {
  /** What is signed. */
  public enum Kind {
    ESTIMATE,
    WORK_ORDER
  }
}
