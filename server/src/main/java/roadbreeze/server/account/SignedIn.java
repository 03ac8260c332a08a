package roadbreeze.server.account;

import jakarta.annotation.Nullable;
import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * Somebody who is signed in; kept with the session.
 *
 * @param account its id
 * @param device id of the tablet, null where it is none that was paired
 */
public record SignedIn(UUID account, String getName, @Nullable UUID device)
    implements Principal, Serializable {}
