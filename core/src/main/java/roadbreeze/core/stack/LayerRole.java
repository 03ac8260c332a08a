package roadbreeze.core.stack;

import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.exchanger.RadiatorTubes;

/** What flows inside a layer of the pack. */
public sealed interface LayerRole {
  /** The engine's radiator; a pack has exactly one. */
  record Radiator(RadiatorTubes tubes) implements LayerRole {}

  /**
   * An oil cooler.
   *
   * @param conductanceFactor measured over estimated conductance, 1 where no rating point is known
   * @param warmer the air that it draws than ambient, where it stands elsewhere, K
   */
  record OilCooler(OilChannels channels, double conductanceFactor, double warmer)
      implements LayerRole {}

  /** The air conditioning's condenser: gives off a set heat, or none. */
  record Condenser() implements LayerRole {}

  /** The charge-air cooler of a boosted engine: gives off what the compressor put in. */
  record ChargeAirCooler() implements LayerRole {}

  /**
   * A cooler of something else, which gives off a set heat.
   *
   * @param heat W
   * @param engineShare and so much of what the engine gives its coolant
   */
  record OtherCooler(double heat, double engineShare) implements LayerRole {
    public double heat(double engineHeat) {
      return heat + engineShare * engineHeat;
    }

    public OtherCooler scaled(double factor) {
      return new OtherCooler(heat * factor, engineShare * factor);
    }
  }
}
