package roadbreeze.core.circuit;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.Powertrain;

/**
 * The steady heat balance of one rig, at one operating point after another.
 *
 * <p>Order of solution: driveline → air through the pack → coolant temperature (bracketed), with
 * the sump temperature (bracketed) solved inside it. A clutched fan puts one more bracket round all
 * of it, as its engagement depends on the temperatures it causes. Every bracket is closed on a
 * residual that falls steadily with its unknown, so the root is single.
 *
 * <p>Falling residuals also let a secant from the last answer be tried first: where it lands within
 * the tolerance it has found that single root, and where it does not the bracket follows.
 *
 * <p>Not thread-safe: it remembers the last driveline state, air flow and temperatures, which
 * neighbouring points share. Make one per thread.
 */
public final class SteadyBalance {
  /** Coolant temperatures are sought up to here, °C. */
  public static final double COOLANT_CEILING = 400;

  /** Oil that only its case cools can come out very hot; sought up to here, °C. */
  public static final double OIL_CEILING = 1200;

  /** Past these a result is no temperature any more, °C. */
  public static final double OIL_BEYOND = 250;

  public static final double COOLANT_BEYOND = 180;

  /** Moves no temperature by more than a ten-thousandth of a kelvin. */
  private static final double ENGAGEMENT_TOLERANCE = 1e-7;

  private static final double ENGAGEMENT_STEP = 0.05;

  private static final int MAX_EVALUATIONS = 300;

  private final Rig rig;
  private final Factors factors;
  private final int clutchedFan;

  private Air air;
  private double altitude = Double.NaN;
  private PackAir packAir;
  private OperatingPoint drivenPoint;
  private double drivenEngagement = Double.NaN;
  private Powertrain.State drivelineState;
  private Balance settled;
  private double restedAt = Double.NaN;
  private final Guess engagementGuess;
  private final Guess coolantGuess;
  private final Guess sumpGuess;
  private boolean quiet;

  public SteadyBalance(Rig rig, Factors factors) {
    this.rig = rig;
    this.factors = factors;
    int found = -1;
    for (int i = 0; i < rig.fanSettings().size(); i++) {
      if (rig.fanSettings().get(i).drive() instanceof FanDrive.Clutched) {
        found = i;
      }
    }
    clutchedFan = found;
    engagementGuess =
        new Guess(found < 0 ? 1 : (clutch().belt().released() + clutch().belt().full()) / 2);
    // A hard climb ends a little past the open thermostat: the first guess of both loops.
    coolantGuess = new Guess(rig.coolantLoop().thermostat().fullOpen() + 5);
    sumpGuess = new Guess(rig.coolantLoop().thermostat().fullOpen() + 5);
  }

  public SteadyBalance(Rig rig) {
    this(rig, Factors.NOMINAL);
  }

  /** Leaves the warnings out, whose sentences cost a search more than its arithmetic. */
  public SteadyBalance quiet() {
    quiet = true;
    return this;
  }

  /**
   * A solver for another rig that starts from what this one has found: its temperatures as a first
   * guess, its driveline and air flow where the rigs share load, powertrain, stack and fans.
   */
  public SteadyBalance continuedWith(Rig next) {
    SteadyBalance other = new SteadyBalance(next, factors);
    other.air = air;
    other.altitude = altitude;
    other.coolantGuess.take(coolantGuess);
    other.sumpGuess.take(sumpGuess);
    if (clutchedFan >= 0 && other.clutchedFan >= 0) {
      other.engagementGuess.take(engagementGuess);
      other.restedAt = restedAt;
    }
    other.quiet = quiet;
    if (next.load().equals(rig.load())
        && next.powertrain() == rig.powertrain()
        && next.accessories().equals(rig.accessories())
        && next.fanSettings().equals(rig.fanSettings())) {
      other.drivenPoint = drivenPoint;
      other.drivenEngagement = drivenEngagement;
      other.drivelineState = drivelineState;
      if (next.stack() == rig.stack()) {
        other.packAir = packAir;
      }
    }
    return other;
  }

  /**
   * @return the settled state; energy closes to 1e-6 of the heat turned over
   * @throws NotConvergedException if the truck cannot climb there or the heat cannot be shed
   */
  public Balance solve(OperatingPoint point) {
    Balance balance = clutchedFan < 0 ? settle(point, 1) : withClutchAtRest(point);
    return quiet ? balance : balance.withWarnings(Warnings.of(rig, point, balance));
  }

