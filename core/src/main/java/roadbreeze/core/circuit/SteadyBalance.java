package roadbreeze.core.circuit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.exchanger.Effectiveness;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
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

  private static final double ENGAGEMENT_TOLERANCE = 1e-9;

  /** Relative to the heat turned over; a hundred times closer than the balance is promised. */
  private static final double COOLANT_TOLERANCE = 1e-8;

  private static final double OIL_TOLERANCE = 1e-9;
  private static final int MAX_SECANTS = 8;
  private static final int MAX_EVALUATIONS = 300;

  private final Rig rig;
  private final Factors factors;
  private final int clutchedFan;
  private final BracketingNthOrderBrentSolver solver =
      new BracketingNthOrderBrentSolver(1e-14, 1e-10, 1e-9, 5);
  private final BracketingNthOrderBrentSolver innerSolver =
      new BracketingNthOrderBrentSolver(1e-14, 1e-11, 1e-10, 5);

  private Air air;
  private double altitude = Double.NaN;
  private double airSpeed = Double.NaN;
  private double[] airSpeedRatio = {};
  private AirFlow airFlow;

  /** Air-side conductance of the air flow, by path and place in the path, W/K. */
  private double[][] airConductance;

  private OperatingPoint drivenPoint;
  private double drivenEngagement = Double.NaN;
  private Powertrain.State drivelineState;
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
    // A hard climb ends a little past the open thermostat: the first guess of both loops.
    coolantGuess = new Guess(rig.coolantLoop().thermostat().fullOpen() + 5);
    sumpGuess = new Guess(coolantGuess.at);
  }

  /** Where a root was last found, and how steeply its residual fell there. */
  private static final class Guess {
    private double at;
    private double slope = Double.NaN;

    Guess(double at) {
      this.at = at;
    }

    void take(Guess other) {
      at = other.at;
      slope = other.slope;
    }
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
    other.quiet = quiet;
    if (next.load().equals(rig.load())
        && next.powertrain() == rig.powertrain()
        && next.accessories().equals(rig.accessories())
        && next.fanSettings().equals(rig.fanSettings())) {
      other.drivenPoint = drivenPoint;
      other.drivenEngagement = drivenEngagement;
      other.drivelineState = drivelineState;
      if (next.stack() == rig.stack()) {
        other.airSpeed = airSpeed;
        other.airSpeedRatio = airSpeedRatio;
        other.airFlow = airFlow;
        other.airConductance = airConductance;
      }
    }
    return other;
  }

  /**
   * @return the settled state; energy closes to 1e-6 of the heat turned over
   * @throws NotConvergedException if the truck cannot climb there or the heat cannot be shed
   */
  public Balance solve(OperatingPoint point) {
    if (air == null || air.temperature() != point.ambient() || altitude != point.altitude()) {
      air = Air.at(point.ambient(), point.altitude());
      altitude = point.altitude();
      airFlow = null;
      drivenPoint = null;
    }
    if (clutchedFan < 0) {
      return settle(point, 1);
    }
    FanDrive.Clutched clutch = clutch();
    double released = clutch.belt().released();
    double full = clutch.belt().full();
    // A grip that cools what it senses: wanted minus actual engagement falls steadily.
    if (surplus(point, clutch, released) <= 0) {
      return settle(point, released);
    }
    if (surplus(point, clutch, full) >= 0) {
      return settle(point, full);
    }
    double engagement =
        new BracketingNthOrderBrentSolver(1e-12, ENGAGEMENT_TOLERANCE, 1e-9, 5)
            .solve(MAX_EVALUATIONS, e -> surplus(point, clutch, e), released, full);
    return settle(point, engagement);
  }

  private FanDrive.Clutched clutch() {
    return (FanDrive.Clutched) rig.fanSettings().get(clutchedFan).drive();
  }

  private double surplus(OperatingPoint point, FanDrive.Clutched clutch, double engagement) {
    Balance balance = settle(point, engagement);
    double behind = airBehindRadiator(balance);
    return clutch.engagement(behind, balance.coolant(), point.airConditioning()) - engagement;
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
                      rig.load().force(point.grade(), speed, air.density(), factors.dragArea()),
                  point.speed(),
                  air.density(),
                  belts);
      drivenPoint = point;
      drivenEngagement = engagement;
      drivelineState = driveline;
    }
    AirFlow flow = airFlow(driveline, engagement);
    return new Network(point, driveline, flow, engagement).solve();
  }

  private double gripOf(double engagement) {
    return engagement * rig.fanSettings().get(clutchedFan).condition();
  }

  private AirFlow airFlow(Powertrain.State driveline, double engagement) {
    double[] ratio = new double[rig.fanSettings().size()];
    for (int f = 0; f < ratio.length; f++) {
      FanSetting setting = rig.fanSettings().get(f);
      if (setting.drive() instanceof FanDrive.Electric electric) {
        ratio[f] = electric.speedRatio() * setting.condition();
      } else {
        ratio[f] = clutch().belt().speedRatio(driveline.engineSpeed(), gripOf(engagement));
      }
    }
    if (airFlow == null || airSpeed != driveline.speed() || !Arrays.equals(airSpeedRatio, ratio)) {
      airFlow =
          AirFlow.solve(
              rig.stack(), air, driveline.speed(), ratio, factors.ram(), factors.fanPressure());
      airConductance = airConductance(airFlow);
      airSpeed = driveline.speed();
      airSpeedRatio = ratio;
    }
    return airFlow;
  }

  private double[][] airConductance(AirFlow flow) {
    Stack stack = rig.stack();
    double[][] conductance = new double[stack.paths().size()][];
    for (int p = 0; p < conductance.length; p++) {
      int[] through = stack.layersOf(p);
      double area = stack.paths().get(p).area();
      conductance[p] = new double[through.length];
      for (int i = 0; i < through.length; i++) {
        Layer layer = stack.layers().get(through[i]);
        boolean heatIsSet =
            layer.role() instanceof LayerRole.Condenser
                || layer.role() instanceof LayerRole.ChargeAirCooler;
        if (!heatIsSet) {
          double open = 1 - layer.blockedFraction();
          conductance[p][i] =
              layer.fin().conductance(flow.velocityAt(p, i) / open, air) * open * area;
        }
      }
    }
    return conductance;
  }

  /** The two loops at one driveline state and one air flow, reduced to arrays for speed. */
  private final class Network {
    private final OperatingPoint point;
    private final Powertrain.State driveline;
    private final AirFlow flow;
    private final double engagement;

    private final int pathCount = rig.stack().paths().size();
    private final int layerCount = rig.stack().layers().size();
    private final int radiator = rig.stack().radiator();

    /** True for paths that recirculated air does not reach. */
    private final boolean[] apart = new boolean[pathCount];

    /** Area of each path, m². */
    private final double[] areas = new double[pathCount];

    /** Layers of each path, front to back. */
    private final int[][] layers = new int[pathCount][];

    /** Air capacity rate of each path, W/K. */
    private final double[] capacity = new double[pathCount];

    /** Capacity rate of the air that passes through the first core of each path, W/K. */
    private final double[] frontCapacity = new double[pathCount];

    /** Air-side conductance by path and place in the path, W/K. */
    private final double[][] airConductance = SteadyBalance.this.airConductance;

    /** Area of a path within a layer over the layer's wetted area. */
    private final double[] wetted = new double[layerCount];

    /** Air temperature before each place of a path, and after the last. */
    private final double[][] temperature = new double[pathCount][];

    /** Heat given to air by each place of a path, W. */
    private final double[][] given = new double[pathCount][];

    /** Air warming by a layer of set heat, K. */
    private final double[] setRise = new double[layerCount];

    private final double totalCapacity;
    private final double engineHeat;
    private final double fuelPower;
    private final double converterHeat;
    private final double chargeHeat;
    private final double condenserHeat;
    private final boolean oneCooler;

    /** True where an oil cooler stands behind the radiator and takes its warmed air. */
    private final boolean behindRadiator;

    private final int[][] stageLayer;
    private final double[] coolerHeat = new double[layerCount];
    private double oilCapacity;
    private double tankHeat;
    private double caseHeat;
    private double feed;
    private double rise;
    private double coolantCapacity;

    /** Coolant side of the radiator, W/(m²·K) of face; 0 with the thermostat shut. */
    private double radiatorInside;

    private double sump;

    Network(OperatingPoint point, Powertrain.State driveline, AirFlow flow, double engagement) {
      this.point = point;
      this.driveline = driveline;
      this.flow = flow;
      this.engagement = engagement;
      Stack stack = rig.stack();
      double[] layerCapacity = new double[layerCount];
      double capacitySum = 0;
      for (int p = 0; p < pathCount; p++) {
        int[] through = stack.layersOf(p);
        double area = stack.paths().get(p).area();
        layers[p] = through;
        areas[p] = area;
        apart[p] = stack.apart(p);
        double perVelocity = air.density() * area * Air.SPECIFIC_HEAT;
        capacity[p] = perVelocity * flow.velocity()[p];
        frontCapacity[p] = perVelocity * flow.frontVelocity()[p];
        capacitySum += apart[p] ? 0 : capacity[p];
        temperature[p] = new double[through.length + 1];
        given[p] = new double[through.length];
        for (int i = 0; i < through.length; i++) {
          int layerIndex = through[i];
          wetted[layerIndex] += area;
          layerCapacity[layerIndex] += capacity[p];
        }
      }
      totalCapacity = capacitySum;
      fuelPower =
          rig.powertrain().engine().fuelPower(driveline.brakePower(), driveline.engineSpeed());
      engineHeat =
          rig.powertrain().engine().kind().coolantShare() * factors.coolantShare() * fuelPower;
      converterHeat = factors.converterHeat() * driveline.converterHeat();
      chargeHeat =
          factors.frontHeat()
              * rig.chargeAir().map(c -> c.heat(fuelPower, point.ambient())).orElse(0.0);
      condenserHeat =
          point.airConditioning() ? factors.frontHeat() * rig.accessories().condenserHeat() : 0;
      for (int k = 0; k < layerCount; k++) {
        LayerRole role = stack.layers().get(k).role();
        double heat =
            role instanceof LayerRole.Condenser
                ? condenserHeat
                : role instanceof LayerRole.ChargeAirCooler ? chargeHeat : 0;
        // Still air would make the rise infinite; with no flow there is no balance anyway.
        setRise[k] = layerCapacity[k] > 0 ? heat / layerCapacity[k] : 0;
      }
      List<OilStage> stages = rig.oilLoop().stages();
      stageLayer = new int[stages.size()][];
      int coolers = 0;
      for (int s = 0; s < stages.size(); s++) {
        stageLayer[s] = new int[stages.get(s).branches().size()];
        for (int b = 0; b < stageLayer[s].length; b++) {
          OilElement element = stages.get(s).branches().get(b).element();
          stageLayer[s][b] =
              element instanceof OilElement.PackCooler cooler ? indexOf(cooler.layer()) : -1;
          coolers += stageLayer[s][b] >= 0 ? 1 : 0;
        }
      }
      oneCooler = coolers <= 1;
      boolean behind = false;
      for (int k = stack.radiator() + 1; k < layerCount; k++) {
        behind |= stack.layers().get(k).role() instanceof LayerRole.OilCooler;
      }
      behindRadiator = behind;
    }

    private int indexOf(String layerName) {
      List<Layer> all = rig.stack().layers();
      for (int k = 0; k < all.size(); k++) {
        if (all.get(k).name().equals(layerName)) {
          return k;
        }
      }
      throw new IllegalArgumentException("no layer is called " + layerName);
    }

    Balance solve() {
      double floor = point.ambient();
      if (totalCapacity <= 0) {
        throw new NotConvergedException(
            "no air moves through the pack: no ram air and no fan to shed "
                + kilowatts(engineHeat + converterHeat + driveline.gearboxHeat()));
      }
      double coolant = secant(this::coolantResidual, coolantGuess, 1.0, COOLANT_TOLERANCE);
      if (Double.isNaN(coolant)) {
        if (coolantResidual(COOLANT_CEILING) > 0) {
          throw new NotConvergedException(
              "the coolant finds no balance below %.0f °C: %s cannot be shed"
                  .formatted(COOLANT_CEILING, kilowatts(engineHeat)));
        }
        coolant = solver.solve(MAX_EVALUATIONS, this::coolantResidual, floor, COOLANT_CEILING);
      }
      coolantGuess.at = coolant;
      coolantResidual(coolant); // leaves all fields at the root
      if (sump >= OIL_CEILING) {
        throw new NotConvergedException(
            "the gearbox oil finds no balance: nothing takes its "
                + kilowatts(converterHeat + driveline.gearboxHeat()));
      }
      return result(coolant);
    }

    /**
     * A root near a guess, or NaN. Only a residual within the tolerance counts, so a wrong turn
     * costs time and never truth.
     */
    private double secant(
        DoubleUnaryOperator residual, Guess guess, double step, double tolerance) {
      double x0 = guess.at;
      double f0 = residual.applyAsDouble(x0);
      if (Math.abs(f0) <= tolerance) {
        return x0;
      }
      // Residuals fall: heat left over means hotter. A slope known from before saves a first try.
      double x1 = guess.slope < 0 ? x0 - f0 / guess.slope : x0 + Math.copySign(step, f0);
      for (int i = 0; i < MAX_SECANTS; i++) {
        if (!(x1 > point.ambient() - 1 && x1 < COOLANT_CEILING)) {
          return Double.NaN;
        }
        double f1 = residual.applyAsDouble(x1);
        double slope = (f1 - f0) / (x1 - x0);
        if (Math.abs(f1) <= tolerance) {
          guess.slope = slope < 0 ? slope : guess.slope;
          return x1;
        }
        if (!(slope < 0)) {
          return Double.NaN;
        }
        guess.slope = slope;
        x0 = x1;
        f0 = f1;
        x1 = x0 - f0 / slope;
      }
      return Double.NaN;
    }

    /** Heat left over in the coolant at a trial temperature, relative to the engine's; falls. */
    private double coolantResidual(double coolant) {
      double opening = rig.coolantLoop().thermostat().opening(coolant);
      double massFlow = rig.coolantLoop().pumpFlow(driveline.engineSpeed()) * opening;
      coolantCapacity = massFlow * rig.coolantLoop().coolant().specificHeat(coolant);
      radiatorInside = 0;
      if (massFlow > 0) {
        LayerRole.Radiator core = (LayerRole.Radiator) rig.stack().layers().get(radiator).role();
        // Tube properties at the inlet temperature, as for the oil.
        radiatorInside = core.tubes().conductance(massFlow, rig.coolantLoop().coolant(), coolant);
      }
      sump = sumpFor(coolant);
      double toAir = alongAir(coolant, true);
      return (engineHeat + tankHeat - toAir - heaterHeat(coolant)) / engineHeat;
    }

    private double heaterHeat(double coolant) {
      return rig.coolantLoop().heaterConductance() * (coolant - point.ambient());
    }

    private double sumpFor(double coolant) {
      double near = secant(t -> oilResidual(coolant, t), sumpGuess, 0.5, OIL_TOLERANCE);
      if (!Double.isNaN(near)) {
        sumpGuess.at = near;
        return near;
      }
      double low = point.ambient() - 1;
      if (oilResidual(coolant, low) <= 0) {
        return low; // reached only by trial states far from the root
      }
      if (oilResidual(coolant, OIL_CEILING) > 0) {
        return OIL_CEILING; // a trial state, or a rig that solve() refuses
      }
      double root =
          innerSolver.solve(MAX_EVALUATIONS, t -> oilResidual(coolant, t), low, OIL_CEILING);
      oilResidual(coolant, root);
      sumpGuess.at = root;
      return root;
    }

    /** Heat left over in the oil at a trial sump temperature, relative to its input; falls. */
    private double oilResidual(double coolant, double trialSump) {
      OilLoop loop = rig.oilLoop();
      TransmissionFluid fluid = loop.fluid();
      // Past OIL_BEYOND nothing is oil any more; frozen properties keep the residual falling.
      double known = Math.min(trialSump, OIL_BEYOND);
      oilCapacity = loop.flow() * fluid.density(known) * fluid.specificHeat(known);
      feed = trialSump + converterHeat / oilCapacity;
      caseHeat = loop.caseConductance() * (trialSump - point.ambient() - loop.caseAirRise());
      double oilInput = converterHeat + driveline.gearboxHeat();
      rise = inletRise(coolant, oilInput);
      alongAir(coolant, behindRadiator);
      double removed = passStages(coolant);
      if (!oneCooler) {
        // Coolers that share air also share its warmth: repeat until the air settles.
        double before;
        int sweeps = 0;
        do {
          before = removed;
          alongAir(coolant, behindRadiator);
          removed = passStages(coolant);
          if (++sweeps > 200) {
            throw new NotConvergedException("the oil coolers' shared air does not settle");
          }
        } while (Math.abs(removed - before) > 1e-9 * oilInput);
      }
      return (oilInput - removed - caseHeat) / oilInput;
    }

    /**
     * Recirculated warmth, K. In the steady state the air takes all heat that case and heater do
     * not, so it follows without iteration; exact at the root.
     */
    private double inletRise(double coolant, double oilInput) {
      double r = rig.stack().recirculationAt(driveline.speed());
      if (r == 0) {
        return 0;
      }
      double toAir =
          engineHeat + oilInput - caseHeat - heaterHeat(coolant) + condenserHeat + chargeHeat;
      return Math.max(0, r / (1 - r) * toAir / totalCapacity);
    }

    /**
     * Air temperatures along every path, front to back, with the oil coolers' heats as they stand.
     *
     * @param throughRadiator false to stop in front of it, where nothing behind it matters yet
     * @return heat the radiator gives, W
     */
    private double alongAir(double coolant, boolean throughRadiator) {
      double heat = 0;
      for (int p = 0; p < pathCount; p++) {
        double t = point.ambient() + (apart[p] ? 0 : rise);
        int[] through = layers[p];
        int i = 0;
        for (; i < through.length; i++) {
          temperature[p][i] = t;
          int k = through[i];
          if (setRise[k] > 0) {
            t += setRise[k];
          } else if (k == radiator) {
            if (!throughRadiator) {
              break;
            }
            given[p][i] = radiatorInside > 0 ? radiatorHeat(p, i, coolant) : 0;
            heat += given[p][i];
            t += capacity[p] > 0 ? given[p][i] / capacity[p] : 0;
          } else if (capacity[p] > 0) {
            t += given[p][i] / capacity[p];
          }
        }
        temperature[p][through.length] = t;
      }
      return heat;
    }

    private double radiatorHeat(int path, int place, double coolant) {
      double area = areas[path];
      return exchange(
          airConductance[path][place],
          radiatorInside * area,
          factors.coreConductance(),
          airThrough(path, place),
          coolantCapacity * area / wetted[radiator],
          coolant - temperature[path][place]);
    }

    /** Capacity rate of the air through one core of a path, W/K. */
    private double airThrough(int path, int place) {
      return place == 0 ? frontCapacity[path] : capacity[path];
    }

    /** Sends the oil through its stages; returns the heat they take from it, W. */
    private double passStages(double coolant) {
      List<OilStage> stages = rig.oilLoop().stages();
      double oil = feed;
      double removed = 0;
      tankHeat = 0;
      Arrays.fill(coolerHeat, 0);
      for (int s = 0; s < stages.size(); s++) {
        List<OilStage.Branch> branches = stages.get(s).branches();
        double stageHeat = 0;
        for (int b = 0; b < branches.size(); b++) {
          double share = branches.get(b).flowShare();
          OilElement element = branches.get(b).element();
          if (element instanceof OilElement.InTank tank) {
            double heat = tankHeat(tank, coolant, oil, share);
            tankHeat += heat;
            stageHeat += heat;
          } else if (element instanceof OilElement.PackCooler cooler) {
            stageHeat += coolerHeat(stageLayer[s][b], cooler.bypass(), oil, share);
          }
        }
        oil -= stageHeat / oilCapacity;
        removed += stageHeat;
      }
      return removed;
    }

    /**
     * Heat from oil to coolant in the radiator's outlet tank. The tank's temperature is that of the
     * coolant leaving the radiator, which in the steady state follows from the engine's heat.
     */
    private double tankHeat(OilElement.InTank tank, double coolant, double oil, double share) {
      if (coolantCapacity < 1e-6) {
        return 0; // the thermostat is shut: the tank stands still
      }
      double stream = oilCapacity * share;
      double k = -Math.expm1(-tank.conductance() / stream) * stream;
      double toRadiator = engineHeat - heaterHeat(coolant);
      double tankTemperature =
          Math.max(
              point.ambient(),
              (coolant - (toRadiator + k * oil) / coolantCapacity) / (1 - k / coolantCapacity));
      if (k >= coolantCapacity) {
        // More oil than coolant capacity: only trial states with a hardly open thermostat.
        tankTemperature = point.ambient();
      }
      return k * (oil - tankTemperature);
    }

    private double coolerHeat(int k, Bypass bypass, double oil, double share) {
      Layer layer = rig.stack().layers().get(k);
      LayerRole.OilCooler cooler = (LayerRole.OilCooler) layer.role();
      double coreShare = share * bypass.coreShare(oil);
      if (coreShare <= 0) {
        for (int p = 0; p < pathCount; p++) {
          int place = placeOf(p, k);
          if (place >= 0) {
            given[p][place] = 0;
          }
        }
        return 0;
      }
      double inside =
          cooler
              .channels()
              .conductance(
                  rig.oilLoop().flow() * coreShare,
                  rig.oilLoop().fluid(),
                  Math.min(oil, OIL_BEYOND));
      double factor = cooler.conductanceFactor() * factors.coreConductance();
      double heat = 0;
      for (int p = 0; p < pathCount; p++) {
        int place = placeOf(p, k);
        if (place >= 0) {
          double area = areas[p];
          double stream = oilCapacity * coreShare * area / wetted[k];
          double q =
              exchange(
                  airConductance[p][place],
                  inside * area,
                  factor,
                  airThrough(p, place),
                  stream,
                  oil - temperature[p][place]);
          given[p][place] = q;
          heat += q;
        }
      }
      coolerHeat[k] = heat;
      return heat;
    }

    private int placeOf(int path, int layer) {
      int[] through = layers[path];
      for (int i = 0; i < through.length; i++) {
        if (through[i] == layer) {
          return i;
        }
      }
      return -1;
    }

    private double exchange(
        double outside,
        double inside,
        double factor,
        double airStream,
        double liquidStream,
        double difference) {
      if (outside <= 0 || airStream <= 0) {
        return 0;
      }
      double ua = factor / (1 / outside + 1 / inside);
      double least = Math.min(airStream, liquidStream);
      double most = Math.max(airStream, liquidStream);
      return Effectiveness.crossflow(ua / least, least / most) * least * difference;
    }

    private Balance result(double coolant) {
      Stack stack = rig.stack();
      double opening = rig.coolantLoop().thermostat().opening(coolant);
      double radiatorHeat = 0;
      Map<String, Double> coolers = new LinkedHashMap<>();
      for (int k = 0; k < layerCount; k++) {
        if (stack.layers().get(k).role() instanceof LayerRole.OilCooler) {
          coolers.put(stack.layers().get(k).name(), coolerHeat[k]);
        }
      }
      for (int p = 0; p < pathCount; p++) {
        int place = placeOf(p, radiator);
        radiatorHeat += place >= 0 ? given[p][place] : 0;
        for (int i = 0; i < layers[p].length; i++) {
          if (setRise[layers[p][i]] > 0) {
            given[p][i] = setRise[layers[p][i]] * capacity[p];
          }
        }
      }
      Balance.HeatFlows heat =
          new Balance.HeatFlows(
              fuelPower,
              driveline.brakePower(),
              engineHeat,
              converterHeat,
              driveline.gearboxHeat(),
              radiatorHeat,
              heaterHeat(coolant),
              tankHeat,
              coolers,
              caseHeat,
              condenserHeat,
              chargeHeat);
      double coolantReturn = coolantCapacity > 0 ? coolant - engineHeat / coolantCapacity : coolant;
      return new Balance(
          driveline,
          air,
          flow,
          coolant,
          coolantReturn,
          sump,
          feed,
          opening,
          rig.coolantLoop().pumpFlow(driveline.engineSpeed()) * opening,
          engagement,
          airSpeedRatio.clone(),
          rise,
          heat,
          temperature,
          given,
          quiet ? List.of() : warnings(coolant));
    }

    private List<Warning> warnings(double coolant) {
      List<Warning> warnings = new ArrayList<>();
      if (driveline.slowed()) {
        warnings.add(
            warning(
                Warning.Kind.SLOWED,
                "the truck holds only %.0f of %.0f km/h here",
                driveline.speed() * 3.6,
                point.speed() * 3.6));
      }
      if (tankHeat < 0) {
        warnings.add(
            warning(
                Warning.Kind.TANK_HEATS_OIL,
                "the in-tank cooler heats the oil by %.1f kW",
                -tankHeat / 1000));
      }
      for (int f = 0; f < flow.fanPressure().length; f++) {
        if (flow.fanPressure()[f] < 0) {
          Fan fan = rig.stack().fans().get(f);
          warnings.add(
              warning(
                  Warning.Kind.FAN_RESISTS,
                  "ram air outruns the %s: it holds back %.0f Pa",
                  fan.name(),
                  -flow.fanPressure()[f]));
        }
      }
      if (feed > OIL_BEYOND || coolant > COOLANT_BEYOND) {
        warnings.add(
            warning(
                Warning.Kind.BEYOND_LIQUID,
                "a fluid would pass %.0f °C: read it as far over, not as a temperature",
                feed > OIL_BEYOND ? OIL_BEYOND : COOLANT_BEYOND));
      } else if (feed > TransmissionFluid.VALID_HIGH || sump < TransmissionFluid.VALID_LOW) {
        warnings.add(
            warning(
                Warning.Kind.EXTRAPOLATED,
                "oil properties are known from %.0f to %.0f °C and used past that",
                TransmissionFluid.VALID_LOW,
                TransmissionFluid.VALID_HIGH));
      }
      addCorrelationWarnings(warnings);
      return warnings;
    }

    private void addCorrelationWarnings(List<Warning> warnings) {
      Stack stack = rig.stack();
      for (int k = 0; k < layerCount; k++) {
        Layer layer = stack.layers().get(k);
        if (layer.role() instanceof LayerRole.OilCooler cooler
            && cooler.channels().extrapolated(rig.oilLoop().flow(), rig.oilLoop().fluid(), sump)) {
          warnings.add(
              warning(
                  Warning.Kind.EXTRAPOLATED,
                  "oil in the %s runs below the strip correlation's range: ±25 %% on its oil side",
                  layer.name()));
        }
        double lowest = Double.POSITIVE_INFINITY;
        double highest = 0;
        for (int p = 0; p < pathCount; p++) {
          int place = placeOf(p, k);
          if (place >= 0 && flow.velocity()[p] > 0) {
            double velocity = flow.velocityAt(p, place) / (1 - layer.blockedFraction());
            double re = layer.fin().reynolds(velocity, air);
            lowest = Math.min(lowest, re);
            highest = Math.max(highest, re);
          }
        }
        if (lowest < LouvredFin.REYNOLDS_LOW || highest > LouvredFin.REYNOLDS_HIGH) {
          warnings.add(
              warning(
                  Warning.Kind.EXTRAPOLATED,
                  "air through the %s is outside the fin correlation's range",
                  layer.name()));
        }
      }
    }

    private Warning warning(Warning.Kind kind, String format, Object... values) {
      return new Warning(kind, String.format(Locale.ROOT, format, values));
    }

    private String kilowatts(double watts) {
      return String.format(Locale.ROOT, "%.1f kW", watts / 1000);
    }
  }
}
