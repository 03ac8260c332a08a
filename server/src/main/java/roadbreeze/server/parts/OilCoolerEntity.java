package roadbreeze.server.parts;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import roadbreeze.server.rig.CoolerPart;

/** A row of the catalogue. */
@Entity
@Table(name = "oil_cooler")
class OilCoolerEntity {
  @Id private int id;

  @Embedded private CoolerPart part;

  CoolerPart part() {
    return part;
  }
}
