package roadbreeze.server.run;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import tools.jackson.databind.json.JsonMapper;

/** A track of a run, beside its rows; written with them ({@link RunRows}). */
@Entity
@Table(name = "run_track")
class TrackRow {
  /** Which track of which run. */
  @Embeddable
  record Key(UUID runId, short number) {}

  @EmbeddedId private Key key;
  private String name;
  private double beganAfter;
  private double seconds;
  private long rows;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  protected TrackRow() {}

  void shifted(double offset) {
    beganAfter = offset;
  }

  Track track() {
    return new Track(
        key.number(),
        name,
        beganAfter,
        seconds,
        rows,
        JsonMapper.shared().readValue(body, Track.TrackBody.class));
  }
}
