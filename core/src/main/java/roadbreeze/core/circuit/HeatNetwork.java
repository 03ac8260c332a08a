package roadbreeze.core.circuit;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.exchanger.Effectiveness;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.Powertrain;

/**
 * The coolant and oil loops at one driveline state and one air flow, reduced to arrays for speed:
 * the coolant temperature is sought with the sump temperature solved inside it.
 */
final class HeatNetwork {
  /** Relative to the heat turned over; a hundred times closer than the balance is promised. */
  private static final double COOLANT_TOLERANCE = 1e-8;

  private static final double OIL_TOLERANCE = 1e-9;
  private static final double COOLANT_STEP = 1.0;
  private static final double OIL_STEP = 0.5;
  private static final int MAX_EVALUATIONS = 300;
  private static final int MAX_SWEEPS = 200;

  private final Rig rig;
  private final Factors factors;
  private final OperatingPoint point;
  private final Powertrain.State driveline;
  private final PackAir pack;
  private final double engagement;
  private final Guess coolantGuess;
  private final Guess sumpGuess;
  private final int pathCount;
  private final int layerCount;
  private final int radiator;

  /** True for paths that recirculated air does not reach. */
  private final boolean[] apart;

  /** Area of each path, m². */
  private final double[] areas;

  /** Layers of each path, front to back. */
  private final int[][] layers;

  /** Air capacity rate of each path, W/K. */
  private final double[] capacity;

  /** Capacity rate of the air that passes through the first core of each path, W/K. */
  private final double[] frontCapacity;

  /** Area of each layer that air passes, m². */
  private final double[] wetted;

  /** Air temperature before each place of a path, and after the last. */
  private final double[][] temperature;

  /** Heat given to air by each place of a path, W. */
  private final double[][] given;

  /** Air warming by a layer of set heat, K. */
  private final double[] setRise;

  private final double totalCapacity;
  private final double engineHeat;
  private final double fuelPower;
  private final double converterHeat;
  private final double chargeHeat;
  private final double condenserHeat;

  /** True where some air passes more than one oil cooler. */
  private final boolean sharedAir;

  /** True where an oil cooler stands behind the radiator and takes its warmed air. */
  private final boolean behindRadiator;

  private final int[][] stageLayer;
  private final double[] coolerHeat;

  /** Share of the way to its new heat that each cooler goes in a sweep. */
  private double step = 1;

  /** How far the coolers' heats were from settled in the last sweep, W. */
  private double unsettled;

  private double oilCapacity;
  private double tankHeat;
  private double caseHeat;
  private double feed;
  private double rise;
  private double coolantCapacity;

  /** Coolant side of the radiator, W/(m²·K) of face; 0 with the thermostat shut. */
  private double radiatorInside;

  private double sump;

  HeatNetwork(
      Rig rig,
      Factors factors,
      OperatingPoint point,
      Powertrain.State driveline,
      PackAir pack,
      double engagement,
      Guess coolantGuess,
      Guess sumpGuess) {
    this.rig = rig;
    this.factors = factors;
    this.point = point;
    this.driveline = driveline;
    this.pack = pack;
    this.engagement = engagement;
    this.coolantGuess = coolantGuess;
    this.sumpGuess = sumpGuess;
    Stack stack = rig.stack();
    pathCount = stack.paths().size();
    layerCount = stack.layers().size();
    radiator = stack.radiator();
    apart = new boolean[pathCount];
    areas = new double[pathCount];
    layers = new int[pathCount][];
    capacity = new double[pathCount];
    frontCapacity = new double[pathCount];
    temperature = new double[pathCount][];
    given = new double[pathCount][];
    wetted = new double[layerCount];
    setRise = new double[layerCount];
    coolerHeat = new double[layerCount];
    double[] layerCapacity = new double[layerCount];
    double capacitySum = 0;
    boolean shared = false;
    boolean behind = false;
    for (int p = 0; p < pathCount; p++) {
      int[] through = stack.layersOf(p);
      double area = stack.paths().get(p).area();
      layers[p] = through;
      areas[p] = area;
      apart[p] = stack.apart(p);
      double perVelocity = pack.air().density() * area * Air.SPECIFIC_HEAT;
      capacity[p] = perVelocity * pack.flow().velocity()[p];
      frontCapacity[p] = perVelocity * pack.flow().frontVelocity()[p];
      capacitySum += apart[p] ? 0 : capacity[p];
      temperature[p] = new double[through.length + 1];
      given[p] = new double[through.length];
      boolean met = false;
      for (int i = 0; i < through.length; i++) {
        int layerIndex = through[i];
        wetted[layerIndex] += area;
        layerCapacity[layerIndex] += capacity[p];
        if (stack.layers().get(layerIndex).role() instanceof LayerRole.OilCooler) {
          shared |= met;
          met = true;
          behind |= layerIndex > radiator;
        }
      }
    }
    totalCapacity = capacitySum;
    sharedAir = shared;
    behindRadiator = behind;
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
    for (int s = 0; s < stages.size(); s++) {
      stageLayer[s] = new int[stages.get(s).branches().size()];
      for (int b = 0; b < stageLayer[s].length; b++) {
        OilElement element = stages.get(s).branches().get(b).element();
        stageLayer[s][b] =
            element instanceof OilElement.PackCooler cooler ? indexOf(cooler.layer()) : -1;
      }
    }
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
    double coolant =
        coolantGuess.refined(
            this::coolantResidual,
            COOLANT_STEP,
            COOLANT_TOLERANCE,
            floor - 1,
            SteadyBalance.COOLANT_CEILING);
    if (Double.isNaN(coolant)) {
      if (coolantResidual(SteadyBalance.COOLANT_CEILING) > 0) {
        throw new NotConvergedException(
            "the coolant finds no balance below %.0f °C: %s cannot be shed"
                .formatted(SteadyBalance.COOLANT_CEILING, kilowatts(engineHeat)));
      }
      coolant =
          new BracketingNthOrderBrentSolver(1e-14, 1e-10, 1e-9, 5)
              .solve(MAX_EVALUATIONS, this::coolantResidual, floor, SteadyBalance.COOLANT_CEILING);
      coolantGuess.moveTo(coolant);
    }
    coolantResidual(coolant); // leaves all fields at the root
    if (sump >= SteadyBalance.OIL_CEILING) {
      throw new NotConvergedException(
          "the gearbox oil finds no balance: nothing takes its "
              + kilowatts(converterHeat + driveline.gearboxHeat()));
    }
    return result(coolant);
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
    double low = point.ambient() - 1;
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
        new BracketingNthOrderBrentSolver(1e-14, 1e-11, 1e-10, 5)
            .solve(MAX_EVALUATIONS, t -> oilResidual(coolant, t), low, SteadyBalance.OIL_CEILING);
    oilResidual(coolant, root);
    sumpGuess.moveTo(root);
    return root;
  }

