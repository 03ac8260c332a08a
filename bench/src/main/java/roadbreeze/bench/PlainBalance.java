package roadbreeze.bench;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.exchanger.Effectiveness;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Resistance;
import roadbreeze.core.stack.AirPath;
import roadbreeze.core.stack.Cell;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.Driveline;
import roadbreeze.core.vehicle.Powertrain;

/**
 * The same equations as the core's balance, written as plainly as they can be: every cell for
 * itself, every unknown by bisection inside the next, air and heat in turn until nothing moves. The
 * reference for speed and for results. One electric shrouded fan, coolers that do not overlap, an
 * in-tank cooler in the outlet tank, no bypass, speeds without recirculation.
 */
public final class PlainBalance {
  private static final int HALVINGS = 44;
  private static final int PASSES = 40;
  private static final double STILL = 1e-5;

  /** Tank, coolers and core depend on each other so weakly that so many turns settle them. */
  private static final int TURNS = 4;

  private final Rig rig;
  private final OperatingPoint point;
  private final Air air;
  private final Stack stack;
  private final List<Cell> cells;
  private final LayerRole.Radiator radiator;
  private Powertrain.State drive;
  private double engineHeat;

  // By cell: velocity, air temperatures before each layer of it and at its end, conductances.
  private final double[] velocity;
  private final double[] exit;
  private final double[][] before;
  private final double[][] gives;
  private final double[][] outside;

  private double coolant;
  private double sump;
  private double tankHeat;
  private double coreHeat;
  private double standing;
  private double coreOutlet;
  private double oilFlow;

  /** Temperatures found, °C. */
  public record Result(double coolant, double sump) {}

  public static Result solve(Rig rig, OperatingPoint point) {
    return new PlainBalance(rig, point).solve();
  }

  private PlainBalance(Rig rig, OperatingPoint point) {
    this.rig = rig;
    this.point = point;
    air = Air.at(point.ambient(), point.altitude());
    stack = rig.stack();
    radiator = (LayerRole.Radiator) stack.layers().get(stack.radiator()).role();
    cells = stack.cells();
    int count = cells.size();
    velocity = new double[count];
    exit = new double[count];
    Arrays.fill(exit, point.ambient());
    before = new double[count][stack.layers().size()];
    gives = new double[count][stack.layers().size()];
    outside = new double[count][stack.layers().size()];
    for (double[] cell : before) {
      Arrays.fill(cell, point.ambient());
    }
    sump = 90;
    coreOutlet = point.ambient();
  }

  private static double bisect(DoubleUnaryOperator falling, double low, double high) {
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (falling.applyAsDouble(middle) > 0) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return (low + high) / 2;
  }

  private Result solve() {
    for (int pass = 0; pass < PASSES; pass++) {
      double coolantBefore = coolant;
      double sumpBefore = sump;
      double[] exitBefore = exit.clone();
      takeDrive();
      solveAir();
      coolant = bisect(this::coolantLeft, point.ambient(), 400);
      coolantLeft(coolant);
      double moved = Math.max(Math.abs(coolant - coolantBefore), Math.abs(sump - sumpBefore));
      for (int c = 0; c < exit.length; c++) {
        moved = Math.max(moved, Math.abs(exit[c] - exitBefore[c]));
      }
      if (moved < STILL) {
        break;
      }
    }
    return new Result(coolant, sump);
  }

  private double thickness() {
    return Driveline.spinThickness(rig.oilLoop().fluid(), sump);
  }

  private void takeDrive() {
    double belts =
        rig.accessories().basePower()
            + (point.airConditioning() ? rig.accessories().airConditioningPower() : 0);
    Powertrain.Task task =
        new Powertrain.Task(
            v -> rig.load().force(point.grade(), v, air.density(), 1),
            point.holdGear(),
            air,
            w -> belts,
            thickness());
    drive = rig.powertrain().drive(task, point.speed());
    engineHeat =
        rig.powertrain().engine().kind().coolantShare()
            * rig.powertrain().engine().fuelPower(drive.brakePower(), drive.engineSpeed());
  }

  private AirPath path(int cell) {
    return stack.paths().get(cells.get(cell).path());
  }

  private double area(int cell) {
    Cell c = cells.get(cell);
    return c.width() * c.height();
  }

  private double airCapacity(int cell) {
    return air.density() * velocity[cell] * area(cell) * Air.SPECIFIC_HEAT;
  }

  private double mean(int cell, int layer) {
    double capacity = airCapacity(cell);
    return before[cell][layer] + (capacity > 0 ? gives[cell][layer] / capacity / 2 : 0);
  }

