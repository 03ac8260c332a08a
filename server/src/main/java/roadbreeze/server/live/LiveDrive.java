package roadbreeze.server.live;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.UUID;

/**
 * A drive that is recorded as it happens.
 *
 * @param build id of what is on the truck
 * @param run what is recorded of it
 * @param address of the gauge
 * @param fromKm where on the job's road it begins
 * @param endedAt null while it goes on
 */
public record LiveDrive(
    UUID id,
    UUID job,
    String build,
    UUID run,
    String address,
    double fromKm,
    Instant beganAt,
    @Nullable Instant endedAt) {}
