package roadbreeze.core.vehicle;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.explain.Result;
import roadbreeze.core.explain.Step;
import roadbreeze.core.explain.Term;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.problem.Problem;

/** Engine, converter and driveline together: which gear, which speed, which heat. */
public record Powertrain(Engine engine, Converter converter, Driveline driveline) {
  /** Share of full-load torque that a climb may ask before the gearbox shifts down. */
  public static final double USABLE_TORQUE = 0.95;

  /** Slower than this is not driving but crawling, m/s. */
  public static final double SLOWEST = 1.4;

  private static final double SPEED_STEP = 0.5;
  private static final double SPEED_TOLERANCE = 1e-4;

  /**
   * The driveline at work.
   *
   * @param gear 1 = first
   * @param speed road speed held, m/s
   * @param slowed true where no gear holds the speed asked
   * @param speedRatio converter turbine over engine speed, 1 when locked
   * @param engineSpeed rad/s
   * @param wheelPower W
   * @param brakePower W, with everything the belts drive
   * @param converterHeat W
   * @param gearboxHeat W, mesh and spin
   */
  public record State(
      int gear,
      double speed,
      boolean slowed,
      boolean locked,
      double speedRatio,
      double engineSpeed,
      double wheelPower,
      double brakePower,
      double converterHeat,
      double gearboxHeat) {

    public double engineRpm() {
      return Rpm.fromRadPerSecond(engineSpeed);
    }
  }

  /**
   * The highest gear that holds the speed, or the highest speed that a gear holds.
   *
   * @param force at the wheels as a function of speed, N
   * @param speed asked, m/s
   * @param accessoryPower taken by belts as a function of engine speed, W
   * @throws NotConvergedException if the truck cannot climb at all
   */
  public State drive(
      DoubleUnaryOperator force,
      double speed,
      double airDensity,
      DoubleUnaryOperator accessoryPower) {
    Optional<State> asked = holding(force, speed, airDensity, accessoryPower, false);
    if (asked.isPresent()) {
      return asked.get();
    }
    double tooFast = speed;
    for (double v = speed - SPEED_STEP; v > SLOWEST; v -= SPEED_STEP) {
      Optional<State> held = holding(force, v, airDensity, accessoryPower, true);
      if (held.isPresent()) {
        // Feasibility has no slope to follow, so the edge is found by halving.
        State best = held.get();
        double low = v;
        while (tooFast - low > SPEED_TOLERANCE) {
          double middle = (low + tooFast) / 2;
          Optional<State> try_ = holding(force, middle, airDensity, accessoryPower, true);
          if (try_.isPresent()) {
            best = try_.get();
            low = middle;
          } else {
            tooFast = middle;
          }
        }
        return best;
      }
      tooFast = v;
    }
    throw Problem.NO_GEAR_PULLS.unsettled(SLOWEST);
  }

  private Optional<State> holding(
      DoubleUnaryOperator force,
      double speed,
      double airDensity,
      DoubleUnaryOperator accessoryPower,
      boolean slowed) {
    double wheelPower = Math.max(0, force.applyAsDouble(speed) * speed);
    double most = USABLE_TORQUE * engine.greatestPower() * engine.derating(airDensity);
    if (wheelPower / (driveline.meshEfficiency() * driveline.axleEfficiency()) > most) {
      return Optional.empty(); // spares the slip search where power alone says no
    }
    for (int gear = driveline.gearRatios().size(); gear >= 1; gear--) {
      State state = inGear(gear, wheelPower, speed, accessoryPower, slowed);
      if (holds(state, airDensity)) {
        return Optional.of(state);
      }
    }
    return Optional.empty();
  }

  private boolean holds(State state, double airDensity) {
    double rpm = state.engineRpm();
    boolean mayCreep = state.gear() == 1 && !state.locked();
    return rpm <= driveline.highestRpm()
        && (mayCreep || rpm >= driveline.luggingRpm())
        && state.brakePower() / state.engineSpeed()
            <= USABLE_TORQUE * engine.fullLoadTorque(state.engineSpeed(), airDensity);
  }

  /** The state in one gear, whether or not the engine can give it. */
  State inGear(
      int gear,
      double wheelPower,
      double speed,
      DoubleUnaryOperator accessoryPower,
      boolean slowed) {
    double turbineSpeed = speed * driveline.inputPerMetre(gear);
    double afterMesh = wheelPower / driveline.axleEfficiency();
    double turbinePower = afterMesh / driveline.meshEfficiency() + driveline.spinLoss(turbineSpeed);
    boolean locked = gear >= driveline.lockFromGear() && speed > driveline.lockAboveSpeed();
    double speedRatio = 1;
    double engineSpeed = turbineSpeed;
    double converterHeat = 0;
    if (!locked) {
      Converter.Slip slip = converter.slip(turbineSpeed, turbinePower / turbineSpeed);
      speedRatio = slip.speedRatio();
      engineSpeed = slip.engineSpeed();
      converterHeat = slip.heat();
    }
    return new State(
        gear,
        speed,
        slowed,
        locked,
        speedRatio,
        engineSpeed,
        wheelPower,
        turbinePower + converterHeat + accessoryPower.applyAsDouble(engineSpeed),
        converterHeat,
        turbinePower - afterMesh);
  }

  /**
   * A driveline at work, with what went in.
   *
   * @param accessoryPower with the air conditioning where it runs, W
   */
  public Step explain(State state, double accessoryPower) {
    return new Step(
        "P_brake = P_wheel/(η_axle·η_mesh) + spin + slip + accessories",
        Result.BRAKE_POWER.with(state.brakePower(), state.engineRpm()),
        List.of(
            Step.computed(
                Term.GEAR,
                (state.locked() ? Result.GEAR_LOCKED : Result.GEAR_SLIPPING).with(state.gear())),
            Step.computed(Term.SPEED_RATIO, state.speedRatio()),
            Step.given(Term.MESH_EFFICIENCY, driveline.meshEfficiency()),
            Step.given(Term.AXLE_EFFICIENCY, driveline.axleEfficiency()),
            Step.given(Term.ACCESSORIES, accessoryPower)),
        "highest gear under 95 % of the derated full-load torque");
  }
}
