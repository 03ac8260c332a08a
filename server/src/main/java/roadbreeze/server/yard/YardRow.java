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

  private double hourlyRate;
  private double taxPercent;
  private double consumablesPercent;

  protected YardRow() {}

  void write(Yard yard) {
    name = yard.name();
    currency = yard.currency();
    faultWeights = yard.faultWeights();
    hourlyRate = yard.hourlyRate();
    taxPercent = yard.taxPercent();
    consumablesPercent = yard.consumablesPercent();
  }

  Yard yard() {
    return new Yard(
        name, currency, faultWeights, hourlyRate, taxPercent, consumablesPercent, version);
  }
}
