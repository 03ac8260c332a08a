package roadbreeze.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Name;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.stack.Stack;

/** What must be true of any pack on any road: air and heat are neither made nor lost. */
class RandomPacksTest {
  private static final int PACKS = 40;

  private record Case(Rig rig, OperatingPoint point) {}

  private static Case random(Random random) {
    List<Layer> layers = new ArrayList<>();
    List<OilStage> stages = new ArrayList<>();
    int coolers = random.nextInt(4);
    if (coolers == 0 || random.nextBoolean()) {
      stages.add(
          OilStage.of(
              new OilElement.InTank(
                  150 + random.nextInt(300), OilElement.InTank.Place.values()[random.nextInt(2)])));
    }
    for (int k = 0; k < coolers; k++) {
      String name = "cooler " + k;
      Layer cooler =
          WorkedCase.cooler(
              name, 0.6 * random.nextDouble() - 0.05, 0.4 * random.nextDouble() - 0.05);
      double openGap = random.nextBoolean() ? 0 : 0.03 * random.nextDouble();
      layers.add(
          new Layer(cooler.name(), cooler.outline(), cooler.fin(), 0, cooler.role(), openGap));
      stages.add(
          random.nextInt(stages.size() + 1),
          OilStage.of(
              new OilElement.PackCooler(
                  name, random.nextInt(3) == 0 ? Bypass.byTemperature(70, 80) : Bypass.NONE)));
    }
    layers.add(WorkedCase.condenser());
    layers.add(WorkedCase.radiator());
    if (layers.size() > 2 && random.nextInt(4) == 0) {
      layers.add(layers.remove(0)); // one behind the radiator
    }
    List<Fan> fans = new ArrayList<>();
    List<FanSetting> settings = new ArrayList<>();
    int count = 1 + random.nextInt(2);
    for (int f = 0; f < count; f++) {
      fans.add(
          new Fan(
              Name.of("fan-" + f, Name.Noun.FAN, f),
              new FanCurve(150 + random.nextInt(400), 0.5 + 3 * random.nextDouble(), false),
              new Rectangle(0.36 * f + 0.02, 0.02, 0.34, 0.48),
              Fan.Mount.values()[random.nextInt(3)]));
      settings.add(new FanSetting(new FanDrive.Electric(1, 0.45), 0.5 + 0.5 * random.nextDouble()));
    }
    List<Rectangle> shadows =
        random.nextBoolean() ? List.of(new Rectangle(0.3, 0.1, 0.1, 0.2)) : List.of();
    Stack stack =
        new Stack(
            layers, fans, shadows, 0.3 + 0.3 * random.nextDouble(), 0.15 * random.nextDouble(), 0);
    Rig rig =
        WorkedCase.rig(
                WorkedCase.stack(false), stages, 1, new Thermostat(82 + random.nextInt(10), 99))
            .withPack(stack, settings)
            .withMass(3000 + random.nextInt(3500));
    return new Case(
        rig,
        new OperatingPoint(
            0.10 * random.nextDouble() - 0.02,
            (8 + random.nextInt(90)) / 3.6,
            random.nextInt(50) - 10,
            random.nextInt(2000),
            random.nextBoolean()));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void airAndHeatCloseOnAnyPack(long seed) {
    Random random = new Random(seed);
    for (int n = 0; n < PACKS; n++) {
      Case c = random(random);
      Balance b = new SteadyBalance(c.rig()).solve(c.point());
      String what = "seed " + seed + ", pack " + n;
      double oilInput = b.heat().converter() + b.heat().gearbox();
      assertThat(b.heat().coolantResidual())
          .as("coolant, " + what)
          .isCloseTo(0, within(1e-6 * b.heat().engineToCoolant()));
      double through =
          Math.max(oilInput, Math.abs(b.heat().tank()) + Math.abs(b.heat().throughCoolers()));
      assertThat(b.heat().oilResidual()).as("oil, " + what).isCloseTo(0, within(1e-6 * through));
      airCloses(c.rig().stack(), b, what);
      heatCloses(c, b, what);
    }
  }

  /** A fan passes what its paths pass; every velocity is a number and none runs backwards. */
  private static void airCloses(Stack stack, Balance b, String what) {
    for (int f = 0; f < stack.fans().size(); f++) {
      double through = 0;
      for (int p = 0; p < stack.paths().size(); p++) {
        if (stack.paths().get(p).fans().contains(f)) {
          through += stack.paths().get(p).area() * b.airFlow().velocity()[p];
        }
      }
      // A puller moves the same air hot, and so more of it.
      boolean pusher = stack.fans().get(f).mount() == Fan.Mount.PUSHER;
      assertThat(b.airFlow().fanFlow()[f])
          .as("fan %d, %s", f, what)
          .isBetween(through - 1e-6, pusher ? through + 1e-6 : 1.9 * through + 1e-6);
    }
    for (double v : b.airFlow().velocity()) {
      assertThat(v).as(what).isFinite().isGreaterThanOrEqualTo(0);
    }
  }

  /** All heat of the fuel's and the road's making leaves as air, case or cab warmth. */
  private static void heatCloses(Case c, Balance b, String what) {
    double carried = 0;
    Stack stack = c.rig().stack();
    for (int p = 0; p < stack.paths().size(); p++) {
      double[] t = b.airTemperature()[p];
      double capacity =
          b.air().density()
              * b.airFlow().velocity()[p]
              * stack.paths().get(p).area()
              * Air.SPECIFIC_HEAT;
      carried += capacity * (t[t.length - 1] - t[0]);
      for (int i = 0; i + 1 < t.length; i++) {
        assertThat(capacity * (t[i + 1] - t[i]))
            .as("cell %d/%d, %s", p, i, what)
            .isCloseTo(b.cellHeat()[p][i], within(1e-6 * b.heat().engineToCoolant()));
      }
    }
    Balance.HeatFlows h = b.heat();
    double given =
        h.engineToCoolant()
            + h.converter()
            + h.gearbox()
            + h.condenser()
            + h.chargeAir()
            - h.gearboxCase()
            - h.heater();
    // What a standing radiator's tank loses goes past the pack's air.
    double standing = b.thermostatOpening() < 0.02 ? 15 * 100 : 0;
    assertThat(carried)
        .as("air, " + what)
        .isBetween(given * (1 - 1e-5) - standing, given * (1 + 1e-5));
  }

  @ParameterizedTest
  @ValueSource(longs = {4, 5})
  void aHotterDayNeverCoolsAndTheHeatOnlyClimbsByWhatItMust(long seed) {
    Random random = new Random(seed);
    for (int n = 0; n < PACKS; n++) {
      Case c = random(random);
      Balance mild = new SteadyBalance(c.rig()).solve(c.point());
      Balance hot =
          new SteadyBalance(c.rig()).solve(c.point().withAmbient(c.point().ambient() + 5));
      if (mild.driveline().gear() == hot.driveline().gear()
          && mild.driveline().locked() == hot.driveline().locked()) {
        assertThat(hot.coolant()).isGreaterThanOrEqualTo(mild.coolant() - 1e-5);
        // A bypass that opens on a hotter day may leave the pan cooler.
        if (!valves(c.rig())) {
          assertThat(hot.sump()).isGreaterThanOrEqualTo(mild.sump() - 1e-5);
        }
        // In a choked pack hot air is too thin for its fan: there a hot day costs twice its kelvin.
        assertThat(hot.coolant() - mild.coolant()).isLessThan(mild.coolant() < 150 ? 9 : 15);
      }
    }
  }

  private static boolean valves(Rig rig) {
    return rig.oilLoop().stages().stream()
        .flatMap(stage -> stage.branches().stream())
        .anyMatch(
            b ->
                b.element() instanceof OilElement.PackCooler cooler
                    && !cooler.bypass().equals(Bypass.NONE));
  }
}
