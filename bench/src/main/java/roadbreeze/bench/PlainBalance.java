package roadbreeze.bench;

import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.exchanger.Effectiveness;
import roadbreeze.core.stack.AirPath;
import roadbreeze.core.stack.Cell;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.Powertrain;

/**
 * The same equations as the core's balance, written as plainly as they can be: every cell for
 * itself, every unknown by bisection inside the next. The reference for speed and for results. One
 * electric shrouded fan, coolers that do not overlap, speeds without recirculation.
 */
public final class PlainBalance {
  private static final int HALVINGS = 60;

  private final Rig rig;
  private final OperatingPoint point;
  private final Air air;
  private final Stack stack;
  private final Powertrain.State drive;
  private final double[] velocity;
  private final double engineHeat;
  private double tankHeat;
  private final double[][] coolerGives;

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
    double belts =
        rig.accessories().basePower()
            + (point.airConditioning() ? rig.accessories().airConditioningPower() : 0);
    drive =
        rig.powertrain()
            .drive(
                v -> rig.load().force(point.grade(), v, air.density(), 1),
                point.speed(),
                air.density(),
                w -> belts);
    engineHeat =
        rig.powertrain().engine().kind().coolantShare()
            * rig.powertrain().engine().fuelPower(drive.brakePower(), drive.engineSpeed());
    velocity = new double[stack.cells().size()];
    coolerGives = new double[stack.cells().size()][stack.layers().size()];
    solveAir();
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

  private AirPath path(int cell) {
    return stack.paths().get(stack.cells().get(cell).path());
  }

  private double area(int cell) {
    Cell c = stack.cells().get(cell);
    return c.width() * c.height();
  }

  private void solveAir() {
    double ram = stack.ramCoefficient() * air.density() * drive.speed() * drive.speed() / 2;
    Fan fan = stack.fans().get(0);
    double n =
        ((FanDrive.Electric) rig.fanSettings().get(0).drive()).speedRatio()
            * rig.fanSettings().get(0).condition();
    double pressure =
        bisect(
            p -> fan.curve().pressure(flowAt(ram, p), n, air.density()) - p,
            -ram,
            fan.curve().pressure(0, n, air.density()));
    flowAt(ram, pressure);
  }

  private double flowAt(double ram, double fanPressure) {
    double flow = 0;
    for (int c = 0; c < velocity.length; c++) {
      boolean served = !path(c).fans().isEmpty();
      double available = ram + (served ? fanPressure : 0);
      int cell = c;
      velocity[c] = available <= 0 ? 0 : bisect(u -> available - drop(cell, u), 0, 40);
      flow += served ? velocity[c] * area(c) : 0;
    }
    return flow;
  }

  private double drop(int cell, double u) {
    double sum = Stack.SYSTEM_LOSS * air.density() / 2 * u * u;
    for (int k : path(cell).layers()) {
      Layer layer = stack.layers().get(k);
      sum += layer.fin().pressureDrop(u / (1 - layer.blockedFraction()), air);
    }
    return sum;
  }

  private Result solve() {
    double coolant = bisect(this::coolantLeft, point.ambient(), 400);
    return new Result(coolant, sump(coolant));
  }

  private double coolantFlow(double coolant) {
    return rig.coolantLoop().pumpFlowAt4000()
        * drive.engineRpm()
        / 4000
        * rig.coolantLoop().thermostat().opening(coolant);
  }

  private double coolantLeft(double coolant) {
    sump(coolant);
    double flow = coolantFlow(coolant);
    if (flow <= 0) {
      return engineHeat + tankHeat;
    }
    double capacity = flow * rig.coolantLoop().coolant().specificHeat(coolant);
    LayerRole.Radiator radiator = (LayerRole.Radiator) stack.layers().get(stack.radiator()).role();
    double given = 0;
    for (int c = 0; c < velocity.length; c++) {
      if (path(c).layers().contains(stack.radiator())) {
        double inside = radiator.tubes().conductance(flow, rig.coolantLoop().coolant(), coolant);
        given +=
            exchanged(
                c,
                stack.radiator(),
                inside,
                capacity * area(c) / stack.wettedArea(stack.radiator()),
                coolant - airBefore(c, stack.radiator()));
      }
    }
    return engineHeat + tankHeat - given;
  }

