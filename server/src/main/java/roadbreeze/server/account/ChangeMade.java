package roadbreeze.server.account;

import jakarta.annotation.Nullable;
import java.time.Instant;

/**
 * Something that somebody changed.
 *
 * @param device null where it was no paired one
 * @param path of what was changed
 */
public record ChangeMade(
    long id, Instant at, String who, @Nullable String device, String method, String path) {}
