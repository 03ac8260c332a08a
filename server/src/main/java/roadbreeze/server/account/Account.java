package roadbreeze.server.account;

import java.time.Instant;
import java.util.UUID;

/** Somebody who may come in. */
public record Account(UUID id, String name, Role role, Instant madeAt) {}
