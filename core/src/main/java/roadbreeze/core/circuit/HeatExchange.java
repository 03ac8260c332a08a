package roadbreeze.core.circuit;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.Powertrain;
import roadbreeze.core.vehicle.Rpm;

/**
 * What coolant, oil and air exchange at given temperatures. One round takes everything once, with
 * what depends on its own result as the round before left it; rounds settle, each leaving about an
 * eighth of the error. {@link #at} gives the settled flows as a function of state, without memory:
 * a run in time integrates them. The steady balance seeks the state at which they close, moving
 * towards it from round to round. Not thread-safe.
 */
public final class HeatExchange {
  private static final int MAX_ROUNDS = 1000;

  /** So many rounds may drift towards their rest before they are taken to swing. */
  private static final int PATIENCE = 200;

  /**
   * Temperatures that heat is stored at, °C.
   *
   * @param coolant leaving the engine
   * @param radiatorOutlet coolant in the radiator's outlet tank
   * @param sump transmission fluid in the pan
   * @param opening of the thermostat, whose wax lags behind the coolant (-)
   */
  public record State(double coolant, double radiatorOutlet, double sump, double opening) {}

  /**
   * Heat flows at a state, W; those of the tank from oil to coolant.
   *
   * @param engine into the coolant
   * @param core from the coolant to the radiator's air
   * @param standing from the outlet tank to the air, with the thermostat all but shut
   * @param oilInput converter and gearbox
   * @param coolantCapacity of the radiator's stream, W/K
   * @param feed oil leaving for the coolers, °C
   */
  public record Flows(
      double engine,
      double heater,
      double core,
      double standing,
      double tank,
      double coolers,
      double gearboxCase,
      double oilInput,
      double coolantCapacity,
      double feed) {}

  private final Rig rig;
  private final Factors factors;
  private final OperatingPoint point;
  private final Air air;
  private final Drive drive;
  private final OilElement.InTank.Place tankPlace;
  private final int radiatorLayer;
  private final CoolantSide coolantSide;
  private final AirSide airSide;
  private final OilSide oilSide;
  private final CoreCells radiatorCells;

  private Powertrain.State driveline;
  private double speedOfAir = Double.NaN;
  private double[] ratioOfAir;

  /** Share of the way to its new heat that each cooler goes in a round. */
  private double step = 1;

  private double fuelPower;
  private double engineHeat;
  private double converterHeat;
  private double condenserHeat;
  private double chargeHeat;
  private double coolant;
  private double sump;
  private double outletTaken;
  private double coreHeat;
  private double tank;
  private double standing;
  private double moved;

  HeatExchange(Rig rig, Factors factors, OperatingPoint point, Air air, double engagement) {
    this(
        rig,
        rig.known().times(factors),
        point,
        air,
        new Drive(rig, rig.known().times(factors), point, air, engagement));
  }

  /**
   * @param factors those of the rig with what a question moves
   */
  private HeatExchange(Rig rig, Factors factors, OperatingPoint point, Air air, Drive drive) {
    this.rig = rig;
    this.factors = factors;
    this.point = point;
    this.air = air;
    this.drive = drive;
    radiatorLayer = rig.stack().radiator();
    LayerRole.Radiator radiator =
        (LayerRole.Radiator) rig.stack().layers().get(radiatorLayer).role();
    coolantSide = new CoolantSide(rig.coolantLoop(), radiator.tubes(), point.ambient());
    tankPlace = placeOfTank(rig.oilLoop().stages());
    airSide = new AirSide(rig.stack(), air, factors);
    oilSide = new OilSide(rig, airSide, factors);
    radiatorCells = new CoreCells(airSide, radiatorLayer, factors.get(Factor.CORE_CONDUCTANCE));
  }

  /** Starts as warm as another was left, so that fewer rounds are needed. */
  public void startFrom(HeatExchange other) {
    airSide.startFrom(other.airSide);
    oilSide.startFrom(other.oilSide);
    coolantSide.startFrom(other.coolantSide);
  }

  /** Forgets the rounds before. */
  void startAfresh() {
    airSide.cool();
    oilSide.forget();
    coolantSide.forget();
  }

  private static OilElement.InTank.Place placeOfTank(List<OilStage> stages) {
    for (OilStage stage : stages) {
      for (OilStage.Branch branch : stage.branches()) {
        if (branch.element() instanceof OilElement.InTank tank) {
          return tank.place();
        }
      }
    }
    return OilElement.InTank.Place.OUTLET_TANK;
  }

  /** The exchange of a rig at a point with its clutched fan, if it has one, gripping so far. */
  public static HeatExchange of(Rig rig, Factors factors, OperatingPoint point, double engagement) {
    return new HeatExchange(
        rig, factors, point, Air.at(point.ambient(), point.altitude()), engagement);
  }

