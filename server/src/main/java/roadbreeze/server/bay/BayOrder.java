package roadbreeze.server.bay;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.UUID;

/**
 * Work that was begun.
 *
 * @param build id of what is being built
 * @param last number of the last thing that happened
 * @param signedAt null while it goes on
 */
public record BayOrder(
    UUID id,
    UUID job,
    String build,
    String title,
    Instant begunAt,
    String begunBy,
    long last,
    @Nullable Instant signedAt) {}
