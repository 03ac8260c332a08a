package roadbreeze.core.circuit;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.air.Air;
import roadbreeze.core.exchanger.Effectiveness;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.Powertrain;

/**
 * What coolant, oil and air exchange at given temperatures, at one driveline state and one air
 * flow: flows as a function of state, without memory. The steady balance seeks the state at which
 * they close; a run in time integrates them. Reduced to arrays for speed; not thread-safe.
 */
public final class HeatExchange {
  /** Closer than any heat is asked, relative to the oil's. */
  private static final double SHARED_AIR_TOLERANCE = 1e-9;

  private static final double RISE_TOLERANCE = 1e-10;
  private static final int MAX_SWEEPS = 200;

  /**
   * Temperatures that heat is stored at, °C.
   *
   * @param coolant leaving the engine
   * @param radiatorOutlet coolant leaving the radiator's core
   * @param sump transmission fluid in the pan
   */
  public record State(double coolant, double radiatorOutlet, double sump) {}

  /**
   * Heat flows at a state, W; those of the tank from oil to coolant.
   *
   * @param oilInput converter and gearbox
   * @param coolantCapacity of the radiator's stream, W/K
   * @param feed oil leaving for the coolers, °C
   */
  public record Flows(
      double engine,
      double heater,
      double radiator,
      double tank,
      double coolers,
      double gearboxCase,
      double oilInput,
      double coolantCapacity,
      double feed) {}

  /** Temperature of the coolant that the in-tank cooler stands in. */
  interface Sink {
    /**
     * @param oil that enters, °C
     * @param exchanged heat per kelvin between the two, W/K
     * @return °C
     */
    double temperature(double oil, double exchanged);
  }

  private final Rig rig;
  private final Factors factors;
  private final OperatingPoint point;
  private final Powertrain.State driveline;
  private final PackAir pack;
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
  private double coolant;
  private double coolantCapacity;

  /** Coolant side of the radiator, W/(m²·K) of face; 0 with the thermostat shut. */
  private double radiatorInside;

