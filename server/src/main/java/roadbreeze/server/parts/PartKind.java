package roadbreeze.server.parts;

import java.util.Arrays;
import java.util.function.Function;
import roadbreeze.server.problem.UnknownThingException;
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.RadiatorPart;

/** The shelves of the catalogue. */
public enum PartKind {
  OIL_COOLERS(CoolerPart.class, OilCoolerRow.class, p -> new OilCoolerRow((CoolerPart) p)),
  RADIATORS(RadiatorPart.class, RadiatorRow.class, p -> new RadiatorRow((RadiatorPart) p)),
  FANS(FanPart.class, FanRow.class, p -> new FanRow((FanPart) p)),
  THERMOSTATS(
      ThermostatPart.class, ThermostatRow.class, p -> new ThermostatRow((ThermostatPart) p)),
  CAPS(CapPart.class, CapRow.class, p -> new CapRow((CapPart) p)),
  CONTROLLERS(
      ControllerPart.class, ControllerRow.class, p -> new ControllerRow((ControllerPart) p));

  final Class<? extends Record> part;
  final Class<? extends PartRow> row;
  final Function<Record, PartRow> wrap;

  PartKind(
      Class<? extends Record> part, Class<? extends PartRow> row, Function<Record, PartRow> wrap) {
    this.part = part;
    this.row = row;
    this.wrap = wrap;
  }

  /** As in the API's paths and the names of CSV files: {@code oil-coolers}. */
  public String slug() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }

  static PartKind of(String slug) {
    return Arrays.stream(values())
        .filter(k -> k.slug().equals(slug))
        .findFirst()
        .orElseThrow(() -> new UnknownThingException("the catalogue has no shelf " + slug));
  }
}
