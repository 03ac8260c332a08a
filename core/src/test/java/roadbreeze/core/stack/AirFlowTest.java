package roadbreeze.core.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.problem.BadInputException;

class AirFlowTest {
  private static final Air AIR = Air.at(38, 600);
  private static final double SPEED = 75 / 3.6;
  private final Stack stack = WorkedCase.stack(true);

  private AirFlow solve(Stack pack, double speed, double... ratio) {
    return AirFlow.solve(pack, AIR, speed, ratio, 1, 1);
  }

  private double velocity(AirFlow flow, int layers, boolean shrouded) {
    Predicate<AirPath> wanted =
        p -> p.layers().size() == layers && p.fans().isEmpty() != shrouded;
    AirPath path = stack.paths().stream().filter(wanted).findFirst().orElseThrow();
    return flow.velocity()[stack.paths().indexOf(path)];
  }

  @Test
  void sixKindsOfCellRunAtTheSharedVelocities() {
    AirFlow flow = solve(stack, SPEED, 1);
    assertThat(stack.paths()).hasSize(6);
    assertThat(velocity(flow, 1, true)).isCloseTo(6.17, within(0.006));
    assertThat(velocity(flow, 2, true)).isCloseTo(4.99, within(0.006));
    assertThat(velocity(flow, 3, true)).isCloseTo(4.08, within(0.006));
    assertThat(velocity(flow, 1, false)).isCloseTo(3.90, within(0.006));
    assertThat(velocity(flow, 2, false)).isCloseTo(3.13, within(0.006));
    assertThat(velocity(flow, 3, false)).isCloseTo(2.54, within(0.006));
  }

  @Test
  void cellsTileTheFaceAndTheFanPassesWhatItsCellsPass() {
    double area = stack.cells().stream().mapToDouble(c -> c.width() * c.height()).sum();
    assertThat(area).isCloseTo(0.76 * 0.52, within(1e-12));
    AirFlow flow = solve(stack, SPEED, 1);
    double onCurve =
        stack.fans().get(0).curve().pressure(flow.fanFlow()[0], 1, AIR.density());
    assertThat(flow.fanPressure()[0]).isCloseTo(onCurve, within(1e-6));
    assertThat(flow.fanFlow()[0]).isLessThan(2.4).isLessThan(flow.totalFlow(stack));
  }

  @Test
  void aRestingFanOnlyResistsAndStillAirStaysStill() {
    AirFlow resting = solve(stack, SPEED, 0);
    assertThat(resting.fanPressure()[0]).isNegative();
    AirFlow still = solve(stack, 0, 0);
    assertThat(still.velocity()).containsOnly(0);
  }

  @Test
  void aBareFanServesItsOwnDiscAtThreeQuartersOfItsPressure() {
    Fan bare = Fan.bare("fan", new FanCurve(330, 2.4, false), 0.38, 0.26, 0.40);
    assertThat(bare.outline().area()).isCloseTo(Math.PI / 4 * 0.40 * 0.40, within(1e-12));
    Stack pack = new Stack(List.of(WorkedCase.radiator()), List.of(bare), 0.55, 0.02);
    AirFlow flow = solve(pack, 0, 1);
    double curve = bare.curve().pressure(flow.fanFlow()[0], 1, AIR.density());
    assertThat(flow.fanPressure()[0]).isCloseTo(0.75 * curve, within(1e-6));
    assertThat(flow.totalFlow(pack)).isCloseTo(flow.fanFlow()[0], within(1e-12));
  }

  @Test
  void aPusherInFrontOfAPullerAddsAirOnlyInItsOwnOutline() {
    Fan pusher =
        new Fan(
            "pusher", FanCurve.fromFreeAirFlow(0.6), new Rectangle(0.1, 0.1, 0.3, 0.3),
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
        new Layer("radiator", radiator.outline(), radiator.fin(), 0.3, radiator.role());
    Stack blocked = new Stack(List.of(dirty), List.of(WorkedCase.fan()), 0.55, 0.02);
    Stack clean = new Stack(List.of(radiator), List.of(WorkedCase.fan()), 0.55, 0.02);
    assertThat(solve(blocked, SPEED, 1).totalFlow(blocked))
        .isLessThan(solve(clean, SPEED, 1).totalFlow(clean));
  }

  @Test
  void aPackNeedsItsRadiatorAtTheBack() {
    assertThatThrownBy(
            () ->
                new Stack(
                    List.of(WorkedCase.radiator(), WorkedCase.condenser()), List.of(), 0.55, 0.02))
        .isInstanceOf(BadInputException.class);
  }
}
