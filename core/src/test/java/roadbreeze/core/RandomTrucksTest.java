package roadbreeze.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.CoolantLoop;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.OilLoop;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.line.Line;
import roadbreeze.core.line.OilCircuit;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.stack.Stack;

/** Energy closes from the arctic to the desert, from light load to more than the truck can shed. */
class RandomTrucksTest {
  private static final int TRUCKS = 2500;

  @ParameterizedTest
  @ValueSource(longs = {11, 12, 13, 14})
  void energyClosesOnAnyTruckInAnyWeather(long seed) {
    Random random = new Random(seed);
    Map<String, Integer> refused = new TreeMap<>();
    for (int n = 0; n < TRUCKS; n++) {
      Rig rig = truck(random);
      OperatingPoint point =
          new OperatingPoint(
              0.13 * random.nextDouble() - 0.03,
              (5 + random.nextInt(100)) / 3.6,
              random.nextInt(90) - 40,
              random.nextInt(3000),
              random.nextInt(3) == 0);
      try {
        Balance b = new SteadyBalance(rig).quiet().solve(point);
        String what = "seed " + seed + ", truck " + n + ", " + point;
        assertThat(Math.abs(b.heat().coolantResidual()))
            .as(what)
            .isLessThan(1e-6 * b.heat().engineToCoolant());
        double through =
            Math.max(
                b.heat().converter() + b.heat().gearbox(),
                Math.abs(b.heat().tank()) + Math.abs(b.heat().throughCoolers()));
        assertThat(Math.abs(b.heat().oilResidual())).as(what).isLessThan(1e-6 * through);
      } catch (NotConvergedException e) {
        refused.merge(e.finding().code().toString(), 1, Integer::sum);
      }
    }
    assertThat(refused.keySet()).isSubsetOf("NO_GEAR_PULLS", "COOLANT_UNBOUND", "OIL_UNBOUND");
    assertThat(refused.values().stream().mapToInt(i -> i).sum()).isLessThan(TRUCKS / 4);
  }

  private static Rig truck(Random random) {
    boolean cooled = random.nextInt(3) > 0;
    OilElement tank =
        new OilElement.InTank(
            60 + 500 * random.nextDouble(), OilElement.InTank.Place.values()[random.nextInt(2)]);
    OilElement cooler =
        new OilElement.PackCooler(
            "oil-cooler",
            switch (random.nextInt(4)) {
              case 0 -> Bypass.byTemperature(60, 72);
              case 1 -> Bypass.byPressure(20e3 + 60e3 * random.nextDouble());
              default -> Bypass.NONE;
            });
    List<OilStage> stages =
        !cooled
            ? random.nextInt(5) == 0 ? List.of() : List.of(OilStage.of(tank))
            : switch (random.nextInt(3)) {
              case 0 -> List.of(OilStage.of(tank), OilStage.of(cooler));
              case 1 -> List.of(OilStage.of(cooler), OilStage.of(tank));
              default -> List.of(OilStage.of(cooler));
            };
    Layer radiator = WorkedCase.radiator();
    List<Layer> layers =
        new java.util.ArrayList<>(
            List.of(
                WorkedCase.condenser(),
                new Layer(
                    radiator.name(),
                    radiator.outline(),
                    radiator.fin(),
                    0.4 * random.nextDouble(),
                    radiator.role())));
    if (cooled) {
      layers.add(
          0,
          WorkedCase.cooler("oil-cooler", 0.5 * random.nextDouble(), 0.35 * random.nextDouble()));
    }
    if (random.nextInt(3) == 0) {
      Layer condenser = WorkedCase.condenser();
      layers.add(
          random.nextInt(layers.size() + 1),
          new Layer(
              Name.of("other", Name.Noun.HYDRAULIC_COOLER, 0),
              new Rectangle(0.4 * random.nextDouble(), 0.3 * random.nextDouble(), 0.36, 0.12),
              condenser.fin(),
              0,
              new LayerRole.OtherCooler(4000 * random.nextDouble(), 0.1 * random.nextDouble())));
    }
    Fan own = WorkedCase.fan();
    Fan fan =
        new Fan(
            own.name(),
            new FanCurve(200 + random.nextInt(500), 1.5 + 2 * random.nextDouble(), false),
            own.outline(),
            own.mount());
    Stack stack =
        new Stack(
            layers, List.of(fan), 0.2 + 0.4 * random.nextDouble(), 0.15 * random.nextDouble());
    double start = 76 + random.nextInt(20);
    Thermostat thermostat =
        new Thermostat(
            start,
            start + 6 + random.nextInt(9),
            random.nextInt(12) == 0 ? random.nextInt(2) * 0.97 + 0.03 : Double.NaN);
    FanDrive.Belt belt = new FanDrive.Belt(1.1, 2600, 2600, 6000, 0.25, 0.9);
    FanDrive drive =
        switch (random.nextInt(4)) {
          case 0 -> new FanDrive.Viscous(belt, 60, 85);
          case 1 -> new FanDrive.Controlled(belt, 95, 104, 0.5, false);
          default -> new FanDrive.Electric(1, 0.45);
        };
    TransmissionFluid oil =
        random.nextBoolean() ? TransmissionFluid.LEGACY : TransmissionFluid.LOW_VISCOSITY;
    OilCircuit circuit =
        OilCircuit.of(
            (4 + 12 * random.nextDouble()) / 60e3,
            new Line(2.4, 9.5e-3, 5),
            420e3,
            cooled ? List.of(new Line(2 + 2 * random.nextDouble(), 9.5e-3, 6)) : List.of(),
            oil);
    Bypass gearbox = random.nextInt(5) == 0 ? Bypass.byTemperature(65, 80) : Bypass.NONE;
    Rig worked =
        WorkedCase.rig(
            stack, stages, new FanSetting(drive, 0.5 + 0.5 * random.nextDouble()), thermostat);
    return worked
        .withCoolantLoop(new CoolantLoop(new Coolant(0.5), 1 + 5 * random.nextDouble(), thermostat))
        .withOilLoop(new OilLoop(oil, circuit, gearbox, stages, 8 + 30 * random.nextDouble()))
        .withMass(2500 + random.nextInt(6000));
  }
}