  /**
   * The exchange of a rig that stands with its engine running.
   *
   * @param place where it stands; its grade and speed are not asked
   */
  public static HeatExchange standing(
      Rig rig, Factors factors, OperatingPoint place, Powertrain.Standing how, double engagement) {
    Air air = Air.at(place.ambient(), place.altitude());
    Factors both = rig.known().times(factors);
    Drive drive = Drive.standing(rig, both, place, air, engagement, how);
    return new HeatExchange(rig, both, place, air, drive);
  }

  /**
   * Settled heat flows at a state, the air with them.
   *
   * @throws roadbreeze.core.problem.NotConvergedException if the air of coolers that share it does
   *     not settle
   */
  public Flows at(State state) {
    return at(state, true, Care.CLOSE);
  }

  /**
   * The same as closely as a step in time needs it, with the flow of the air as the first state
   * asked of this exchange left it: air warms and thins far slower than a step is long.
   *
   * @throws roadbreeze.core.problem.NotConvergedException if the air of coolers that share it does
   *     not settle
   */
  public Flows near(State state) {
    return at(state, false, Care.IN_TIME);
  }

  private Flows at(State state, boolean airMoves, Care care) {
    drive.forgetShifts();
    coolantSide.hold(state.opening());
    takeDrive(drive.spinThickness(state.sump()));
    OilSide.Sink outlet = (oil, exchanged) -> state.radiatorOutlet();
    if (airSide.flow() == null) {
      airSide.takeFound();
    }
    settle(state.coolant(), state.sump(), outlet, airMoves, care);
    if (!(moved <= care.enough())) {
      throw Problem.SHARED_AIR.unsettled();
    }
    return new Flows(
        engineHeat,
        heaterHeat(),
        coreHeat,
        coolantSide.standingLoss() * (state.radiatorOutlet() - point.ambient()),
        oilSide.tankHeat(),
        oilSide.coolerHeat(),
        caseHeat(),
        oilInput(),
        coolantSide.capacity(),
        oilSide.feed());
  }

  /** Rounds at one coolant and sump temperature until nothing moves any more, if it ever rests. */
  private void settle(
      double coolant, double sump, OilSide.Sink outlet, boolean airMoves, Care care) {
    step = 1;
    double before = Double.POSITIVE_INFINITY;
    for (int i = 0; i < MAX_ROUNDS; i++) {
      round(coolant, sump, outlet, airMoves || i == 0 && airSide.flow() == null, care);
      if (airMoves) {
        airSide.takeFound();
      }
      if (moved <= care.settled()) {
        return;
      }
      // Coolers that share air warm each other's air and cool each other's oil: they can swing.
      if (i > PATIENCE && moved >= before && step > 0.05) {
        step *= 0.7;
      }
      before = moved;
    }
  }

  /** The same in the steady state, with the air flow as it stands. */
  void settleInStillAir(double trialCoolant, double trialSump) {
    settle(trialCoolant, trialSump, this::outletTank, false, Care.BRACKETED);
  }

  /** Takes the driveline with the gearbox's oil so thick, and the air and heat that follow. */
  void takeDrive(double spinThickness) {
    Powertrain.State next = drive.at(spinThickness);
    if (next == driveline) {
      return;
    }
    driveline = next;
    fuelPower = rig.powertrain().engine().fuelPower(next.brakePower(), next.engineSpeed());
    engineHeat =
        rig.powertrain()
            .engine()
            .coolantHeat(next.brakePower(), next.engineSpeed(), factors.get(Factor.COOLANT_SHARE));
    converterHeat = factors.get(Factor.CONVERTER_HEAT) * next.converterHeat();
    double front = factors.get(Factor.FRONT_HEAT);
    condenserHeat = point.airConditioning() ? front * rig.accessories().condenserHeat() : 0;
    chargeHeat = front * rig.chargeAir().map(c -> c.heat(fuelPower, point.ambient())).orElse(0.0);
    double[] ratio = drive.fanSpeedRatio(next.engineSpeed());
    double ahead = Math.max(0, point.airSpeed(next.speed()));
    if (speedOfAir != ahead || !Arrays.equals(ratio, ratioOfAir)) {
      speedOfAir = ahead;
      ratioOfAir = ratio;
      airSide.drive(speedOfAir, ratio);
    }
    Stack stack = rig.stack();
    for (int k = 0; k < stack.layers().size(); k++) {
      LayerRole role = stack.layers().get(k).role();
      if (role instanceof LayerRole.Condenser) {
        airSide.setHeat(k, condenserHeat);
      } else if (role instanceof LayerRole.ChargeAirCooler) {
        airSide.setHeat(k, chargeHeat);
      } else if (role instanceof LayerRole.OtherCooler other) {
        airSide.setHeat(k, other.heat(engineHeat));
      }
    }
  }