  private void solveAir() {
    double ram = stack.ramCoefficient() * air.density() * drive.speed() * drive.speed() / 2;
    Fan fan = stack.fans().get(0);
    double n =
        ((FanDrive.Electric) rig.fanSettings().get(0).drive()).speedRatio()
            * rig.fanSettings().get(0).condition();
    double flow = 0;
    double warm = 0;
    double[][] means = new double[velocity.length][stack.layers().size()];
    for (int c = 0; c < velocity.length; c++) {
      for (int k : path(c).layers()) {
        means[c][k] = mean(c, k);
      }
      if (!path(c).fans().isEmpty()) {
        flow += velocity[c] * area(c);
        warm += velocity[c] * area(c) * exit[c];
      }
    }
    double thin = air.warmedTo(flow > 0 ? warm / flow : point.ambient()).density();
    double hot = air.density() / thin;
    double pressure =
        bisect(
            p -> fan.curve().pressure(hot * flowAt(ram, p, means), n, thin) - p,
            -ram,
            fan.curve().pressure(0, n, thin));
    flowAt(ram, pressure, means);
    for (int c = 0; c < velocity.length; c++) {
      for (int k : path(c).layers()) {
        Layer layer = stack.layers().get(k);
        double open = 1 - layer.blockedFraction();
        double flux = air.density() * velocity[c] / open;
        outside[c][k] = layer.fin().conductance(flux, air.warmedTo(means[c][k])) * open * area(c);
      }
    }
  }

  private double flowAt(double ram, double fanPressure, double[][] means) {
    double flow = 0;
    for (int c = 0; c < velocity.length; c++) {
      boolean served = !path(c).fans().isEmpty();
      double available = ram + (served ? fanPressure : 0);
      int cell = c;
      velocity[c] = available <= 0 ? 0 : bisect(u -> available - drop(cell, u, means), 0, 40);
      flow += served ? velocity[c] * area(c) : 0;
    }
    return flow;
  }

  private double drop(int cell, double u, double[][] means) {
    double hot = air.density() / air.warmedTo(exit[cell]).density();
    double sum = Stack.SYSTEM_LOSS * air.density() / 2 * u * u * (0.5 + 0.5 * hot);
    for (int k : path(cell).layers()) {
      Layer layer = stack.layers().get(k);
      double flux = air.density() * u / (1 - layer.blockedFraction());
      sum += layer.fin().pressureDrop(flux, air.warmedTo(means[cell][k]));
    }
    return sum;
  }

  private double opening(double trial) {
    return rig.coolantLoop().thermostat().opening(trial);
  }

  private double coolantFlow(double trial) {
    return rig.coolantLoop().pumpFlowAt4000() * drive.engineRpm() / 4000 * opening(trial);
  }

  private double heater(double trial) {
    return point.heaterOn() ? 60 * (trial - point.ambient()) : 0;
  }

  private double coolantLeft(double trial) {
    sump = bisect(s -> oilLeft(trial, s), point.ambient() - 1, 1200);
    oilLeft(trial, sump);
    return engineHeat + tankHeat - coreHeat - standing - heater(trial);
  }

  private double oilLeft(double trial, double trialSump) {
    double known = TransmissionFluid.held(trialSump);
    TransmissionFluid oil = rig.oilLoop().fluid();
    oilFlow = Math.min(1, drive.engineRpm() / 1500) * circuitFlow(known);
    double capacity = oilFlow * oil.density(known) * oil.specificHeat(known);
    double removed = 0;
    for (int turn = 0; turn < TURNS; turn++) {
      double temperature = trialSump + drive.converterHeat() / capacity;
      removed = 0;
      tankHeat = 0;
      for (OilStage stage : rig.oilLoop().stages()) {
        OilElement element = stage.branches().get(0).element();
        double heat =
            element instanceof OilElement.InTank tank
                ? (tankHeat = inTank(tank, trial, temperature, capacity))
                : cooler(((OilElement.PackCooler) element).layer(), temperature, capacity);
        temperature -= heat / capacity;
        removed += heat;
      }
      core(trial);
    }
    double share = Math.max(0, Math.min(1, (trial - 40) / 40));
    double lost =
        rig.oilLoop().caseConductance()
            * (0.5 + 0.5 * drive.speed() / 20)
            * (trialSump - point.ambient() - 10 * share);
    double spin = drive.spinAt90() * Driveline.spinThickness(oil, trialSump);
    return drive.converterHeat() + drive.meshHeat() + spin - removed - lost;
  }

  private double circuitFlow(double temperature) {
    TransmissionFluid oil = rig.oilLoop().fluid();
    double free = rig.oilLoop().circuit().pump().freeFlow();
    return bisect(
        q -> {
          double drop = 0;
          for (Resistance line : rig.oilLoop().circuit().lines()) {
            drop += line.pressureDrop(q, oil, temperature);
          }
          for (Layer layer : stack.layers()) {
            if (layer.role() instanceof LayerRole.OilCooler cooler) {
              drop += cooler.channels().pressureDrop(q, oil, temperature);
            }
          }
          double left = 1 - drop / rig.oilLoop().circuit().pump().maxPressure();
          return free * Math.sqrt(Math.max(0, left)) - q;
        },
        0,
        free);
  }

