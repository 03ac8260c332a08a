package roadbreeze.core.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Name;
import roadbreeze.core.problem.BadInputException;

class AirFlowTest {
  private static final Air AIR = Air.at(38, 600);
  private static final double SPEED = 75 / 3.6;
  private final Stack stack = WorkedCase.stack(true);

  private AirFlow solve(Stack pack, double speed, double... ratio) {
    return AirFlow.cold(pack, AIR, speed, ratio);
  }

  private double velocity(AirFlow flow, int layers, boolean shrouded) {
    Predicate<AirPath> wanted = p -> p.layers().size() == layers && p.fans().isEmpty() != shrouded;
    AirPath path = stack.paths().stream().filter(wanted).findFirst().orElseThrow();
    return flow.velocity()[stack.paths().indexOf(path)];
  }

  @Test
  void sixKindsOfCellRunAtThePublishedVelocities() {
    AirFlow flow = solve(stack, SPEED, 1);
    assertThat(stack.paths()).hasSize(6);
    assertThat(flow.fanPressure()[0]).isCloseTo(261.3, within(0.06));
    assertThat(velocity(flow, 1, true)).isCloseTo(6.477, within(6e-4));
    assertThat(velocity(flow, 2, true)).isCloseTo(5.342, within(6e-4));
    assertThat(velocity(flow, 3, true)).isCloseTo(4.336, within(6e-4));
    assertThat(velocity(flow, 1, false)).isCloseTo(2.949, within(6e-4));
    assertThat(velocity(flow, 2, false)).isCloseTo(2.397, within(6e-4));
    assertThat(velocity(flow, 3, false)).isCloseTo(1.906, within(6e-4));
  }

  @Test
  void hotAirIsThinnerForThePackAndForThePuller() {
    PackFlow pack = new PackFlow(stack, AIR, SPEED, new double[] {1}, AirFactors.NOMINAL);
    AirFlow cold = pack.solve(Warmth.even(stack, 38));
    AirFlow hot = pack.solve(Warmth.even(stack, 90));
    assertThat(hot.totalFlow(stack)).isLessThan(0.93 * cold.totalFlow(stack));
    // The fan's volume is that of the hot air it moves, its pressure falls with density.
    double thin = AIR.warmedTo(90).density();
    double onCurve = stack.fans().get(0).curve().pressure(hot.fanFlow()[0], 1, thin);
    assertThat(hot.fanPressure()[0]).isCloseTo(onCurve, within(1e-5));
    // Asked again for cold air it finds what it found first.
    assertThat(pack.solve(Warmth.even(stack, 38)).totalFlow(stack))
        .isCloseTo(cold.totalFlow(stack), within(1e-9));
  }

  @Test
  void cellsTileTheFaceAndTheFanPassesWhatItsCellsPass() {
    double area = stack.cells().stream().mapToDouble(c -> c.width() * c.height()).sum();
    assertThat(area).isCloseTo(0.76 * 0.52, within(1e-12));
    AirFlow flow = solve(stack, SPEED, 1);
    double onCurve = stack.fans().get(0).curve().pressure(flow.fanFlow()[0], 1, AIR.density());
    assertThat(flow.fanPressure()[0]).isCloseTo(onCurve, within(1e-5));
    assertThat(flow.fanFlow()[0]).isLessThan(2.8).isLessThan(flow.totalFlow(stack));
  }

  @Test
  void aRestingFanOnlyResistsAndStillAirStaysStill() {
    AirFlow resting = solve(stack, SPEED, 0);
    assertThat(resting.fanPressure()[0]).isNegative();
    AirFlow still = solve(stack, 0, 0);
    assertThat(still.velocity()).containsOnly(0);
  }

  @Test
  void aStalledFanGivesAllItsPressureAndAWindmillingOneIsDrivenByTheRam() {
    Layer radiator = WorkedCase.radiator();
    Layer choked =
        new Layer(radiator.name(), radiator.outline(), radiator.fin(), 0.9, radiator.role());
    Stack shut = new Stack(List.of(choked), List.of(WorkedCase.fan()), 0.55, 0.02);
    AirFlow stalled = solve(shut, 0, 1);
    double shutoff = WorkedCase.fan().curve().pressure(0, 1, AIR.density());
    assertThat(stalled.fanPressure()[0]).isBetween(0.95 * shutoff, shutoff);
    assertThat(stalled.fanFlow()[0]).isPositive();
    AirFlow slow = solve(stack, 120 / 3.6, 0.2);
    assertThat(slow.fanPressure()[0]).isNegative();
    assertThat(slow.fanFlow()[0]).isGreaterThan(0.2 * 2.8);
  }

