package roadbreeze.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A tablet that was paired. */
@Entity
@Table(name = "device")
class DeviceRow {
  @Id private UUID id;
  private UUID accountId;
  private String name;
  private Instant pairedAt;
  private Instant revokedAt;

  protected DeviceRow() {}

  DeviceRow(UUID account, String name, Instant at) {
    id = UUID.randomUUID();
    accountId = account;
    this.name = name;
    pairedAt = at;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  boolean open() {
    return revokedAt == null;
  }

  void revoke(Instant at) {
    revokedAt = at;
  }

  PairedDevice device(String account) {
    return new PairedDevice(id, name, account, pairedAt, revokedAt);
  }

  UUID accountId() {
    return accountId;
  }
}
