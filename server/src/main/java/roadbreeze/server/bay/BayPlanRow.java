package roadbreeze.server.bay;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A plan of an order; it never changes. */
@Entity
@Table(name = "bay_plan")
class BayPlanRow {
  /** Which plan of which order. */
  @Embeddable
  record Key(UUID orderId, int number) implements Serializable {}

  @EmbeddedId private Key key;

  @JdbcTypeCode(SqlTypes.JSON)
  private String plan;

  protected BayPlanRow() {}

  BayPlanRow(UUID order, int number, String plan) {
    key = new Key(order, number);
    this.plan = plan;
  }

  String plan() {
    return plan;
  }
}