  @Test
  void aBareFanServesItsOwnDiscAtThreeQuartersOfItsPressure() {
    Fan bare = Fan.bare(Name.of(Name.Noun.FAN), new FanCurve(330, 2.4, false), 0.38, 0.26, 0.40);
    assertThat(bare.outline().area()).isCloseTo(Math.PI / 4 * 0.40 * 0.40, within(1e-12));
    Stack pack = new Stack(List.of(WorkedCase.radiator()), List.of(bare), 0.55, 0.02);
    AirFlow flow = solve(pack, 0, 1);
    double curve = bare.curve().pressure(flow.fanFlow()[0], 1, AIR.density());
    assertThat(flow.fanPressure()[0]).isCloseTo(0.75 * curve, within(1e-5));
    assertThat(flow.totalFlow(pack)).isCloseTo(flow.fanFlow()[0], within(1e-12));
  }

  @Test
  void aPusherInFrontOfAPullerAddsAirOnlyInItsOwnOutline() {
    Fan pusher =
        new Fan(
            Name.of(Name.Noun.FAN),
            FanCurve.fromFreeAirFlow(0.6),
            new Rectangle(0.1, 0.1, 0.3, 0.3),
            Fan.Mount.PUSHER);
    Stack both =
        new Stack(List.of(WorkedCase.radiator()), List.of(WorkedCase.fan(), pusher), 0.55, 0.02);
    AirFlow off = solve(both, 5, 1, 0);
    AirFlow on = solve(both, 5, 1, 1);
    for (int p = 0; p < both.paths().size(); p++) {
      if (both.paths().get(p).fans().contains(1)) {
        assertThat(on.velocity()[p]).isGreaterThan(off.velocity()[p]);
      } else {
        assertThat(on.velocity()[p]).isLessThanOrEqualTo(off.velocity()[p] + 1e-9);
      }
    }
  }

  @Test
  void blockedFinsPassLessAir() {
    Layer radiator = WorkedCase.radiator();
    Layer dirty =
        new Layer(radiator.name(), radiator.outline(), radiator.fin(), 0.3, radiator.role());
    Stack blocked = new Stack(List.of(dirty), List.of(WorkedCase.fan()), 0.55, 0.02);
    Stack clean = new Stack(List.of(radiator), List.of(WorkedCase.fan()), 0.55, 0.02);
    assertThat(solve(blocked, SPEED, 1).totalFlow(blocked))
        .isLessThan(solve(clean, SPEED, 1).totalFlow(clean));
  }

  @Test
  void aPackNeedsExactlyOneRadiator() {
    for (List<Layer> wrong :
        List.of(
            List.of(WorkedCase.condenser()),
            List.of(WorkedCase.radiator(), WorkedCase.radiator()))) {
      assertThatThrownBy(() -> new Stack(wrong, List.of(), 0.55, 0.02))
          .isInstanceOf(BadInputException.class);
    }
  }

  /** Two shrouded fans side by side and a strip between them that only ram air serves. */
  @Test
  void twoFansAndAnUnshroudedRemainderByHand() {
    FanCurve curve = new FanCurve(250, 1.1, false);
    Fan left =
        new Fan(
            Name.of("left", Name.Noun.FAN, 0),
            curve,
            new Rectangle(0, 0, 0.34, 0.52),
            Fan.Mount.SHROUDED_PULLER);
    Fan right =
        new Fan(
            Name.of("right", Name.Noun.FAN, 1),
            curve,
            new Rectangle(0.42, 0, 0.34, 0.52),
            Fan.Mount.SHROUDED_PULLER);
    Stack pack = new Stack(List.of(WorkedCase.radiator()), List.of(left, right), 0.55, 0.02);
    AirFlow flow = solve(pack, 60 / 3.6, 1, 0.6);
    double ram = 0.55 * AIR.density() * Math.pow(60 / 3.6, 2) / 2;
    for (int p = 0; p < pack.paths().size(); p++) {
      AirPath path = pack.paths().get(p);
      double u = flow.velocity()[p];
      // By hand: the drop of the bare core and four velocity heads, against ram and the path's fan.
      double needed =
          WorkedCase.radiator().fin().pressureDrop(u * AIR.density(), AIR)
              + 4 * AIR.density() * u * u / 2;
      double fan = path.fans().isEmpty() ? 0 : flow.fanPressure()[path.fans().get(0)];
      assertThat(needed).isCloseTo(ram + fan, within(1e-4));
      if (!path.fans().isEmpty()) {
        double n = path.fans().get(0) == 0 ? 1 : 0.6;
        double q = u * 0.34 * 0.52;
        assertThat(fan).isCloseTo(AIR.density() / 1.2 * 250 * (n * n - q * q / 1.21), within(1e-4));
      }
    }
    assertThat(pack.paths()).hasSize(3);
  }

