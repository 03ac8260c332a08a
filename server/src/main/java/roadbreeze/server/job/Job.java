package roadbreeze.server.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;

/**
 * A saved job.
 *
 * @param version to be sent back with the next save
 */
public record Job(UUID id, long version, Instant changedAt, @NotNull @Valid JobContent content) {}