  /**
   * The balance in which the clutched fan grips as its own temperatures ask. A grip that cools what
   * it senses: wanted minus actual engagement falls steadily, so it rests at one place, or at an
   * end.
   */
  private Balance withClutchAtRest(OperatingPoint point) {
    double released = clutch().belt().released();
    double full = clutch().belt().full();
    // Where it last came to rest is the likeliest place again.
    if (restedAt == full && surplus(point, full) >= 0
        || restedAt == released && surplus(point, released) <= 0) {
      return settled;
    }
    double near =
        engagementGuess.refined(
            e -> surplus(point, e), ENGAGEMENT_STEP, ENGAGEMENT_TOLERANCE, released, full);
    if (!Double.isNaN(near)) {
      restedAt = near;
    } else if (surplus(point, released) <= 0) {
      restedAt = released;
    } else if (surplus(point, full) >= 0) {
      restedAt = full;
    } else {
      restedAt =
          new BracketingNthOrderBrentSolver(1e-12, ENGAGEMENT_TOLERANCE, 1e-9, 5)
              .solve(MAX_EVALUATIONS, e -> surplus(point, e), released, full);
      engagementGuess.moveTo(restedAt);
      surplus(point, restedAt);
    }
    return settled;
  }

  private FanDrive.Clutched clutch() {
    return (FanDrive.Clutched) rig.fanSettings().get(clutchedFan).drive();
  }

  /** Engagement wanted over a trial one; leaves its balance settled. */
  private double surplus(OperatingPoint point, double engagement) {
    settled = settle(point, engagement);
    return clutch()
            .engagement(airBehindRadiator(settled), settled.coolant(), point.airConditioning())
        - engagement;
  }

  /** Mixed air temperature behind the radiator, where a bimetal clutch feels it, °C. */
  private double airBehindRadiator(Balance balance) {
    Stack stack = rig.stack();
    double flow = 0;
    double sum = 0;
    for (int p = 0; p < stack.paths().size(); p++) {
      int place = stack.paths().get(p).layers().indexOf(stack.radiator());
      if (place >= 0) {
        double share = stack.paths().get(p).area() * balance.airFlow().velocity()[p];
        flow += share;
        sum += share * balance.airTemperature()[p][place + 1];
      }
    }
    return flow > 0 ? sum / flow : balance.coolant();
  }

  private Balance settle(OperatingPoint point, double engagement) {
    HeatExchange exchange = exchange(point, engagement);
    return new HeatNetwork(
            exchange,
            point.ambient(),
            rig.stack().recirculationAt(drivelineState.speed()),
            coolantGuess,
            sumpGuess)
        .solve(engagement);
  }

  /** Driveline and air of a point, and what they leave coolant and oil to exchange. */
  HeatExchange exchange(OperatingPoint point, double engagement) {
    takeAir(point);
    Accessories accessories = rig.accessories();
    double fixed =
        accessories.basePower()
            + (point.airConditioning() ? accessories.airConditioningPower() : 0);
    DoubleUnaryOperator belts =
        clutchedFan < 0
            ? engineSpeed -> fixed
            : engineSpeed -> fixed + clutch().belt().power(engineSpeed, gripOf(engagement));
    Powertrain.State driveline = drivelineState;
    if (!point.equals(drivenPoint) || engagement != drivenEngagement) {
      driveline =
          rig.powertrain()
              .drive(
                  speed ->
                      rig.load()
                          .force(
                              point.grade(), speed, air.density(), factors.get(Factor.DRAG_AREA)),
                  point.speed(),
                  air.density(),
                  belts);
      drivenPoint = point;
      drivenEngagement = engagement;
      drivelineState = driveline;
    }
    return new HeatExchange(rig, factors, point, driveline, packAir(driveline, engagement));
  }

  private void takeAir(OperatingPoint point) {
    if (air == null || air.temperature() != point.ambient() || altitude != point.altitude()) {
      air = Air.at(point.ambient(), point.altitude());
      altitude = point.altitude();
      drivenPoint = null;
    }
  }

  private double gripOf(double engagement) {
    return engagement * rig.fanSettings().get(clutchedFan).condition();
  }

  private PackAir packAir(Powertrain.State driveline, double engagement) {
    double[] ratio = new double[rig.fanSettings().size()];
    for (int f = 0; f < ratio.length; f++) {
      FanSetting setting = rig.fanSettings().get(f);
      if (setting.drive() instanceof FanDrive.Electric electric) {
        ratio[f] = electric.speedRatio() * setting.condition();
      } else {
        ratio[f] = clutch().belt().speedRatio(driveline.engineSpeed(), gripOf(engagement));
      }
    }
    if (packAir == null || !packAir.isAt(air, driveline.speed(), ratio)) {
      packAir = PackAir.of(rig.stack(), air, driveline.speed(), ratio, factors);
    }
    return packAir;
  }
}
