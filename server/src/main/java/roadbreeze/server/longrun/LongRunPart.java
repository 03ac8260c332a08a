package roadbreeze.server.longrun;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One part of a run with what it has come to; the result is there once it is done. */
@Entity
@Table(name = "long_run_part")
class LongRunPart {
  @EmbeddedId private Key key;
  private long tried;
  private double share;
  private Instant doneAt;

  /** Server that did it. */
  private String doneBy;

  @JdbcTypeCode(SqlTypes.JSON)
  private String result;

  /** Which part of which run. */
  @Embeddable
  record Key(UUID runId, int number) implements Serializable {}

  protected LongRunPart() {}

  LongRunPart(UUID run, int part) {
    key = new Key(run, part);
  }

  void progress(long candidates, double ofWork) {
    tried = candidates;
    share = ofWork;
  }

  void finish(String found, Instant at, String by) {
    result = found;
    share = 1;
    doneAt = at;
    doneBy = by;
  }

  long tried() {
    return tried;
  }

  double share() {
    return share;
  }

  Instant doneAt() {
    return doneAt;
  }

  String result() {
    return result;
  }
}
