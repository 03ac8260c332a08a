package roadbreeze.core.switching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.switching.SwitchPlan.Finding;
import roadbreeze.core.switching.SwitchPlan.Kind;

class SwitchPlanTest {
  private static final double LIMIT = 112;
  private final Rig rig = WorkedCase.rig(true);

  private SwitchPlan check(double on, double off) {
    return SwitchPlan.check(rig, WorkedCase.CLIMB, new FanSwitch(on, off), LIMIT);
  }

  @Test
  void seesAFanThatNeverStopsAndOneThatComesTooLate() {
    assertThat(check(93, 85).findings()).extracting(Finding::kind).contains(Kind.NEVER_STOPS);
    assertThat(check(101, 95).findings()).extracting(Finding::kind).contains(Kind.MAY_NOT_STOP);
    assertThat(check(111.5, 104).findings()).extracting(Finding::kind).contains(Kind.TOO_LATE);
    assertThat(check(102, 101).findings()).extracting(Finding::kind).contains(Kind.NARROW_BAND);
    assertThat(check(103, 99.5).findings()).extracting(Finding::kind).containsExactly(Kind.SOUND);
  }

  @Test
  void aColderThermostatStartsLowerAndPeaksAlike() {
    FanSwitch fan = new FanSwitch(103, 99.5);
    Rig colder = SwitchPlan.withThermostat(rig, new Thermostat(82, 91));
    assertThat(SwitchPlan.check(colder, WorkedCase.CLIMB, fan, LIMIT).runningPeak())
        .isCloseTo(check(103, 99.5).runningPeak(), within(1e-4));
    OperatingPoint mild = WorkedCase.CLIMB.withAmbient(12);
    assertThat(SwitchPlan.check(colder, mild, fan, LIMIT).coolant()[0])
        .isLessThan(SwitchPlan.check(rig, mild, fan, LIMIT).coolant()[0] - 4);
  }

  @Test
  void theRunFollowsTheExponentialBetweenItsSteadyStates() {
    SwitchPlan plan = check(103, 99.5);
    assertThat(plan.coolant()[plan.coolant().length - 1])
        .isCloseTo(plan.runningPeak(), within(1.5));
    assertThat(plan.highest()).isGreaterThanOrEqualTo(plan.coolant()[0]);
    assertThatThrownBy(() -> new FanSwitch(95, 96)).isInstanceOf(BadInputException.class);
  }
}