  HeatExchange(
      Rig rig, Factors factors, OperatingPoint point, Powertrain.State driveline, PackAir pack) {
    this.rig = rig;
    this.factors = factors;
    this.point = point;
    this.driveline = driveline;
    this.pack = pack;
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
        rig.powertrain().engine().kind().coolantShare()
            * factors.get(Factor.COOLANT_SHARE)
            * fuelPower;
    converterHeat = factors.get(Factor.CONVERTER_HEAT) * driveline.converterHeat();
    chargeHeat =
        factors.get(Factor.FRONT_HEAT)
            * rig.chargeAir().map(c -> c.heat(fuelPower, point.ambient())).orElse(0.0);
    condenserHeat =
        point.airConditioning()
            ? factors.get(Factor.FRONT_HEAT) * rig.accessories().condenserHeat()
            : 0;
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

  private int indexOf(String layerId) {
    List<Layer> all = rig.stack().layers();
    for (int k = 0; k < all.size(); k++) {
      if (all.get(k).name().id().equals(layerId)) {
        return k;
      }
    }
    throw new IllegalArgumentException("no layer has the id " + layerId);
  }

  /** The exchange of a rig at a point with its clutched fan, if it has one, gripping so far. */
  public static HeatExchange of(Rig rig, OperatingPoint point, double engagement) {
    return new SteadyBalance(rig).exchange(point, engagement);
  }

  /**
   * Heat flows at a state, the recirculated warmth of the air with them.
   *
   * @throws roadbreeze.core.problem.NotConvergedException if the air of coolers that share it does
   *     not settle
   */
  public Flows at(State state) {
    for (double[] path : given) {
      Arrays.fill(path, 0);
    }
    step = 1;
    setCoolant(state.coolant());
    double share = rig.stack().recirculationAt(driveline.speed());
    double warmth = 0;
    double coolers = 0;
    double radiatorHeat = 0;
    for (int i = 0; i < MAX_SWEEPS; i++) {
      coolers =
          passOil(state.sump(), warmth, (oil, exchanged) -> state.radiatorOutlet()) - tankHeat;
      radiatorHeat = radiatorHeat();
      double next = risen(share, radiatorHeat + coolers + condenserHeat + chargeHeat);
      if (Math.abs(next - warmth) <= RISE_TOLERANCE) {
        break;
      }
      warmth = next;
    }
    return new Flows(
        engineHeat,
        heaterHeat(),
        radiatorHeat,
        tankHeat,
        coolers,
        caseHeat,
        oilInput(),
        coolantCapacity,
        feed);
  }

  /** Takes up a coolant temperature: thermostat, stream and the radiator's inside. */
  void setCoolant(double temperature) {
    coolant = temperature;
    double massFlow = radiatorFlow();
    coolantCapacity = massFlow * rig.coolantLoop().coolant().specificHeat(coolant);
    radiatorInside = 0;
    if (massFlow > 0) {
      LayerRole.Radiator core = (LayerRole.Radiator) rig.stack().layers().get(radiator).role();
      // Tube properties at the inlet temperature, as for the oil.
      radiatorInside = core.tubes().conductance(massFlow, rig.coolantLoop().coolant(), coolant);
    }
  }

  double opening() {
    return rig.coolantLoop().thermostat().opening(coolant);
  }

  double radiatorFlow() {
    return rig.coolantLoop().pumpFlow(driveline.engineSpeed()) * opening();
  }

  double heaterHeat() {
    return rig.coolantLoop().heaterConductance() * (coolant - point.ambient());
  }

  double oilInput() {
    return converterHeat + driveline.gearboxHeat();
  }

  double engineHeat() {
    return engineHeat;
  }

  double tankHeat() {
    return tankHeat;
  }

  double coolantCapacity() {
    return coolantCapacity;
  }

  /** Capacity rate of all air that passes the pack, W/K. */
  double airCapacity() {
    return totalCapacity;
  }

  /** Heat that the case would give at a sump temperature, W. */
  double caseHeat(double sump) {
    return rig.oilLoop().caseConductance() * (sump - point.ambient() - rig.oilLoop().caseAirRise());
  }

  /**
   * Warmth of the air at the face, K, where recirculated air mixes in.
   *
   * @param toAir all heat the pack gives its air, W
   */
  double risen(double share, double toAir) {
    return share == 0 ? 0 : Math.max(0, share / (1 - share) * toAir / totalCapacity);
  }

  /** All that the pack's air takes in the steady state: what neither case nor heater does, W. */
  double steadyHeatToAir(double sump) {
    return engineHeat + oilInput() - caseHeat(sump) - heaterHeat() + condenserHeat + chargeHeat;
  }

  /**
   * Sends the oil round once, with the air as warm as it is at the face.
   *
   * @return heat its coolers and the tank take from it, W
   */
  double passOil(double sump, double warmth, Sink sink) {
    OilLoop loop = rig.oilLoop();
    TransmissionFluid fluid = loop.fluid();
    // Past that nothing is oil any more; frozen properties keep the residual falling.
    double known = Math.min(sump, SteadyBalance.OIL_BEYOND);
    oilCapacity = loop.flow() * fluid.density(known) * fluid.specificHeat(known);
    feed = sump + converterHeat / oilCapacity;
    caseHeat = caseHeat(sump);
    rise = warmth;
    alongAir(behindRadiator);
    double removed = passStages(sink);
    return sharedAir ? settleSharedAir(sink, removed) : removed;
  }

  /** Heat the radiator gives with the air as the coolers left it, W. */
  double radiatorHeat() {
    return alongAir(true);
  }

  /**
   * Coolers one behind the other also share the air's warmth: the oil is sent round until that
   * settles. Each warms the other's air and cools the other's oil, so the heats can swing; where a
   * sweep leaves more unsettled than the one before, shorter steps are taken.
   *
   * @return heat the stages take from the oil, W
   */
  private double settleSharedAir(Sink sink, double removed) {
    double before = Double.POSITIVE_INFINITY;
    double result = removed;
    for (int sweep = 0; sweep < MAX_SWEEPS; sweep++) {
      alongAir(behindRadiator);
      result = passStages(sink);
      if (unsettled <= SHARED_AIR_TOLERANCE * oilInput()) {
        step = 1;
        return result;
      }
      if (!(unsettled < before)) {
        step /= 2;
      }
      before = unsettled;
    }
    throw Problem.SHARED_AIR.unsettled();
  }

  /**
   * Air temperatures along every path, front to back, with the oil coolers' heats as they stand.
   *
   * @param throughRadiator false to stop in front of it, where nothing behind it matters yet
   * @return heat the radiator gives, W
   */
  private double alongAir(boolean throughRadiator) {
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
          given[p][i] = radiatorInside > 0 ? radiatorHeat(p, i) : 0;
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

  private double radiatorHeat(int path, int place) {
    double area = areas[path];
    return exchange(
        pack.conductance()[path][place],
        radiatorInside * area,
        factors.get(Factor.CORE_CONDUCTANCE),
        airThrough(path, place),
        coolantCapacity * area / wetted[radiator],
        coolant - temperature[path][place]);
  }

  /** Capacity rate of the air through one core of a path, W/K. */
  private double airThrough(int path, int place) {
    return place == 0 ? frontCapacity[path] : capacity[path];
  }

  /** Sends the oil through its stages; returns the heat they take from it, W. */
  private double passStages(Sink sink) {
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
          double heat = tankHeat(tank, oil, share, sink);
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

  /** Heat from oil to coolant in the radiator's tank, against the coolant it stands in. */
  private double tankHeat(OilElement.InTank tank, double oil, double share, Sink sink) {
    if (coolantCapacity < 1e-6) {
      return 0; // the thermostat is shut: the tank stands still
    }
    double stream = oilCapacity * share;
    double exchanged = -Math.expm1(-tank.conductance() / stream) * stream;
    return exchanged * (oil - sink.temperature(oil, exchanged));
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
    double factor = cooler.conductanceFactor() * factors.get(Factor.CORE_CONDUCTANCE);
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

  /** Everything at the state it stands in. */
  Balance result(double sump, double engagement) {
    Stack stack = rig.stack();
    double radiatorHeat = 0;
    Map<String, Double> coolers = new LinkedHashMap<>();
    for (int k = 0; k < layerCount; k++) {
      if (stack.layers().get(k).role() instanceof LayerRole.OilCooler) {
        coolers.put(stack.layers().get(k).name().id(), coolerHeat[k]);
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
            heaterHeat(),
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
        opening(),
        radiatorFlow(),
        engagement,
        pack.fanSpeedRatio().clone(),
        rise,
        heat,
        temperature,
        given,
        List.of());
  }
}
