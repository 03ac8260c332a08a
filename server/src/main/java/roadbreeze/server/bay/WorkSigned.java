package roadbreeze.server.bay;

import java.time.Instant;
import java.util.UUID;

/** Work that was signed; told to who goes on from it, in the same transaction. */
public record WorkSigned(UUID job, UUID order, String build, String by, Instant at) {}
