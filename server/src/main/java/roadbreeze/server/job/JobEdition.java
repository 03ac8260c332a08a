package roadbreeze.server.job;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** A job as it stands: another save of any of its sections makes another edition. */
public record JobEdition(UUID job, List<Stamp> sections) {

  /** A section as it was saved last. */
  public record Stamp(String name, long version, Instant savedAt) {}
}
