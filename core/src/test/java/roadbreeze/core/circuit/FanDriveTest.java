package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.explain.Name;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.stack.Stack;

class FanDriveTest {
  private static final FanDrive.Belt BELT = new FanDrive.Belt(1.2, 2600, 2600, 6000, 0.2, 0.9);

  private static double radPerSecond(double rpm) {
    return rpm * Math.PI / 30;
  }

  @Test
  void aBeltFanFollowsTheEngineUpToItsClutch() {
    assertThat(BELT.speedRatio(radPerSecond(1000), 0.9)).isCloseTo(1200 * 0.9 / 2600, within(1e-9));
    // Past its limit the clutch slips: more engine speed brings nothing.
    assertThat(BELT.speedRatio(radPerSecond(2500), 0.9))
        .isEqualTo(BELT.speedRatio(radPerSecond(4000), 0.9));
    // Power with the cube of the fan's speed, as long as the clutch follows.
    assertThat(BELT.power(radPerSecond(2000), 0.9) / BELT.power(radPerSecond(1000), 0.9))
        .isCloseTo(8, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    "2500, 1.2, 8640, 0.936, 5257, 0.26, 406",
    "1500, 0.72, 1866, 0.648, 1512, 0.18, 117"
  })
  void aCouplingPassesTorqueAndNotPower(
      double rpm, double solid, double solidW, double full, double fullW, double off, double offW) {
    FanDrive.Belt rigid = new FanDrive.Belt(1.2, Double.POSITIVE_INFINITY, 2500, 5000, 1, 1);
    FanDrive.Belt viscous = new FanDrive.Belt(1.2, 2600, 2500, 5000, 0.25, 0.9);
    double engine = radPerSecond(rpm);
    assertThat(rigid.speedRatio(engine, 1)).isCloseTo(solid, within(6e-4));
    assertThat(rigid.power(engine, 1)).isCloseTo(solidW, within(0.6));
    assertThat(viscous.speedRatio(engine, 0.9)).isCloseTo(full, within(6e-4));
    assertThat(viscous.power(engine, 0.9)).isCloseTo(fullW, within(0.6));
    assertThat(viscous.speedRatio(engine, 0.25)).isCloseTo(off, within(6e-4));
    assertThat(viscous.power(engine, 0.25)).isCloseTo(offW, within(0.6));
  }

  @Test
  void aViscousClutchFeelsAirAndAControlledOneCoolant() {
    FanDrive.Viscous viscous = new FanDrive.Viscous(BELT, 60, 80);
    assertThat(viscous.engagement(50, 120, true)).isEqualTo(0.2);
    assertThat(viscous.engagement(70, 20, false)).isCloseTo(0.55, within(1e-12));
    assertThat(viscous.engagement(95, 20, false)).isCloseTo(0.9, within(1e-12));
    FanDrive.Controlled controlled = new FanDrive.Controlled(BELT, 95, 105, 0.5, false);
    assertThat(controlled.engagement(120, 90, false)).isEqualTo(0.2);
    assertThat(controlled.engagement(20, 100, false)).isCloseTo(0.55, within(1e-12));
    // Air conditioning asks for its floor, and no less than the coolant asks.
    assertThat(controlled.engagement(20, 90, true)).isEqualTo(0.5);
    assertThat(controlled.engagement(20, 104, true)).isGreaterThan(0.8);
    assertThat(new FanDrive.Controlled(BELT, 95, 105, 0.5, true).engagement(20, 20, false))
        .isEqualTo(0.9);
  }

  @Test
  void aClutchThatAirConditioningCallsHoldsItsFloorInTheBalance() {
    OperatingPoint mild = WorkedCase.CLIMB.withGrade(0).withAmbient(10);
    FanSetting setting = new FanSetting(new FanDrive.Controlled(BELT, 100, 108, 0.5, false), 1);
    Rig rig =
        WorkedCase.rig(
            WorkedCase.stack(true), WorkedCase.stages(true), setting, new Thermostat(90, 99));
    assertThat(new SteadyBalance(rig).solve(mild).fanEngagement()).isCloseTo(0.5, within(1e-5));
    OperatingPoint windowsOpen =
        new OperatingPoint(0, mild.speed(), mild.ambient(), mild.altitude(), false);
    assertThat(new SteadyBalance(rig).solve(windowsOpen).fanEngagement())
        .isCloseTo(0.2, within(1e-5));
  }

  @Test
  void aWornClutchSlipsInAirAndInPowerAlike() {
    Rig worn = withClutch(0.6);
    Rig sound = withClutch(1);
    Balance slipping = new SteadyBalance(worn).solve(WorkedCase.CLIMB);
    Balance gripping = new SteadyBalance(sound).solve(WorkedCase.CLIMB);
    assertThat(slipping.coolant()).isGreaterThan(gripping.coolant());
    assertThat(slipping.fanSpeedRatio()[0]).isLessThan(gripping.fanSpeedRatio()[0]);
    assertThat(slipping.driveline().brakePower()).isLessThan(gripping.driveline().brakePower());
  }

  private static Rig withClutch(double condition) {
    return WorkedCase.rig(
        WorkedCase.stack(true),
        WorkedCase.stages(true),
        new FanSetting(new FanDrive.Viscous(BELT, 40, 50), condition),
        new Thermostat(90, 99));
  }

  @Test
  void onlyOneFanSitsOnTheEngineAndEachHasItsSetting() {
    Fan helper =
        new Fan(
            Name.of(Name.Noun.FAN),
            new FanCurve(150, 0.6, false),
            new Rectangle(0.1, 0.1, 0.3, 0.3),
            Fan.Mount.PUSHER);
    Stack two =
        new Stack(
            List.of(WorkedCase.condenser(), WorkedCase.radiator()),
            List.of(WorkedCase.fan(), helper),
            0.55,
            0.02);
    FanSetting clutched = new FanSetting(new FanDrive.Viscous(BELT, 60, 80), 1);
    FanSetting electric = new FanSetting(new FanDrive.Electric(1, 0.45), 1);
    Rig one = WorkedCase.rig(false);
    assertThatThrownBy(() -> one.withPack(two, List.of(clutched, clutched)))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("problem.fansOnEngine");
    assertThatThrownBy(() -> one.withPack(two, List.of(clutched)))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("problem.fanSettings");
    // A helper beside a clutched fan lets the clutch rest earlier.
    Balance both =
        new SteadyBalance(one.withPack(two, List.of(clutched, electric))).solve(WorkedCase.CLIMB);
    Balance alone =
        new SteadyBalance(one.withPack(WorkedCase.stack(false), List.of(clutched)))
            .solve(WorkedCase.CLIMB);
    assertThat(both.airFlow().totalFlow(two))
        .isGreaterThan(alone.airFlow().totalFlow(WorkedCase.stack(false)));
    assertThat(both.coolant()).isLessThan(alone.coolant());
  }
}