  /** Heat left over in the oil at a trial sump temperature, relative to its input; falls. */
  private double oilResidual(double coolant, double trialSump) {
    OilLoop loop = rig.oilLoop();
    TransmissionFluid fluid = loop.fluid();
    // Past that nothing is oil any more; frozen properties keep the residual falling.
    double known = Math.min(trialSump, SteadyBalance.OIL_BEYOND);
    oilCapacity = loop.flow() * fluid.density(known) * fluid.specificHeat(known);
    feed = trialSump + converterHeat / oilCapacity;
    caseHeat = loop.caseConductance() * (trialSump - point.ambient() - loop.caseAirRise());
    double oilInput = converterHeat + driveline.gearboxHeat();
    rise = inletRise(coolant, oilInput);
    alongAir(coolant, behindRadiator);
    double removed = passStages(coolant);
    if (sharedAir) {
      removed = settleSharedAir(coolant, removed, oilInput);
    }
    return (oilInput - removed - caseHeat) / oilInput;
  }

  /**
   * Coolers one behind the other also share the air's warmth: the oil is sent round until that
   * settles. Each warms the other's air and cools the other's oil, so the heats can swing; where a
   * sweep leaves more unsettled than the one before, shorter steps are taken.
   *
   * @return heat the stages take from the oil, W
   */
  private double settleSharedAir(double coolant, double removed, double oilInput) {
    double before = Double.POSITIVE_INFINITY;
    double result = removed;
    for (int sweep = 0; sweep < MAX_SWEEPS; sweep++) {
      alongAir(coolant, behindRadiator);
      result = passStages(coolant);
      if (unsettled <= OIL_TOLERANCE * oilInput) {
        step = 1;
        return result;
      }
      if (!(unsettled < before)) {
        step /= 2;
      }
      before = unsettled;
    }
    throw new NotConvergedException("the oil coolers' shared air does not settle");
  }

  /**
   * Recirculated warmth, K. In the steady state the air takes all heat that case and heater do not,
   * so it follows without iteration; exact at the root.
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
        pack.conductance()[path][place],
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
    unsettled = 0;
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
          unsettled += Math.abs(given[p][place]);
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
                Math.min(oil, SteadyBalance.OIL_BEYOND));
    double factor = cooler.conductanceFactor() * factors.coreConductance();
    double heat = 0;
    for (int p = 0; p < pathCount; p++) {
      int place = placeOf(p, k);
      if (place >= 0) {
        double area = areas[p];
        double stream = oilCapacity * coreShare * area / wetted[k];
        double q =
            exchange(
                pack.conductance()[p][place],
                inside * area,
                factor,
                airThrough(p, place),
                stream,
                oil - temperature[p][place]);
        double change = q - given[p][place];
        unsettled += Math.abs(change);
        given[p][place] += step * change;
        heat += given[p][place];
        if (sharedAir && capacity[p] > 0) {
          // What stands behind it gets this warmth at once, not a sweep later.
          for (int i = place + 1; i < temperature[p].length; i++) {
            temperature[p][i] += step * change / capacity[p];
          }
        }
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
        pack.air(),
        pack.flow(),
        coolant,
        coolantReturn,
        sump,
        feed,
        opening,
        rig.coolantLoop().pumpFlow(driveline.engineSpeed()) * opening,
        engagement,
        pack.fanSpeedRatio().clone(),
        rise,
        heat,
        temperature,
        given,
        List.of());
  }

  private String kilowatts(double watts) {
    return String.format(Locale.ROOT, "%.1f kW", watts / 1000);
  }
}
