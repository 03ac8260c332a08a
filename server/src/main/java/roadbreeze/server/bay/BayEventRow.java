package roadbreeze.server.bay;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import roadbreeze.server.order.OrderResult;

/** Something that happened; it never changes. */
@Entity
@Table(name = "bay_event")
class BayEventRow {
  @Id private UUID id;
  private UUID orderId;
  private long seq;

  @Enumerated(EnumType.STRING)
  private BayEvent.Kind kind;

  private String step;

  @JdbcTypeCode(SqlTypes.JSON)
  private String event;

  private String family;
  private Integer usual;
  private Double took;

  protected BayEventRow() {}

  BayEventRow(UUID order, long seq, BayEvent event, String json) {
    id = event.id();
    orderId = order;
    this.seq = seq;
    kind = event.kind();
    step = event.step();
    this.event = json;
  }

  /** It is the end of a step, whose minutes are worth knowing. */
  void measures(OrderResult.OrderedStep done, double minutes) {
    family = done.family();
    usual = done.usual();
    took = minutes;
  }

  UUID orderId() {
    return orderId;
  }

  long seq() {
    return seq;
  }

  String event() {
    return event;
  }
}
