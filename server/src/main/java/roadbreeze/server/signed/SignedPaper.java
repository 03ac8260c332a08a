package roadbreeze.server.signed;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
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
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm 'UTC'", Locale.ENGLISH)
          .withZone(ZoneOffset.UTC);

  /** When it was signed, the same everywhere. */
  public String moment() {
    return MOMENT.format(signedAt);
  }

  /** What is signed. */
  public enum Kind {
    ESTIMATE,
    WORK_ORDER
  }
}
