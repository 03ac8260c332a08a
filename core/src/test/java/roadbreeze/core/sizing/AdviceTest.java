package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Argument;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/** What is said of a verdict follows from it, and from nothing else. */
class AdviceTest {
  private static List<Finding> advice(Rig rig, OperatingPoint point, CoolerEffect effect) {
    Headroom h = Headroom.of(rig, point, Limits.DEFAULT, 100e3);
    return Advice.of(
        h,
        Levers.of(rig, point, h.balance()),
        Limits.DEFAULT,
        Optional.ofNullable(effect),
        false,
        Levers.lowerGear(rig, point, h.balance()));
  }

  private static List<Code> codes(List<Finding> advice) {
    return advice.stream().map(Finding::code).toList();
  }

  private static double amount(List<Finding> advice, Code code, String name) {
    Finding found = advice.stream().filter(f -> f.code() == code).findFirst().orElseThrow();
    return ((Argument.Amount) found.arguments().get(name)).value();
  }

  @Test
  void whatIsOverAndWhatIsNotDecidesWhatIsMissing() {
    Rig bare = WorkedCase.rig(false);
    Rig cooled = WorkedCase.rig(true);
    OperatingPoint hot = WorkedCase.CLIMB.withAmbient(45);
    assertThat(codes(advice(bare, hot, null)))
        .contains(Advice.BOTH_OVER)
        .doesNotContain(Advice.OIL_SAVED, Advice.PAN_OVER, Advice.COOLANT_MARGINAL);
    assertThat(codes(advice(cooled, hot, null)))
        .contains(Advice.OIL_SAVED)
        .doesNotContain(Advice.BOTH_OVER, Advice.PAN_SAVED);
    // The climb itself: the coolant is marginal, and only the bare truck's pan is over.
    assertThat(codes(advice(bare, WorkedCase.CLIMB, null)))
        .contains(Advice.PAN_OVER, Advice.COOLANT_MARGINAL);
    assertThat(codes(advice(cooled, WorkedCase.CLIMB, null)))
        .contains(Advice.COOLANT_MARGINAL)
        .doesNotContain(Advice.PAN_OVER);
    OperatingPoint easy = new OperatingPoint(0.01, 75 / 3.6, 15, 600, false);
    assertThat(codes(advice(bare, easy, null))).contains(Advice.NOTHING_NEEDED);
    assertThat(codes(advice(bare, easy, new CoolerEffect(0, 0, 0, 0))))
        .contains(Advice.COOLER_DOES)
        .doesNotContain(Advice.NOTHING_NEEDED);
  }

  @Test
  void theTwoThingsThatHelpTheBindingLimitMostAreNamedInOrder() {
    List<Finding> said = advice(WorkedCase.rig(true), WorkedCase.CLIMB, null);
    double first = amount(said, Advice.LIMITED_BY_TWO, "worth");
    double next = amount(said, Advice.LIMITED_BY_TWO, "nextWorth");
    assertThat(first).isLessThan(next).isLessThan(-1);
    assertThat(next).isNegative();
  }

  @Test
  void aSlippingConverterIsToldWithTheGearThatSlipsLess() {
    Rig bare = WorkedCase.rig(false);
    List<Finding> said = advice(bare, WorkedCase.SLIPPING, null);
    Balance now = new SteadyBalance(bare).solve(WorkedCase.SLIPPING);
    Balance held = new SteadyBalance(bare).solve(WorkedCase.SLIPPING.heldIn(1));
    assertThat(amount(said, Advice.SLIP_HEATS, "heat")).isCloseTo(11137, within(1.0));
    assertThat(amount(said, Advice.HOLD_LOWER, "gear")).isEqualTo(1);
    assertThat(amount(said, Advice.HOLD_LOWER, "feed"))
        .isCloseTo(held.feed() - now.feed(), within(0.01))
        .isLessThan(-40);
    assertThat(amount(said, Advice.HOLD_LOWER, "coolant"))
        .isCloseTo(held.coolant() - now.coolant(), within(0.01));
    assertThat(amount(said, Advice.HOLD_LOWER, "fuel")).isBetween(0.005, 0.03);
    // Locked or in first there is nothing to hold.
    assertThat(
            Levers.lowerGear(
                bare, WorkedCase.CLIMB, new SteadyBalance(bare).solve(WorkedCase.CLIMB)))
        .isEmpty();
    assertThat(Levers.lowerGear(bare, WorkedCase.SLIPPING.heldIn(1), held)).isEmpty();
  }

  @Test
  void aClutchThatHangsBackAndACondenserThatWarmsAreNamedOnlyWhereTheyMatter() {
    FanDrive.Belt belt = new FanDrive.Belt(1.1, 2600, 2600, 6000, 0.25, 0.9);
    Rig late =
        WorkedCase.rig(
            WorkedCase.stack(true),
            WorkedCase.stages(true),
            new FanSetting(new FanDrive.Viscous(belt, 95, 130), 1),
            new Thermostat(90, 99));
    List<Finding> said = advice(late, WorkedCase.CLIMB, null);
    assertThat(amount(said, Advice.CLUTCH_SLIPS, "grip")).isBetween(0.25, 0.75);
    List<Finding> climb = advice(WorkedCase.rig(true), WorkedCase.CLIMB, null);
    assertThat(amount(climb, Advice.CONDENSER_WARMS, "cost")).isBetween(2.0, 15.0);
    OperatingPoint windowsOpen = new OperatingPoint(0.06, 75 / 3.6, 38, 600, false);
    assertThat(codes(advice(WorkedCase.rig(true), windowsOpen, null)))
        .doesNotContain(Advice.CONDENSER_WARMS);
    assertThat(codes(advice(WorkedCase.rig(true), WorkedCase.CLIMB, null)))
        .doesNotContain(Advice.CLUTCH_SLIPS);
  }

  @Test
  void anOvercooledPanIsNamedInTheCold() {
    OperatingPoint winter = new OperatingPoint(0, 60 / 3.6, -20, 600, false);
    List<Finding> said = advice(WorkedCase.rig(true), winter, null);
    assertThat(amount(said, Advice.OVERCOOLED, "pan")).isLessThan(60);
    assertThat(codes(advice(WorkedCase.rig(true), WorkedCase.CLIMB, null)))
        .doesNotContain(Advice.OVERCOOLED);
  }
}
