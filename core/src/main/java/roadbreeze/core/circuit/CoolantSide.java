package roadbreeze.core.circuit;

import roadbreeze.core.exchanger.RadiatorTubes;

/**
 * The coolant's way through thermostat, radiator and outlet tank at one temperature of it. What the
 * core leaves of that is taken from the round before, so that rounds settle. Not thread-safe.
 */
final class CoolantSide {
  /** Properties of coolant are not asked for beyond, °C. */
  private static final double HOTTEST = 200;

  private final CoolantLoop loop;
  private final RadiatorTubes tubes;
  private final double ambient;

  /** Of the thermostat where its wax lags behind the coolant, NaN where it follows. */
  private double held = Double.NaN;

  private double temperature;
  private double opening;
  private double massFlow;
  private double capacity;
  private double inside;

  /** Leaving the radiator's core, °C; NaN where none has flowed yet. */
  private double coreOutlet = Double.NaN;

  CoolantSide(CoolantLoop loop, RadiatorTubes tubes, double ambient) {
    this.loop = loop;
    this.tubes = tubes;
    this.ambient = ambient;
  }

  /** Holds the thermostat at an opening, whatever the coolant does. */
  void hold(double opened) {
    held = opened;
  }

  /** Starts from what the core of another left. */
  void startFrom(CoolantSide other) {
    coreOutlet = other.coreOutlet;
  }

  /** Forgets the rounds before. */
  void forget() {
    coreOutlet = Double.NaN;
  }

  /**
   * Takes up a temperature: thermostat, stream and the radiator's inside.
   *
   * @param engineSpeed rad/s
   * @param engineHeat W, for a first guess of what the core leaves
   */
  void take(double newTemperature, double engineSpeed, double engineHeat) {
    temperature = newTemperature;
    opening = Double.isNaN(held) ? loop.thermostat().opening(temperature) : held;
    massFlow = loop.pumpFlow(engineSpeed) * opening;
    capacity = 0;
    inside = 0;
    if (massFlow > 0) {
      double between = Double.isNaN(coreOutlet) ? temperature : (temperature + coreOutlet) / 2;
      double mean = Math.min(between, HOTTEST);
      capacity = massFlow * loop.coolant().specificHeat(mean);
      inside = tubes.conductance(massFlow, loop.coolant(), mean);
      if (Double.isNaN(coreOutlet)) {
        coreOutlet = Math.max(ambient, temperature - engineHeat / capacity);
      }
    }
  }

  /** What the core leaves of the temperature when it gives a heat in W. */
  double after(double coreHeat) {
    return massFlow > 0 ? temperature - coreHeat / capacity : Double.NaN;
  }

  void setCoreOutlet(double outlet) {
    coreOutlet = outlet;
  }

  /**
   * Temperature of the mixed outlet tank in the steady state, °C: {@code C·(T_core_out − T) +
   * k·(T_oil − T) + Q + φ·(T_air − T) = 0}. No thermostat opening is singular.
   *
   * @param outlet leaving the core, °C
   * @param exchanged k, heat per kelvin that oil of a temperature gives it, W/K
   * @param heat Q, that it gets besides, W
   */
  double outletTank(double outlet, double oil, double exchanged, double heat) {
    double loss = standingLoss();
    double fromCore = capacity > 0 ? capacity * outlet : 0;
    return (fromCore + exchanged * oil + heat + loss * ambient) / (capacity + exchanged + loss);
  }

  /** Conductance of the outlet tank to the air, W/K. */
  double standingLoss() {
    return CoolantLoop.standingLoss(opening);
  }

  double coreOutlet() {
    return coreOutlet;
  }

  double temperature() {
    return temperature;
  }

  double opening() {
    return opening;
  }

  /** Through the radiator, kg/s. */
  double massFlow() {
    return massFlow;
  }

  /** Capacity rate of the radiator's stream, W/K. */
  double capacity() {
    return capacity;
  }

  /** Inside of the radiator's tubes, W/(m²·K) of face; 0 with the thermostat shut. */
  double inside() {
    return inside;
  }
}
