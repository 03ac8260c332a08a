package roadbreeze.server.account;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.UUID;

/**
 * A tablet that was paired.
 *
 * @param account name of whoever paired it
 * @param revokedAt null while it may come in
 */
public record PairedDevice(
    UUID id, String name, String account, Instant pairedAt, @Nullable Instant revokedAt) {}