  private double inTank(OilElement.InTank tank, double trial, double oil, double oilCapacity) {
    double flow = coolantFlow(trial);
    double film = Math.max(0.1, Math.pow(flow / (0.7 * rig.coolantLoop().pumpFlowAt4000()), 0.6));
    double ua = tank.conductance() / (0.7 + 0.3 / film);
    double k = Effectiveness.againstSink(ua / oilCapacity) * oilCapacity;
    return k * (oil - outletTank(trial, k, oil));
  }

  private double outletTank(double trial, double k, double oil) {
    double capacity = coolantCapacity(trial);
    double loss = loss(trial);
    return (capacity * coreOutlet + k * oil + loss * point.ambient()) / (capacity + k + loss);
  }

  private double loss(double trial) {
    return 15 * Math.max(0, 1 - opening(trial) / 0.02);
  }

  private double coolantCapacity(double trial) {
    double mean = (trial + coreOutlet) / 2;
    return coolantFlow(trial) * rig.coolantLoop().coolant().specificHeat(mean);
  }

  /** The air through all layers, front to back, the radiator with it. */
  private void core(double trial) {
    double flow = coolantFlow(trial);
    double capacity = coolantCapacity(trial);
    double inside =
        flow > 0
            ? radiator
                .tubes()
                .conductance(flow, rig.coolantLoop().coolant(), (trial + coreOutlet) / 2)
            : 0;
    coreHeat = 0;
    for (int c = 0; c < velocity.length; c++) {
      double t = point.ambient();
      for (int k : path(c).layers()) {
        before[c][k] = t;
        LayerRole role = stack.layers().get(k).role();
        if (role instanceof LayerRole.Condenser) {
          gives[c][k] =
              point.airConditioning()
                  ? rig.accessories().condenserHeat() * airCapacity(c) / capacityOf(k)
                  : 0;
        } else if (k == stack.radiator()) {
          gives[c][k] =
              flow > 0
                  ? exchanged(
                      c, k, inside, capacity * area(c) / stack.wettedArea(k), trial - before[c][k])
                  : 0;
          coreHeat += gives[c][k];
        }
        t += gives[c][k] / airCapacity(c);
      }
      exit[c] = t;
    }
    coreOutlet = flow > 0 ? trial - coreHeat / capacity : point.ambient();
    double loss = loss(trial);
    double tank =
        (coolantCapacity(trial) * coreOutlet + tankHeat + loss * point.ambient())
            / (coolantCapacity(trial) + loss);
    standing = loss * (tank - point.ambient());
  }

  private double capacityOf(int layer) {
    double sum = 0;
    for (int c = 0; c < velocity.length; c++) {
      sum += path(c).layers().contains(layer) ? airCapacity(c) : 0;
    }
    return sum;
  }

  private double cooler(String id, double oil, double oilCapacity) {
    int k = stack.indexOf(id);
    LayerRole.OilCooler role = (LayerRole.OilCooler) stack.layers().get(k).role();
    TransmissionFluid fluid = rig.oilLoop().fluid();
    double gave = 0;
    double air = 0;
    double warm = 0;
    double conductance = 0;
    for (int c = 0; c < velocity.length; c++) {
      if (path(c).layers().contains(k)) {
        gave += gives[c][k];
        air += airCapacity(c);
        warm += airCapacity(c) * before[c][k] + gives[c][k] / 2;
        conductance += outside[c][k];
      }
    }
    double mean = TransmissionFluid.held(oil - gave / oilCapacity / 2);
    double even = role.channels().conductance(oilFlow, fluid, mean);
    double airSide = conductance / stack.wettedArea(k);
    double wall = (even * mean + airSide * warm / air) / (even + airSide);
    double inside =
        role.channels()
            .conductance(
                oilFlow,
                fluid,
                mean,
                OilChannels.wallFactor(fluid, mean, TransmissionFluid.held(wall)));
    double heat = 0;
    for (int c = 0; c < velocity.length; c++) {
      if (path(c).layers().contains(k)) {
        gives[c][k] =
            exchanged(
                c, k, inside, oilCapacity * area(c) / stack.wettedArea(k), oil - before[c][k]);
        heat += gives[c][k];
      }
    }
    return heat;
  }

  private double exchanged(int cell, int layer, double inside, double stream, double difference) {
    double ua = 1 / (1 / outside[cell][layer] + 1 / (inside * area(cell)));
    double least = Math.min(stream, airCapacity(cell));
    double most = Math.max(stream, airCapacity(cell));
    return Effectiveness.crossflow(ua / least, least / most) * least * difference;
  }
}
