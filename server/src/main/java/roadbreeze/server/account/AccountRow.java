package roadbreeze.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Somebody who may come in. */
@Entity
@Table(name = "account")
class AccountRow {
  @Id private UUID id;
  private String name;

  @Enumerated(EnumType.STRING)
  private Role role;

  private String password;
  private Instant madeAt;
  private Instant closedAt;

  protected AccountRow() {}

  AccountRow(String name, Role role, String password, Instant at) {
    id = UUID.randomUUID();
    this.name = name;
    this.role = role;
    this.password = password;
    madeAt = at;
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  Role role() {
    return role;
  }

  String password() {
    return password;
  }

  boolean open() {
    return closedAt == null;
  }

  void close(Instant at) {
    closedAt = at;
  }

  void change(Role other) {
    role = other;
  }

  Account account() {
    return new Account(id, name, role, madeAt);
  }
}
