package roadbreeze.server.yard;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

/** The one row of settings. */
@Entity
@Table(name = "yard")
class YardRow {
  static final int ONLY = 1;

  @Id private int id;
  @Version private long version;
  private String name;
  private String currency;

  protected YardRow() {}

  void write(Yard yard) {
    name = yard.name();
    currency = yard.currency();
  }

  Yard yard() {
    return new Yard(name, currency, version);
  }
}