  /** One round in the steady state, at trial temperatures; the air flow follows its warmth. */
  void round(double trialCoolant, double trialSump) {
    round(trialCoolant, trialSump, this::outletTank, true, Care.CLOSE);
  }

  private void round(
      double trialCoolant, double trialSump, OilSide.Sink outlet, boolean airMoves, Care care) {
    coolant = trialCoolant;
    sump = trialSump;
    if (airMoves) {
      airSide.blow();
    }
    double outletBefore = coolantSide.coreOutlet();
    takeCoolant(coolant, care);
    outletTaken = coolantSide.coreOutlet();
    oilSide.pump(sump, driveline.engineRpm(), converterHeat, care);
    CoolantLoop loop = rig.coolantLoop();
    oilSide.pass(
        onEngineSide() ? (oil, exchanged) -> coolant : outlet,
        onEngineSide() ? loop.pumpFlow(driveline.engineSpeed()) : coolantSide.massFlow(),
        loop.pumpFlowAt4000(),
        step,
        care);
    coreHeat = airSide.walk(this::cellHeat);
    double coreOutlet = coolantSide.after(coreHeat);
    coolantSide.setCoreOutlet(coreOutlet);
    tank = coolantSide.outletTank(coreOutlet, 0, 0, heatOfTank());
    standing = coolantSide.standingLoss() * (tank - point.ambient());
    moved = Math.max(airSide.moved(), oilSide.moved());
    if (coolantSide.massFlow() > 0 && !Double.isNaN(outletBefore)) {
      moved = Math.max(moved, Math.abs(coreOutlet - outletBefore));
    }
  }

  /** The driveline as the last round took it. */
  public Powertrain.State driveline() {
    return driveline;
  }

  /** The oil cooler in the coolant stands where that leaves the engine. */
  public boolean onEngineSide() {
    return tankPlace == OilElement.InTank.Place.ENGINE_SIDE;
  }

  /** What the oil gives the outlet tank, W. */
  private double heatOfTank() {
    return onEngineSide() ? 0 : oilSide.tankHeat();
  }

  private void takeCoolant(double temperature, Care care) {
    coolantSide.take(temperature, driveline.engineSpeed(), engineHeat);
    radiatorCells.take(coolantSide.inside(), coolantSide.capacity(), care);
  }

  private double cellHeat(int path, int place) {
    double difference = coolantSide.temperature() - airSide.temperature[path][place];
    return radiatorCells.perKelvin(path) * difference;
  }

  /**
   * Heat that would be left over in the coolant at another temperature of it, all else as is, W.
   */
  double coolantLeftAt(double temperature) {
    takeCoolant(temperature, Care.CLOSE);
    double heat = airSide.sum(radiatorLayer, this::cellHeat);
    double given = oilSide.tankHeat();
    double tankThere = coolantSide.outletTank(coolantSide.after(heat), 0, 0, heatOfTank());
    double lost = coolantSide.standingLoss() * (tankThere - point.ambient());
    return engineHeat + given - heat - lost - heaterHeat(temperature);
  }

  /** How the heat left over in the oil falls with the sump, W/K; thinning oil aside. */
  double oilSlope() {
    double warmer = caseHeat(sump + 1) - caseHeat(sump);
    return -oilSide.perKelvin() - warmer;
  }

  /** Restores the coolant's side to the temperature of the last round. */
  void settleCoolant() {
    takeCoolant(coolant, Care.CLOSE);
  }

  Thermostat thermostat() {
    return rig.coolantLoop().thermostat();
  }

  private double outletTank(double oil, double exchanged) {
    return coolantSide.outletTank(coolantSide.coreOutlet(), oil, exchanged, 0);
  }

  /** Heat left over in the coolant, W. */
  double coolantLeft() {
    return engineHeat + oilSide.tankHeat() - coreHeat - standing - heaterHeat();
  }

  /** Heat left over in the oil, W. */
  double oilLeft() {
    return oilInput() - oilSide.tankHeat() - oilSide.coolerHeat() - caseHeat();
  }

  double engineHeat() {
    return engineHeat;
  }

  /** Converter and gearbox, whose spin the oil itself makes, W. */
  double oilInput() {
    return converterHeat + gearboxHeat();
  }

  /** All heat that passes through the oil, W. */
  double throughOil() {
    return Math.max(oilInput(), Math.abs(oilSide.tankHeat()) + Math.abs(oilSide.coolerHeat()));
  }

  private double gearboxHeat() {
    return driveline.meshHeat() + driveline.spinAt90() * drive.spinThickness(sump);
  }

  private double heaterHeat() {
    return heaterHeat(coolant);
  }

  private double heaterHeat(double temperature) {
    return point.heaterOn() ? CoolantLoop.HEATER_CONDUCTANCE * (temperature - point.ambient()) : 0;
  }

