package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.explain.Argument;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;

class WarningsTest {
  private static final Thermostat THERMOSTAT = new Thermostat(90, 99);

  private static List<Finding> warnings(Rig rig, OperatingPoint point) {
    return new SteadyBalance(rig).solve(point).warnings();
  }

  private static Optional<Finding> found(Rig rig, OperatingPoint point, Warning warning) {
    return warnings(rig, point).stream().filter(f -> f.code() == warning).findFirst();
  }

  @Test
  void whatTheHillTakesIsSaidInSpeed() {
    OperatingPoint steep = new OperatingPoint(0.15, 90 / 3.6, 20, 600, false);
    Finding slowed = found(WorkedCase.rig(true), steep, Warning.SLOWED).orElseThrow();
    assertThat(slowed.amount("asked")).isEqualTo(90 / 3.6);
    assertThat(slowed.amount("held") * 3.6).isBetween(40.0, 89.0);
    assertThat(found(WorkedCase.rig(true), WorkedCase.CLIMB, Warning.SLOWED)).isEmpty();
  }

  @Test
  void aTankThatHeatsTheOilIsNamedWithItsHeat() {
    Finding heats =
        found(WorkedCase.rig(true), WorkedCase.CLIMB, Warning.TANK_HEATS_OIL).orElseThrow();
    assertThat(heats.amount("heat")).isCloseTo(2.1e3, within(100.0));
    // Alone it cools.
    assertThat(found(WorkedCase.rig(false), WorkedCase.CLIMB, Warning.TANK_HEATS_OIL)).isEmpty();
  }

  @Test
  void aFanThatRamAirOutrunsIsNamed() {
    Rig weak = WorkedCase.rig(WorkedCase.stack(false), WorkedCase.stages(false), 0.1, THERMOSTAT);
    OperatingPoint fast = new OperatingPoint(0, 110 / 3.6, 10, 0, false);
    Finding resists = found(weak, fast, Warning.FAN_RESISTS).orElseThrow();
    assertThat(resists.arguments().get("fan")).isEqualTo(named(Name.Noun.MAIN_FAN));
    assertThat(resists.amount("pressure")).isPositive();
  }

  private static Argument named(Name.Noun noun) {
    return new Argument.Named(Name.of(noun));
  }

  @Test
  void correlationsPastTheirRangeAreNamedByCore() {
    // Hardly any fan at walking pace: air creeps.
    Rig rig = WorkedCase.rig(WorkedCase.stack(false), WorkedCase.stages(false), 0.005, THERMOSTAT);
    OperatingPoint crawl = new OperatingPoint(0, 5 / 3.6, -20, 0, false);
    assertThat(warnings(rig, crawl))
        .contains(Warning.FINS_EXTRAPOLATED.with(Name.of(Name.Noun.RADIATOR)));
    // Strips at 10 L/min run below their correlation.
    assertThat(found(WorkedCase.rig(true), WorkedCase.CLIMB, Warning.STRIPS_EXTRAPOLATED))
        .hasValueSatisfying(
            f ->
                assertThat(f.arguments().get("cooler"))
                    .isEqualTo(new Argument.Named(Name.of("oil-cooler", Name.Noun.OIL_COOLER, 0))));
    assertThat(warnings(WorkedCase.rig(false), WorkedCase.SLIPPING))
        .contains(Warning.OIL_EXTRAPOLATED.with(-30, 150));
  }

  @Test
  void aFluidThatIsNoneAnyMoreIsSaidInsteadOfItsProperties() {
    Rig uncooled = WorkedCase.rig(WorkedCase.stack(false), List.of(), 1, THERMOSTAT);
    assertThat(warnings(uncooled, WorkedCase.CLIMB)).contains(Warning.BEYOND_LIQUID.with(250));
    assertThat(found(uncooled, WorkedCase.CLIMB, Warning.OIL_EXTRAPOLATED)).isEmpty();
    assertThat(new SteadyBalance(uncooled).quiet().solve(WorkedCase.CLIMB).warnings()).isEmpty();
  }
}
