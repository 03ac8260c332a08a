package roadbreeze.server.order;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;

/**
 * The yard's own tasks.
 *
 * @param version as it was read, −1 where there are none yet
 */
public record OwnTasks(@NotNull @Valid TaskFile file, long version) {}
