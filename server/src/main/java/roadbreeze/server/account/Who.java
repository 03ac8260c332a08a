package roadbreeze.server.account;

import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** Who is asking. */
@Component
public class Who {
  private final Accounts accounts;

  Who(Accounts accounts) {
    this.accounts = accounts;
  }

  /** Empty on this machine alone, where nobody signs in. */
  public Optional<SignedIn> signedIn() {
    Authentication now = SecurityContextHolder.getContext().getAuthentication();
    return now != null && now.getPrincipal() instanceof SignedIn who
        ? Optional.of(who)
        : Optional.empty();
  }

  /** Account and device as they stand on a signature. */
  public String on(String device) {
    return signedIn()
        .map(who -> who.getName() + ", " + accounts.deviceOf(who).orElse(device))
        .orElse(device);
  }
}
