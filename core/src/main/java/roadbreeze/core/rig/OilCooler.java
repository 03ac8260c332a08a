package roadbreeze.core.rig;

import java.util.OptionalDouble;
import roadbreeze.core.exchanger.ChannelSurface;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.line.Bypass;

/**
 * An auxiliary oil cooler as it is built, m.
 *
 * @param bypassOpens oil temperature above which all oil goes through the core, °C
 * @param bypassPressure drop above which part of the oil goes past the core, Pa
 */
public record OilCooler(
    Family family,
    double width,
    double height,
    double depth,
    double finsPerInch,
    double tubePitch,
    int passes,
    double portBore,
    OptionalDouble bypassOpens,
    OptionalDouble bypassPressure) {
  /** How it is built, and what that puts in its channels. */
  public enum Family {
    TUBE_AND_FIN(ChannelSurface.PLAIN),
    PLATE_FIN(ChannelSurface.TURBULATED),
    STACKED_PLATE(ChannelSurface.TURBULATED);

    private final ChannelSurface surface;

    Family(ChannelSurface surface) {
      this.surface = surface;
    }
  }

  public OilChannels channels() {
    return new OilChannels(width, height, depth, tubePitch, passes, portBore, family.surface);
  }

  public LouvredFin fin() {
    return new LouvredFin(depth, finsPerInch, tubePitch, FinMetal.ALUMINIUM);
  }

  /** The same with a bypass that sends all oil through from a temperature on, °C. */
  public OilCooler openingAt(double temperature) {
    return bypassed(OptionalDouble.of(temperature), OptionalDouble.empty());
  }

  /** The same with a bypass that gives way to a drop, Pa. */
  public OilCooler givingWayAt(double pressure) {
    return bypassed(OptionalDouble.empty(), OptionalDouble.of(pressure));
  }

  /** The same with all its oil through the core. */
  public OilCooler withoutBypass() {
    return bypassed(OptionalDouble.empty(), OptionalDouble.empty());
  }

  private OilCooler bypassed(OptionalDouble opens, OptionalDouble pressure) {
    return new OilCooler(
        family, width, height, depth, finsPerInch, tubePitch, passes, portBore, opens, pressure);
  }

  /** What lets cold or thick oil past it. */
  public Bypass bypass() {
    double open = bypassOpens.orElse(Double.NEGATIVE_INFINITY);
    Bypass waxed = Bypass.waxed(open);
    return new Bypass(waxed.shut(), waxed.open(), bypassPressure);
  }
}
