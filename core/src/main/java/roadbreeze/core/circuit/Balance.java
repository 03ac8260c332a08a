package roadbreeze.core.circuit;

import java.util.List;
import java.util.Map;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Result;
import roadbreeze.core.explain.Step;
import roadbreeze.core.explain.Term;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.stack.Warmth;
import roadbreeze.core.vehicle.Powertrain;

/**
 * The steady state of a rig at an operating point.
 *
 * @param coolant radiator inlet, °C
 * @param coolantReturn at the engine after radiator and in-tank cooler, °C
 * @param sump transmission fluid in the pan, °C
 * @param feed fluid leaving for the coolers, °C
 * @param oilFlow that the pump sends round, m³/s
 * @param thermostatOpening 0 to 1
 * @param radiatorFlow coolant, kg/s
 * @param fanEngagement of the clutched fan, 1 if there is none
 * @param fanSpeedRatio of each fan, over its curve's reference speed
 * @param inletRise recirculated warmth of the air at the face, K
 */
public record Balance(
    Powertrain.State driveline,
    Air air,
    AirFlow airFlow,
    double coolant,
    double coolantReturn,
    double sump,
    double feed,
    double oilFlow,
    double thermostatOpening,
    double radiatorFlow,
    double fanEngagement,
    double[] fanSpeedRatio,
    double inletRise,
    HeatFlows heat,
    double[][] airTemperature,
    double[][] cellHeat,
    List<Finding> warnings) {

  Balance withWarnings(List<Finding> found) {
    return new Balance(
        driveline,
        air,
        airFlow,
        coolant,
        coolantReturn,
        sump,
        feed,
        oilFlow,
        thermostatOpening,
        radiatorFlow,
        fanEngagement,
        fanSpeedRatio,
        inletRise,
        heat,
        airTemperature,
        cellHeat,
        found);
  }

  /** How warm the air is on its way through the pack. */
  public Warmth warmth(Stack stack) {
    Warmth warmth = Warmth.even(stack, air.temperature());
    double[] stream = new double[stack.fans().size()];
    double[] sum = new double[stream.length];
    for (int p = 0; p < airTemperature.length; p++) {
      double[] t = airTemperature[p];
      for (int i = 0; i + 1 < t.length; i++) {
        warmth.core()[p][i] = (t[i] + t[i + 1]) / 2;
      }
      warmth.exit()[p] = t[t.length - 1];
      for (int fan : stack.paths().get(p).fans()) {
        double flow = airFlow.velocity()[p] * stack.paths().get(p).area();
        stream[fan] += flow;
        sum[fan] += flow * t[t.length - 1];
      }
    }
    for (int f = 0; f < stream.length; f++) {
      if (stream[f] > 0 && stack.fans().get(f).mount() != Fan.Mount.PUSHER) {
        warmth.fan()[f] = sum[f] / stream[f];
      }
    }
    return warmth;
  }

  /**
   * Where heat comes from and goes, W.
   *
   * @param fuel power in the fuel
   * @param engineToCoolant engine heat in the coolant
   * @param tank from oil to coolant in the in-tank cooler, negative where it heats the oil
   * @param coolers by id of the cooler, oil to air
   * @param others by id of the cooler, what other coolers of the pack give the air
   * @param gearboxCase oil to the air round the case
   */
  public record HeatFlows(
      double fuel,
      double brake,
      double engineToCoolant,
      double converter,
      double gearbox,
      double radiator,
      double heater,
      double tank,
      Map<String, Double> coolers,
      double gearboxCase,
      double condenser,
      double chargeAir,
      Map<String, Double> others) {

    /** What the auxiliary coolers take together. */
    public double throughCoolers() {
      return coolers.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    /** What does not balance in the coolant, W. */
    public double coolantResidual() {
      return engineToCoolant + tank - radiator - heater;
    }

    /** What does not balance in the oil, W. */
    public double oilResidual() {
      return converter + gearbox - tank - throughCoolers() - gearboxCase;
    }
  }

  /** The coolant's balance, with what went in. */
  public Step explainCoolant() {
    return new Step(
        "Q_engine + Q_tank = Q_heater + Σ ε·C_min·(T_coolant − T_air)",
        Result.COOLANT.with(coolant),
        List.of(
            Step.computed(Term.ENGINE_HEAT, heat.engineToCoolant()),
            Step.computed(Term.TANK_HEAT, heat.tank()),
            Step.computed(Term.RADIATOR_HEAT, heat.radiator()),
            Step.computed(Term.COOLANT_FLOW, radiatorFlow),
            Step.computed(Term.THERMOSTAT_OPEN, thermostatOpening)),
        "crossflow, both unmixed (Incropera); laminar entry and Gnielinski in the tubes");
  }

  /**
   * What goes into the oil, with what went in.
   *
   * @param stallTorque N·m
   */
  public Step explainOilHeat(double stallTorque) {
    return new Step(
        "Q_converter = Tp·ωe·(1 − η);  Q_gearbox = P_turbine − P_wheel/η_axle",
        Result.OIL_HEAT.with(heat.converter(), heat.gearbox()),
        List.of(
            Step.given(Term.STALL_TORQUE, stallTorque),
            Step.computed(Term.SPEED_RATIO, driveline.speedRatio())),
        "C(s) = C0·(1 − s⁴), torque ratio linear to 1 at s = 0.86");
  }

  /** The oil's balance, with what went in. */
  public Step explainSump(OilLoop loop) {
    return new Step(
        "Q_converter + Q_gearbox = Q_tank + Q_cooler + UA·(½ + ½·v/20)·(T_pan − T_air)",
        Result.PAN.with(sump),
        List.of(
            Step.computed(Term.TANK_HEAT, heat.tank()),
            Step.computed(Term.COOLER_HEAT, heat.throughCoolers()),
            Step.computed(Term.CASE_HEAT, heat.gearboxCase()),
            Step.computed(Term.OIL_FLOW, oilFlow)),
        "Manglik and Bergles (1995) or laminar entry; wall after Sieder and Tate (1936)");
  }

  /** The oil that leaves for the coolers, with what went in. */
  public Step explainFeed(OilLoop loop) {
    double capacity = oilFlow * loop.fluid().density(sump) * loop.fluid().specificHeat(sump);
    return new Step(
        "T_feed = T_pan + Q_converter/(ṁ·cp)",
        Result.FEED.with(feed),
        List.of(
            Step.computed(Term.PAN_TEMPERATURE, sump),
            Step.computed(Term.CONVERTER_HEAT, heat.converter()),
            Step.computed(Term.OIL_CAPACITY, capacity)),
        "the slip's heat is all in the oil that leaves the converter");
  }
}
