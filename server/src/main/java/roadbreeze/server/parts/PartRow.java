package roadbreeze.server.parts;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A part of the catalogue, found by its shelf and code; its columns are JSON. */
@Entity
@Table(name = "part")
class PartRow {
  @EmbeddedId private Key key;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  /** Where it lies. */
  @Embeddable
  record Key(String shelf, String code) implements Serializable {}

  protected PartRow() {}

  PartRow(String shelf, String code, String body) {
    key = new Key(shelf, code);
    this.body = body;
  }

  String body() {
    return body;
  }
}
