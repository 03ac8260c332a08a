package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OilLoop;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.explain.Code;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.vehicle.RoadLoad;

/** What ten per cent more of each thing would buy: the ground for saying which one limits. */
public final class Levers {
  /** m/s */
  private static final double SAME_SPEED = 0.05;

  private Levers() {}

  /** A thing that can be had more of. */
  public enum Kind implements Code {
    /** Fan pressure and ram pressure both up by a fifth: about ten per cent more air. */
    AIR,
    /** Overall conductance of every core. */
    CORE,
    /** Flow of transmission fluid. */
    OIL_FLOW,
    /** Combined mass, ten per cent less. */
    MASS,
    /** Road speed, ten per cent less. */
    SPEED,
    /** Heat of the slipping converter, ten per cent less. */
    SLIP,
    /** Heat of condenser and charge-air cooler in the radiator's air, ten per cent less. */
    PREHEAT;
  }

  /**
   * @param coolant change of coolant temperature, K
   * @param feed change of oil feed, K
   * @param pan change of the pan, K
   */
  public record Effect(Kind kind, double coolant, double feed, double pan) {
    /** Change of one of the three, K. */
    public double on(Fluid fluid) {
      return switch (fluid) {
        case COOLANT -> coolant;
        case FEED -> feed;
        case PAN -> pan;
      };
    }
  }

  /**
   * What the selector held one gear lower would do; costs nothing but fuel and noise.
   *
   * @param coolant change of coolant temperature, K
   * @param feed change of oil feed, K
   * @param pan change of the pan, K
   * @param fuel change of the fuel burnt, relative
   */
  public record LowerGear(int gear, double coolant, double feed, double pan, double fuel) {}

  /** Where the converter slips above first and the lower gear holds the same speed. */
  public static Optional<LowerGear> lowerGear(Rig rig, OperatingPoint point, Balance now) {
    int gear = now.driveline().gear() - 1;
    if (now.driveline().locked() || gear < 1) {
      return Optional.empty();
    }
    Balance held;
    try {
      held = new SteadyBalance(rig).quiet().solve(point.heldIn(gear));
    } catch (NotConvergedException e) {
      return Optional.empty();
    }
    if (held.driveline().speed() < now.driveline().speed() - SAME_SPEED) {
      return Optional.empty();
    }
    return Optional.of(
        new LowerGear(
            gear,
            held.coolant() - now.coolant(),
            held.feed() - now.feed(),
            held.sump() - now.sump(),
            held.heat().fuel() / now.heat().fuel() - 1));
  }

  /** Effects in the order of {@link Kind}, against the balance as it stands. */
  public static List<Effect> of(Rig rig, OperatingPoint point, Balance now) {
    List<Effect> effects = new ArrayList<>();
    SteadyBalance near = new SteadyBalance(rig).quiet();
    near.solve(point);
    for (Kind kind : Kind.values()) {
      Balance then =
          switch (kind) {
            // Flow goes about with the root of pressure: 1.21 gives ten per cent.
            case AIR ->
                near.continuedWith(
                        Factors.NOMINAL.with(Factor.RAM, 1.21).with(Factor.FAN_PRESSURE, 1.21))
                    .solve(point);
            case CORE -> solve(near, Factor.CORE_CONDUCTANCE, 1.1, point);
            case SLIP -> solve(near, Factor.CONVERTER_HEAT, 0.9, point);
            case PREHEAT -> solve(near, Factor.FRONT_HEAT, 0.9, point);
            case OIL_FLOW -> near.continuedWith(withOilFlow(rig, 1.1)).solve(point);
            case MASS -> near.continuedWith(withMass(rig, 0.9)).solve(point);
            case SPEED -> near.copy().solve(slower(point, now));
          };
      effects.add(
          new Effect(
              kind,
              then.coolant() - now.coolant(),
              then.feed() - now.feed(),
              then.sump() - now.sump()));
    }
    return effects;
  }

  private static Balance solve(
      SteadyBalance near, Factor factor, double value, OperatingPoint point) {
    return near.continuedWith(Factors.NOMINAL.with(factor, value)).solve(point);
  }

  private static Rig withOilFlow(Rig rig, double factor) {
    OilLoop loop = rig.oilLoop();
    return rig.withOilLoop(loop.with(loop.circuit().withPumpScaled(factor), loop.stages()));
  }

  private static Rig withMass(Rig rig, double factor) {
    return rig.withMass(Math.max(RoadLoad.MASS.low(), rig.load().mass() * factor));
  }

  private static OperatingPoint slower(OperatingPoint point, Balance now) {
    double speed = Math.max(OperatingPoint.SPEED.low(), 0.9 * now.driveline().speed());
    return point.withSpeed(speed);
  }
}