  private double caseHeat() {
    return caseHeat(sump);
  }

  private double caseHeat(double atSump) {
    return rig.oilLoop().caseHeat(atSump, coolant, point.ambient(), driveline.speed());
  }

  double spinThickness(double atSump) {
    return drive.spinThickness(atSump);
  }

  /** Takes the air flow anew, the given share of the way to the warmth last found. */
  void blow(double share) {
    airSide.takeFound(share);
    airSide.blow();
  }

  /** How many temperatures a round takes from the one before. */
  int size() {
    return 1 + airSide.size();
  }

  /** Writes what the last round took, and how far it found that off, K. */
  void report(double[] taken, double[] off, int from) {
    taken[from] = outletTaken;
    off[from] = coolantSide.massFlow() > 0 ? coolantSide.coreOutlet() - outletTaken : 0;
    airSide.report(taken, off, from + 1);
  }

  /** Sets what the next round takes. */
  void take(double[] values, int from) {
    if (coolantSide.massFlow() > 0) {
      coolantSide.setCoreOutlet(values[from]);
    }
    airSide.take(values, from + 1);
  }

  /** Whether any air moves at all. */
  boolean hasAir() {
    airSide.blow();
    return airSide.packCapacity() > 0;
  }

  /** How far the clutch of the fan on the engine would grip as the last round left it (-). */
  public double wantedEngagement() {
    double behind = airSide.behindRadiator();
    return rig.clutch()
        .engagement(Double.isNaN(behind) ? coolant : behind, coolant, point.airConditioning());
  }

  /** The gear that is taken elsewhere, the sump being so warm. */
  public int gearAt(OperatingPoint elsewhere, double atSump) {
    Air there = Air.at(elsewhere.ambient(), elsewhere.altitude());
    Drive other = new Drive(rig, factors, elsewhere, there, drive.engagement());
    return other.at(other.spinThickness(atSump)).gear();
  }

  /** Speed of each fan over the highest it can have, as the last state took it (-). */
  public double[] fanShares() {
    double[] shares = ratioOfAir.clone();
    double fastest = Rpm.toRadPerSecond(rig.powertrain().driveline().highestRpm());
    for (int f = 0; f < shares.length; f++) {
      shares[f] /= rig.fanSettings().get(f).drive().gripped(fastest);
    }
    return shares;
  }

  /** What the electric fans draw as the last state took them, W; by their air and efficiency. */
  public double electricFanPower() {
    double power = 0;
    for (int f = 0; f < rig.fanSettings().size(); f++) {
      if (rig.fanSettings().get(f).drive() instanceof FanDrive.Electric electric
          && ratioOfAir[f] > 0) {
        double air = airSide.flow().fanPressure()[f] * airSide.flow().fanFlow()[f];
        power += Math.max(0, air) / electric.efficiency();
      }
    }
    return power;
  }

  /** What the fan on the engine takes from its belt, W. */
  public double beltFanPower() {
    return drive.beltFanPower(driveline.engineSpeed());
  }

  /** W */
  public double fuelPower() {
    return fuelPower;
  }

  /** How far it grips (-). */
  double engagement() {
    return drive.engagement();
  }

  void grip(double engagement) {
    drive.grip(engagement);
  }

  double coolant() {
    return coolant;
  }

  /**
   * Everything as the last round left it; at a moment that is not settled the heats do not close.
   */
  public Balance result() {
    Stack stack = rig.stack();
    Map<String, Double> coolers = new LinkedHashMap<>();
    Map<String, Double> others = new LinkedHashMap<>();
    for (int k = 0; k < stack.layers().size(); k++) {
      if (airSide.isCooler(k)) {
        coolers.put(stack.layers().get(k).name().id(), oilSide.heatOf(k));
      } else if (stack.layers().get(k).role() instanceof LayerRole.OtherCooler other) {
        others.put(stack.layers().get(k).name().id(), other.heat(engineHeat));
      }
    }
    Balance.HeatFlows heat =
        new Balance.HeatFlows(
            fuelPower,
            driveline.brakePower(),
            engineHeat,
            converterHeat,
            gearboxHeat(),
            coreHeat + standing,
            heaterHeat(),
            oilSide.tankHeat(),
            coolers,
            caseHeat(),
            condenserHeat,
            chargeHeat,
            others);
    return new Balance(
        driveline,
        air,
        airSide.flow(),
        coolant,
        tank,
        sump,
        oilSide.feed(),
        oilSide.flow(),
        coolantSide.opening(),
        coolantSide.massFlow(),
        drive.engagement(),
        ratioOfAir.clone(),
        airSide.rise(),
        heat,
        airSide.temperature,
        airSide.given,
        List.of());
  }
}
