package roadbreeze.server.followup;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A calendar that fetches what is due by a secret address, of which only the hash is kept. */
@Entity
@Table(name = "calendar_feed")
class CalendarFeed {
  @Id private UUID id;
  private String secret;
  private String name;
  private Instant madeAt;

  protected CalendarFeed() {}

  CalendarFeed(String name, String hash) {
    id = UUID.randomUUID();
    secret = hash;
    this.name = name;
    madeAt = Instant.now();
  }

  UUID id() {
    return id;
  }

  String name() {
    return name;
  }

  Instant madeAt() {
    return madeAt;
  }
}