  private double sump(double coolant) {
    return bisect(t -> oilLeft(coolant, t), point.ambient() - 1, 1200);
  }

  private double oilLeft(double coolant, double sump) {
    double known = Math.min(sump, 250);
    double capacity =
        rig.oilLoop().flow()
            * rig.oilLoop().fluid().density(known)
            * rig.oilLoop().fluid().specificHeat(known);
    double oil = sump + drive.converterHeat() / capacity;
    double removed = 0;
    tankHeat = 0;
    for (OilStage stage : rig.oilLoop().stages()) {
      OilElement element = stage.branches().get(0).element();
      double heat =
          element instanceof OilElement.InTank tank
              ? (tankHeat = inTank(tank, coolant, oil, capacity))
              : cooler(((OilElement.PackCooler) element).layer(), oil, capacity);
      oil -= heat / capacity;
      removed += heat;
    }
    double lost =
        rig.oilLoop().caseConductance() * (sump - point.ambient() - rig.oilLoop().caseAirRise());
    return drive.converterHeat() + drive.gearboxHeat() - removed - lost;
  }

  private double inTank(OilElement.InTank tank, double coolant, double oil, double oilCapacity) {
    double capacity = coolantFlow(coolant) * rig.coolantLoop().coolant().specificHeat(coolant);
    if (capacity < 1e-6) {
      return 0;
    }
    double k = Effectiveness.againstSink(tank.conductance() / oilCapacity) * oilCapacity;
    double inTank =
        k >= capacity
            ? point.ambient()
            : Math.max(
                point.ambient(),
                (coolant - (engineHeat + k * oil) / capacity) / (1 - k / capacity));
    return k * (oil - inTank);
  }

  private double cooler(String id, double oil, double oilCapacity) {
    double heat = 0;
    for (int c = 0; c < velocity.length; c++) {
      for (int k : path(c).layers()) {
        Layer layer = stack.layers().get(k);
        if (layer.name().id().equals(id)) {
          LayerRole.OilCooler role = (LayerRole.OilCooler) layer.role();
          double inside =
              role.channels()
                  .conductance(rig.oilLoop().flow(), rig.oilLoop().fluid(), Math.min(oil, 250));
          coolerGives[c][k] =
              exchanged(
                  c, k, inside, oilCapacity * area(c) / stack.wettedArea(k), oil - airBefore(c, k));
          heat += coolerGives[c][k];
        }
      }
    }
    return heat;
  }

  private double airBefore(int cell, int layer) {
    double t = point.ambient();
    for (int k : path(cell).layers()) {
      if (k == layer) {
        return t;
      }
      if (stack.layers().get(k).role() instanceof LayerRole.Condenser && point.airConditioning()) {
        double capacity = 0;
        for (int c = 0; c < velocity.length; c++) {
          capacity += path(c).layers().contains(k) ? airCapacity(c) : 0;
        }
        t += rig.accessories().condenserHeat() / capacity;
      } else {
        t += coolerGives[cell][k] / airCapacity(cell);
      }
    }
    return t;
  }

  private double airCapacity(int cell) {
    return air.density() * velocity[cell] * area(cell) * Air.SPECIFIC_HEAT;
  }

  private double exchanged(int cell, int layer, double inside, double stream, double difference) {
    Layer l = stack.layers().get(layer);
    double open = 1 - l.blockedFraction();
    double outside = l.fin().conductance(velocity[cell] / open, air) * open * area(cell);
    double ua = 1 / (1 / outside + 1 / (inside * area(cell)));
    double least = Math.min(stream, airCapacity(cell));
    double most = Math.max(stream, airCapacity(cell));
    return Effectiveness.crossflow(ua / least, least / most) * least * difference;
  }
}
