package roadbreeze.core.circuit;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.problem.Problem;

/**
 * The state at which a heat exchange closes: the coolant temperature is sought with the sump
 * temperature solved inside it.
 */
final class HeatNetwork {
  /** Relative to the heat turned over; a hundred times closer than the balance is promised. */
  private static final double COOLANT_TOLERANCE = 1e-8;

  private static final double OIL_TOLERANCE = 1e-9;
  private static final double COOLANT_STEP = 1.0;
  private static final double OIL_STEP = 0.5;
  private static final int MAX_EVALUATIONS = 300;

  private final HeatExchange exchange;
  private final double ambient;
  private final double recirculation;
  private final Guess coolantGuess;
  private final Guess sumpGuess;
  private double sump;

  /**
   * @param recirculation share of the exit air's rise that comes back to the face
   */
  HeatNetwork(
      HeatExchange exchange,
      double ambient,
      double recirculation,
      Guess coolantGuess,
      Guess sumpGuess) {
    this.exchange = exchange;
    this.ambient = ambient;
    this.recirculation = recirculation;
    this.coolantGuess = coolantGuess;
    this.sumpGuess = sumpGuess;
  }

  /** Leaves the exchange at the state found. */
  Balance solve(double engagement) {
    if (exchange.airCapacity() <= 0) {
      throw Problem.NO_AIR.unsettled(exchange.engineHeat() + exchange.oilInput());
    }
    double coolant =
        coolantGuess.refined(
            this::coolantResidual,
            COOLANT_STEP,
            COOLANT_TOLERANCE,
            ambient - 1,
            SteadyBalance.COOLANT_CEILING);
    if (Double.isNaN(coolant)) {
      if (coolantResidual(SteadyBalance.COOLANT_CEILING) > 0) {
        throw Problem.COOLANT_UNBOUND.unsettled(
            SteadyBalance.COOLANT_CEILING, exchange.engineHeat());
      }
      coolant =
          new BracketingNthOrderBrentSolver(1e-14, 1e-10, COOLANT_TOLERANCE / 10, 5)
              .solve(
                  MAX_EVALUATIONS, this::coolantResidual, ambient, SteadyBalance.COOLANT_CEILING);
      coolantGuess.moveTo(coolant);
    }
    coolantResidual(coolant); // leaves the exchange at the root
    if (sump >= SteadyBalance.OIL_CEILING) {
      throw Problem.OIL_UNBOUND.unsettled(exchange.oilInput());
    }
    return exchange.result(sump, engagement);
  }

  /** Heat left over in the coolant at a trial temperature, relative to the engine's; falls. */
  private double coolantResidual(double coolant) {
    exchange.setCoolant(coolant);
    sump = sumpFor(coolant);
    double toAir = exchange.radiatorHeat();
    return (exchange.engineHeat() + exchange.tankHeat() - toAir - exchange.heaterHeat())
        / exchange.engineHeat();
  }

  private double sumpFor(double coolant) {
    double low = ambient - 1;
    double near =
        sumpGuess.refined(
            t -> oilResidual(coolant, t),
            OIL_STEP,
            OIL_TOLERANCE,
            low,
            SteadyBalance.COOLANT_CEILING);
    if (!Double.isNaN(near)) {
      return near;
    }
    if (oilResidual(coolant, low) <= 0) {
      return low; // reached only by trial states far from the root
    }
    if (oilResidual(coolant, SteadyBalance.OIL_CEILING) > 0) {
      return SteadyBalance.OIL_CEILING; // a trial state, or a rig that solve() refuses
    }
    double root =
        new BracketingNthOrderBrentSolver(1e-14, 1e-11, OIL_TOLERANCE / 10, 5)
            .solve(MAX_EVALUATIONS, t -> oilResidual(coolant, t), low, SteadyBalance.OIL_CEILING);
    oilResidual(coolant, root);
    sumpGuess.moveTo(root);
    return root;
  }

  /** Heat left over in the oil at a trial sump temperature, relative to its input; falls. */
  private double oilResidual(double coolant, double trialSump) {
    double input = exchange.oilInput();
    // In the steady state the recirculated warmth follows without iteration; exact at the root.
    double rise = exchange.risen(recirculation, exchange.steadyHeatToAir(trialSump));
    double removed =
        exchange.passOil(
            trialSump, rise, (oil, exchanged) -> radiatorOutlet(coolant, oil, exchanged));
    return (input - removed - exchange.caseHeat(trialSump)) / input;
  }

  /**
   * Temperature of the coolant leaving the radiator, which in the steady state follows from the
   * engine's heat: {@code C·(T_c − T_o) = Q_engine − Q_heater + k·(T_oil − T_o)}, °C.
   */
  private double radiatorOutlet(double coolant, double oil, double exchanged) {
    double capacity = exchange.coolantCapacity();
    if (exchanged >= capacity) {
      return ambient; // only trial states with a hardly open thermostat
    }
    double toRadiator = exchange.engineHeat() - exchange.heaterHeat();
    return Math.max(
        ambient,
        (coolant - (toRadiator + exchanged * oil) / capacity) / (1 - exchanged / capacity));
  }
}
