package roadbreeze.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** Something that somebody changed. */
@Entity
@Table(name = "change_made")
class ChangeRow {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Instant at;
  private String who;
  private String device;
  private String method;
  private String path;

  protected ChangeRow() {}

  ChangeRow(Instant at, String who, String device, String method, String path) {
    this.at = at;
    this.who = who;
    this.device = device;
    this.method = method;
    this.path = path;
  }

  ChangeMade change() {
    return new ChangeMade(id, at, who, device, method, path);
  }
}
