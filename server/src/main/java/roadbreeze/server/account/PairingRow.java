package roadbreeze.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A code that pairs one tablet once, as its hash. */
@Entity
@Table(name = "pairing")
class PairingRow {
  @Id private String code;
  private UUID accountId;
  private Instant until;

  protected PairingRow() {}

  PairingRow(String code, UUID account, Instant until) {
    this.code = code;
    accountId = account;
    this.until = until;
  }

  UUID accountId() {
    return accountId;
  }

  Instant until() {
    return until;
  }
}
