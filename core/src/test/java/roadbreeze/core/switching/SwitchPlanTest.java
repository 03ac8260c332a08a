package roadbreeze.core.switching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Name;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.stack.Stack;

class SwitchPlanTest {
  private static final double LIMIT = 112;
  private final Rig rig = WorkedCase.rig(true);

  private static SwitchedFan fan(int index, double on, double off) {
    return new SwitchedFan(
        index, Name.of("fan-" + index, Name.Noun.FAN, index), new FanSwitch(on, off));
  }

  private SwitchPlan check(double on, double off) {
    return SwitchPlan.check(rig, WorkedCase.CLIMB, List.of(fan(0, on, off)), LIMIT);
  }

  private List<Code> found(double on, double off) {
    return check(on, off).findings().stream().map(f -> f.code()).toList();
  }

  @Test
  void seesAFanThatNeverStopsAndOneThatComesTooLate() {
    assertThat(found(93, 85)).contains(SwitchFinding.NEVER_STOPS);
    assertThat(found(101, 95)).contains(SwitchFinding.MAY_NOT_STOP);
    assertThat(found(111.5, 104)).contains(SwitchFinding.TOO_LATE);
    assertThat(found(102, 101)).contains(SwitchFinding.NARROW_BAND);
    assertThat(found(103, 99.5)).containsExactly(SwitchFinding.SOUND);
  }

  @Test
  void aColderThermostatStartsLowerAndPeaksAlike() {
    Rig colder = rig.withCoolantLoop(rig.coolantLoop().with(new Thermostat(82, 91)));
    List<SwitchedFan> fans = List.of(fan(0, 103, 99.5));
    assertThat(SwitchPlan.check(colder, WorkedCase.CLIMB, fans, LIMIT).runningPeak())
        .isCloseTo(check(103, 99.5).runningPeak(), within(1e-4));
    OperatingPoint mild = WorkedCase.CLIMB.withAmbient(12);
    assertThat(SwitchPlan.check(colder, mild, fans, LIMIT).levelRoad())
        .isLessThan(SwitchPlan.check(rig, mild, fans, LIMIT).levelRoad() - 4);
  }

  @Test
  void theRunFollowsTheExponentialAndTheFanLagsItsSwitch() {
    SwitchPlan plan = check(103, 99.5);
    assertThat(plan.coolant()[plan.coolant().length - 1])
        .isCloseTo(plan.runningPeak(), within(1.5));
    assertThat(plan.highest()).isGreaterThanOrEqualTo(plan.coolant()[0]);
    double blows = plan.fans().get(0).after().orElseThrow();
    int reaches = 0;
    while (plan.coolant()[reaches] < 103) {
      reaches++;
    }
    double step = plan.time()[1];
    assertThat(blows).isBetween(plan.time()[reaches - 1] + 20, plan.time()[reaches] + 20 + step);
    assertThatThrownBy(() -> new FanSwitch(95, 96)).isInstanceOf(BadInputException.class);
  }

  @Test
  void twoFansComeOnOneAfterTheOtherEachAtItsOwn() {
    Fan half =
        new Fan(
            Name.of("fan-0", Name.Noun.FAN, 0),
            new FanCurve(330, 1.2, false),
            new Rectangle(0.06, 0, 0.32, 0.52),
            Fan.Mount.SHROUDED_PULLER);
    Fan other =
        new Fan(
            Name.of("fan-1", Name.Noun.FAN, 1),
            half.curve(),
            new Rectangle(0.38, 0, 0.32, 0.52),
            Fan.Mount.SHROUDED_PULLER);
    Stack stack = WorkedCase.stack(true);
    FanSetting electric = new FanSetting(new FanDrive.Electric(1, 0.45), 1);
    Rig pair =
        rig.withPack(
            new Stack(stack.layers(), List.of(half, other), 0.55, 0.02),
            List.of(electric, electric));
    SwitchPlan both =
        SwitchPlan.check(
            pair, WorkedCase.CLIMB, List.of(fan(1, 108, 100), fan(0, 101, 99.5)), LIMIT);
    assertThat(both.fans()).extracting(f -> f.fan().id()).containsExactly("fan-0", "fan-1");
    assertThat(both.fans().get(1).after().orElseThrow())
        .isGreaterThan(both.fans().get(0).after().orElseThrow() + SwitchPlan.LAG);
    SwitchPlan one = SwitchPlan.check(pair, WorkedCase.CLIMB, List.of(fan(0, 101, 99.5)), LIMIT);
    // The other one runs on its own: the climb rests cooler than with both at rest.
    assertThat(one.restingPeak()).isLessThan(both.restingPeak());
    assertThat(one.runningPeak()).isCloseTo(both.runningPeak(), within(1e-4));
  }
}
