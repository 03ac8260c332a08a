package roadbreeze.server.mounting;

import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.server.message.Units;
import roadbreeze.server.parts.CoolerPart;
import roadbreeze.server.parts.PartMapper;

/** What hangs on a cooler's brackets, kg. */
public record CoolerMass(double empty, double oil) {
  /** Of the oil in it, warm. */
  private static final double OIL_TEMPERATURE = 60;

  public double full() {
    return empty + oil;
  }

  public static CoolerMass of(CoolerPart part) {
    double volume = Units.mm(part.widthMm()) * Units.mm(part.heightMm()) * Units.mm(part.depthMm());
    double empty = part.emptyKg() == null ? volume * usualDensity(part) : part.emptyKg();
    double oil =
        PartMapper.cooler(part).channels().volume()
            * TransmissionFluid.LEGACY.density(OIL_TEMPERATURE);
    return new CoolerMass(empty, oil);
  }

  /** Of a core with its tanks, over the whole of its box, kg/m³: own default, ±25 %. */
  private static double usualDensity(CoolerPart part) {
    return switch (part.family()) {
      case TUBE_AND_FIN -> 600;
      case PLATE_FIN -> 850;
      case STACKED_PLATE -> 1000;
    };
  }
}
