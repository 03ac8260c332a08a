package roadbreeze.core.line;

import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.fluid.Liquid;

/**
 * What a cooler holds up: its core, less what its own bypass lets past that.
 *
 * @param bypass as warm or thick as the oil is that comes to it
 */
public record CoolerDrop(OilChannels channels, Bypass bypass) implements Resistance {
  @Override
  public double pressureDrop(double volumeFlow, double density, double viscosity) {
    return volumeFlow <= 0 ? 0 : channels.pressureDrop(volumeFlow, density, viscosity);
  }

  @Override
  public double pressureDrop(double volumeFlow, Liquid liquid, double temperature) {
    double density = liquid.density(temperature);
    double viscosity = liquid.viscosity(temperature);
    double share =
        bypass.coreShare(temperature, volumeFlow, q -> pressureDrop(q, density, viscosity));
    return pressureDrop(volumeFlow * share, density, viscosity);
  }

  @Override
  public double volume() {
    return channels.volume();
  }
}
