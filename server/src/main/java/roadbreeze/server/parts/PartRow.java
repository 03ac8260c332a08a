package roadbreeze.server.parts;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Table;
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.RadiatorPart;

/** A row of the catalogue, found by the code of its part. */
@MappedSuperclass
abstract class PartRow {
  @Id private String id;

  protected PartRow() {}

  PartRow(String id) {
    this.id = id;
  }

  String id() {
    return id;
  }

  abstract Record part();
}

@Entity
@Table(name = "oil_cooler")
class OilCoolerRow extends PartRow {
  @Embedded private CoolerPart part;

  protected OilCoolerRow() {}

  OilCoolerRow(CoolerPart part) {
    super(part.code());
    this.part = part;
  }

  @Override
  CoolerPart part() {
    return part;
  }
}

@Entity
@Table(name = "radiator")
class RadiatorRow extends PartRow {
  @Embedded private RadiatorPart part;

  protected RadiatorRow() {}

  RadiatorRow(RadiatorPart part) {
    super(part.code());
    this.part = part;
  }

  @Override
  RadiatorPart part() {
    return part;
  }
}

@Entity
@Table(name = "fan")
class FanRow extends PartRow {
  @Embedded private FanPart part;

  protected FanRow() {}

  FanRow(FanPart part) {
    super(part.code());
    this.part = part;
  }

  @Override
  FanPart part() {
    return part;
  }
}

@Entity
@Table(name = "thermostat")
class ThermostatRow extends PartRow {
  @Embedded private ThermostatPart part;

  protected ThermostatRow() {}

  ThermostatRow(ThermostatPart part) {
    super(part.code());
    this.part = part;
  }

  @Override
  ThermostatPart part() {
    return part;
  }
}

@Entity
@Table(name = "cap")
class CapRow extends PartRow {
  @Embedded private CapPart part;

  protected CapRow() {}

  CapRow(CapPart part) {
    super(part.code());
    this.part = part;
  }

  @Override
  CapPart part() {
    return part;
  }
}

@Entity
@Table(name = "controller")
class ControllerRow extends PartRow {
  @Embedded private ControllerPart part;

  protected ControllerRow() {}

  ControllerRow(ControllerPart part) {
    super(part.code());
    this.part = part;
  }

  @Override
  ControllerPart part() {
    return part;
  }
}
