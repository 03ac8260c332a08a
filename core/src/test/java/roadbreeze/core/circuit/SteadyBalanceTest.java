package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.RoadLoad;

class SteadyBalanceTest {
  private static final double WORKED_CASE_TOLERANCE = 1;

  private static Balance solve(Rig rig, OperatingPoint point) {
    return new SteadyBalance(rig).solve(point);
  }

  @Test
  void worksOutTheClimbAsShared() {
    Balance bare = solve(WorkedCase.rig(false), WorkedCase.CLIMB);
    assertThat(bare.driveline().gear()).isEqualTo(3);
    assertThat(bare.driveline().locked()).isTrue();
    assertThat(bare.driveline().engineRpm()).isCloseTo(2854, within(1.0));
    assertThat(bare.driveline().brakePower()).isCloseTo(114.3e3, within(50.0));
    assertThat(bare.heat().engineToCoolant()).isCloseTo(84.8e3, within(50.0));
    assertThat(bare.heat().converter() + bare.heat().gearbox()).isCloseTo(4.20e3, within(5.0));
    assertThat(bare.coolant()).isCloseTo(110.2, within(WORKED_CASE_TOLERANCE));
    assertThat(bare.sump()).isCloseTo(113.8, within(WORKED_CASE_TOLERANCE));

    Balance cooled = solve(WorkedCase.rig(true), WorkedCase.CLIMB);
    assertThat(cooled.coolant()).isCloseTo(110.0, within(WORKED_CASE_TOLERANCE));
    assertThat(cooled.sump()).isCloseTo(88.1, within(WORKED_CASE_TOLERANCE));
    assertThat(cooled.heat().tank()).isCloseTo(-2.1e3, within(100.0));
    assertThat(cooled.warnings())
        .extracting(Warning::kind)
        .contains(Warning.Kind.TANK_HEATS_OIL);
  }

  @Test
  void worksOutTheSlippingClimbAsShared() {
    Balance balance = solve(WorkedCase.rig(true), WorkedCase.SLIPPING);
    assertThat(balance.driveline().speedRatio()).isCloseTo(0.63, within(0.005));
    assertThat(balance.heat().converter()).isCloseTo(15.8e3, within(50.0));
    assertThat(balance.coolant()).isCloseTo(119.3, within(WORKED_CASE_TOLERANCE));
    assertThat(balance.sump()).isCloseTo(100.8, within(WORKED_CASE_TOLERANCE));
    assertThat(balance.feed()).isCloseTo(155.3, within(WORKED_CASE_TOLERANCE));
  }
}
