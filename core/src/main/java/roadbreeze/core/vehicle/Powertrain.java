package roadbreeze.core.vehicle;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.air.Air;
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

  /** Of a resting engine that its driver helps along; our own default. */
  private static final double FAST_IDLE_RPM = 1300;

  private static final double SPEED_STEP = 0.5;
  private static final double SPEED_TOLERANCE = 1e-4;

  /** Above first, an unlocked gear is taken only where the converter slips no more than this. */
  public static final double LEAST_SPEED_RATIO = 0.80;

  /**
   * The driveline at work.
   *
   * @param gear 1 = first, 0 = neutral
   * @param speed road speed held, m/s
   * @param slowed true where no gear holds the speed asked
   * @param speedRatio converter turbine over engine speed, 1 when locked
   * @param engineSpeed rad/s
   * @param wheelPower W
   * @param brakePower W, with everything the belts drive; negative where the hill turns the engine
   * @param converterHeat W
   * @param meshHeat of the gears, W
   * @param spinHeat that the engine pays for, W; the oil gets what its own temperature makes of it
   * @param spinAt90 the same with oil at 90 °C, W
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
      double meshHeat,
      double spinHeat,
      double spinAt90) {

    public double engineRpm() {
      return Rpm.fromRadPerSecond(engineSpeed);
    }

    private State whereSlowed(boolean so) {
      return new State(
          gear,
          speed,
          so,
          locked,
          speedRatio,
          engineSpeed,
          wheelPower,
          brakePower,
          converterHeat,
          meshHeat,
          spinHeat,
          spinAt90);
    }
  }

  /**
   * What is asked of the driveline.
   *
   * @param force at the wheels as a function of speed, N
   * @param highestGear the selector is held at; any number above the highest leaves it free
   * @param accessoryPower taken by belts as a function of engine speed, W
   * @param spinThickness of the gearbox oil, see {@link Driveline#spinThickness}
   */
  public record Task(
      DoubleUnaryOperator force,
      int highestGear,
      Air air,
      DoubleUnaryOperator accessoryPower,
      double spinThickness) {}

  /**
   * The highest gear that holds the speed, or the highest speed that a gear holds.
   *
   * @param speed asked, m/s
   * @throws NotConvergedException if the truck cannot climb at all
   */
  public State drive(Task task, double speed) {
    Optional<State> asked = holding(task, speed);
    if (asked.isPresent()) {
      return asked.get();
    }
    double tooFast = speed;
    for (double v = speed - SPEED_STEP; v > SLOWEST; v -= SPEED_STEP) {
      Optional<State> held = holding(task, v);
      if (held.isPresent()) {
        // Feasibility has no slope to follow, so the edge is found by halving.
        State best = held.get();
        double low = v;
        while (tooFast - low > SPEED_TOLERANCE) {
          double middle = (low + tooFast) / 2;
          Optional<State> between = holding(task, middle);
          if (between.isPresent()) {
            best = between.get();
            low = middle;
          } else {
            tooFast = middle;
          }
        }
        return best.whereSlowed(true);
      }
      tooFast = v;
    }
    throw Problem.NO_GEAR_PULLS.unsettled(SLOWEST);
  }

  private Optional<State> holding(Task task, double speed) {
    double asked = task.force().applyAsDouble(speed) * speed;
    double wheelPower = Math.max(0, asked);
    double most = USABLE_TORQUE * engine.greatestPower() * engine.torqueShare(task.air());
    if (wheelPower / (driveline.meshEfficiency() * driveline.axleEfficiency()) > most) {
      return Optional.empty(); // spares the slip search where power alone says no
    }
    for (int gear = Math.min(task.highestGear(), driveline.gears()); gear >= 1; gear--) {
      Turbine turbine = turbine(task, gear, wheelPower, speed);
      if (gear > 1 && !turbine.locked && !slipsLittle(turbine)) {
        continue; // spares the slip search
      }
      State state = inGear(task, turbine, Math.max(0, -asked));
      if (holds(state, task.air())) {
        return Optional.of(state);
      }
    }
    return Optional.empty();
  }

  private boolean slipsLittle(Turbine turbine) {
    return converter.slipsLess(LEAST_SPEED_RATIO, turbine.speed, turbine.power / turbine.speed);
  }

  private boolean holds(State state, Air air) {
    double rpm = state.engineRpm();
    boolean pulls =
        state.gear() == 1
            || (state.locked()
                ? rpm >= driveline.luggingRpm()
                : state.engineSpeed() >= engine.idleSpeed());
    return pulls
        && rpm <= driveline.highestRpm()
        && state.brakePower() / state.engineSpeed()
            <= USABLE_TORQUE * engine.fullLoadTorque(state.engineSpeed(), air);
  }

  /**
   * What the gearbox's input asks for in one gear.
   *
   * @param speed rad/s
   * @param mesh heat, W
   * @param spin heat, W
   * @param power with both, W
   */
  private record Turbine(
      int gear,
      boolean locked,
      double roadSpeed,
      double wheelPower,
      double speed,
      double mesh,
      double spin,
      double power) {}

  private Turbine turbine(Task task, int gear, double wheelPower, double roadSpeed) {
    double speed = roadSpeed * driveline.inputPerMetre(gear);
    double afterMesh = wheelPower / driveline.axleEfficiency();
    double spin = driveline.spinLoss(speed, task.spinThickness());
    double mesh = afterMesh / driveline.meshEfficiency() - afterMesh;
    boolean lugs = Rpm.fromRadPerSecond(speed) < driveline.luggingRpm();
    boolean locked =
        gear >= driveline.lockFromGear()
            && roadSpeed > driveline.lockAboveSpeed()
            && !(gear == 1 && lugs);
    return new Turbine(
        gear, locked, roadSpeed, wheelPower, speed, mesh, spin, afterMesh + mesh + spin);
  }

  /**
   * The state in one gear, whether or not the engine can give it.
   *
   * @param push of the hill at the wheels, W; through a locked converter it turns the engine, with
   *     the fuel cut as far as it does, and the brakes hold the rest
   */
  private State inGear(Task task, Turbine turbine, double push) {
    double turbinePower = turbine.power;
    double mesh = turbine.mesh;
    double speedRatio = 1;
    double engineSpeed = turbine.speed;
    double converterHeat = 0;
    if (!turbine.locked) {
      Converter.Slip slip = converter.slip(turbine.speed, turbinePower / turbine.speed);
      if (turbine.gear == 1 && slip.engineSpeed() < engine.idleSpeed()) {
        // The engine idles, the converter gives what it gives and the brakes hold the rest.
        slip = converter.at(turbine.speed / engine.idleSpeed(), engine.idleSpeed());
        turbinePower = slip.turbinePower();
        mesh = Math.max(0, turbinePower - turbine.spin) * (1 - driveline.meshEfficiency());
      }
      speedRatio = slip.speedRatio();
      engineSpeed = slip.engineSpeed();
      converterHeat = slip.heat();
    }
    double brake = turbinePower + converterHeat + task.accessoryPower().applyAsDouble(engineSpeed);
    if (turbine.locked) {
      double through = push * driveline.axleEfficiency() * driveline.meshEfficiency();
      brake = Math.max(-engine.frictionPower(engineSpeed), brake - through);
    }
    return new State(
        turbine.gear,
        turbine.roadSpeed,
        false,
        turbine.locked,
        speedRatio,
        engineSpeed,
        turbine.wheelPower,
        brake,
        converterHeat,
        mesh,
        turbine.spin,
        driveline.spinLoss(turbine.speed, 1));
  }

  /** How a truck stands with its engine running. */
  public enum Standing {
    /** In neutral the gearbox's input turns with the engine. */
    NEUTRAL,
    /** Held in gear the converter is stalled. */
    IN_GEAR,
    /** In neutral at a raised speed, as drivers rest an engine that is hot. */
    FAST_IDLE
  }

  /** Standing with the engine running. */
  public State standing(Standing how, DoubleUnaryOperator accessoryPower, double spinThickness) {
    boolean inGear = how == Standing.IN_GEAR;
    double idle =
        how == Standing.FAST_IDLE
            ? Math.max(engine.idleSpeed(), Rpm.toRadPerSecond(FAST_IDLE_RPM))
            : engine.idleSpeed();
    Converter.Slip stalled = converter.at(0, idle);
    double converterHeat = inGear ? stalled.heat() : 0;
    double spin = inGear ? 0 : driveline.spinLoss(idle, spinThickness);
    return new State(
        inGear ? 1 : 0,
        0,
        false,
        false,
        inGear ? 0 : 1,
        idle,
        0,
        converterHeat + spin + accessoryPower.applyAsDouble(idle),
        converterHeat,
        0,
        spin,
        inGear ? 0 : driveline.spinLoss(idle, 1));
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
        "first gear from the top under 95 % of the torque that the air leaves (ISO 1585), locked above"
            + " lugging or slipping no more than s = 0.80");
  }
}
