package roadbreeze.server.yard;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The one row of settings. */
@Entity
@Table(name = "yard")
class YardRow {
  static final int ONLY = 1;

  @Id private int id;
  @Version private long version;
  private String name;
  private String currency;

  @JdbcTypeCode(SqlTypes.JSON)
  private FaultWeights faultWeights;

  protected YardRow() {}

  void write(Yard yard) {
    name = yard.name();
    currency = yard.currency();
    faultWeights = yard.faultWeights();
  }

  Yard yard() {
    return new Yard(name, currency, faultWeights, version);
  }
}