  @Test
  void airGetsRoundACoreThatStandsOffUnsealed() {
    Layer tight = WorkedCase.cooler("oil cooler", 0.05, 0.25);
    Layer open = new Layer(tight.name(), tight.outline(), tight.fin(), 0, tight.role(), 0.02);
    List<Layer> behind = List.of(WorkedCase.condenser(), WorkedCase.radiator());
    Stack sealed =
        new Stack(
            List.of(tight, behind.get(0), behind.get(1)), List.of(WorkedCase.fan()), 0.55, 0.02);
    Stack leaky =
        new Stack(
            List.of(open, behind.get(0), behind.get(1)), List.of(WorkedCase.fan()), 0.55, 0.02);
    AirFlow a = solve(sealed, SPEED, 1);
    AirFlow b = solve(leaky, SPEED, 1);
    for (int p = 0; p < sealed.paths().size(); p++) {
      if (sealed.paths().get(p).layers().size() == 3) {
        assertThat(b.frontVelocity()[p]).isLessThan(a.frontVelocity()[p]); // the core loses air
        assertThat(b.velocity()[p]).isGreaterThan(a.velocity()[p]); // what stands behind gains it
        // What leaks in is what the orifice lets through.
        double drop = open.fin().pressureDrop(b.frontVelocity()[p] * AIR.density(), AIR);
        double leak =
            0.6 * 2 * (0.28 + 0.19) * 0.02 * Math.sqrt(2 * drop / AIR.density()) / (0.28 * 0.19);
        assertThat(b.velocity()[p] - b.frontVelocity()[p]).isCloseTo(leak, within(1e-6));
      }
    }
  }

  @Test
  void behindAShadowOnlyTheFanMovesAir() {
    Stack shaded =
        new Stack(
            List.of(WorkedCase.radiator()),
            List.of(WorkedCase.fan()),
            List.of(new Rectangle(0.35, 0, 0.06, 0.52)),
            0.55,
            0.02,
            0);
    AirFlow flow = solve(shaded, SPEED, 1);
    double sun = 0;
    double shade = 0;
    for (int p = 0; p < shaded.paths().size(); p++) {
      AirPath path = shaded.paths().get(p);
      if (!path.fans().isEmpty()) {
        if (path.ram()) {
          sun = flow.velocity()[p];
        } else {
          shade = flow.velocity()[p];
        }
      }
    }
    assertThat(shade).isPositive().isLessThan(sun);
    assertThat(solve(shaded, SPEED, 0).velocity()).as("no fan, no air there").contains(0);
  }

  @Test
  void aFanCurveIsFittedThroughItsPoints() {
    FanCurve fitted = FanCurve.through(new double[] {0, 1.2, 2.4}, new double[] {330, 247.5, 0});
    assertThat(fitted.shutoffPressure()).isCloseTo(330, within(1e-9));
    assertThat(fitted.freeFlow()).isCloseTo(2.4, within(1e-9));
    assertThatThrownBy(() -> FanCurve.through(new double[] {0, 1}, new double[] {100, 200}))
        .isInstanceOf(BadInputException.class);
    // What the pack asks at the fan's own pressure is what the fan then passes.
    AirFlow flow = solve(stack, SPEED, 1);
    PackFlow pack = new PackFlow(stack, AIR, SPEED, new double[] {1}, AirFactors.NOMINAL);
    Warmth cold = Warmth.even(stack, AIR.temperature());
    assertThat(pack.demand(0, flow.fanPressure()[0], cold))
        .isCloseTo(flow.fanFlow()[0], within(1e-6));
  }
}
