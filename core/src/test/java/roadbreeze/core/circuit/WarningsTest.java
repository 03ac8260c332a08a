package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.Stack;

class WarningsTest {
  private static final Thermostat THERMOSTAT = new Thermostat(90, 99);

  private static List<Warning> warnings(Rig rig, OperatingPoint point) {
    return new SteadyBalance(rig).solve(point).warnings();
  }

  private static String detail(List<Warning> warnings, Warning.Kind kind) {
    return warnings.stream()
        .filter(w -> w.kind() == kind)
        .map(Warning::detail)
        .reduce("", (a, b) -> a + b + "; ");
  }

  @Test
  void whatTheHillTakesIsSaidInSpeed() {
    OperatingPoint steep = new OperatingPoint(0.15, 90 / 3.6, 20, 600, false);
    List<Warning> found = warnings(WorkedCase.rig(true), steep);
    assertThat(detail(found, Warning.Kind.SLOWED))
        .matches("the truck holds only \\d\\d of 90 km/h here; ");
    assertThat(detail(warnings(WorkedCase.rig(true), WorkedCase.CLIMB), Warning.Kind.SLOWED))
        .isEmpty();
  }

  @Test
  void aTankThatHeatsTheOilIsNamedWithItsHeat() {
    assertThat(
            detail(warnings(WorkedCase.rig(true), WorkedCase.CLIMB), Warning.Kind.TANK_HEATS_OIL))
        .isEqualTo("the in-tank cooler heats the oil by 2.1 kW; ");
    // Alone it cools.
    assertThat(
            detail(warnings(WorkedCase.rig(false), WorkedCase.CLIMB), Warning.Kind.TANK_HEATS_OIL))
        .isEmpty();
  }

  @Test
  void aFanThatRamAirOutrunsIsNamed() {
    Rig weak = WorkedCase.rig(WorkedCase.stack(false), WorkedCase.stages(false), 0.1, THERMOSTAT);
    OperatingPoint fast = new OperatingPoint(0, 110 / 3.6, 10, 0, false);
    assertThat(detail(warnings(weak, fast), Warning.Kind.FAN_RESISTS))
        .matches("ram air outruns the main fan: it holds back \\d+ Pa; ");
  }

  @Test
  void correlationsPastTheirRangeAreNamedByCore() {
    // Nearly closed fins at walking pace: air creeps.
    Layer shut =
        new Layer(
            "radiator",
            WorkedCase.radiator().outline(),
            new LouvredFin(0.040, 17, 0.010, FinMetal.ALUMINIUM),
            0,
            WorkedCase.radiator().role());
    Stack becalmed =
        new Stack(List.of(WorkedCase.condenser(), shut), List.of(WorkedCase.fan()), 0.55, 0.02);
    Rig rig = WorkedCase.rig(becalmed, WorkedCase.stages(false), 0.005, THERMOSTAT);
    OperatingPoint crawl = new OperatingPoint(0, 5 / 3.6, -20, 0, false);
    assertThat(detail(warnings(rig, crawl), Warning.Kind.EXTRAPOLATED))
        .contains("air through the radiator is outside the fin correlation's range");
    // Strips at 10 L/min run below their correlation.
    assertThat(detail(warnings(WorkedCase.rig(true), WorkedCase.CLIMB), Warning.Kind.EXTRAPOLATED))
        .contains("oil in the oil cooler runs below the strip correlation's range");
    OperatingPoint arctic = new OperatingPoint(0, 60 / 3.6, -45, 0, false);
    assertThat(detail(warnings(WorkedCase.rig(true), arctic), Warning.Kind.EXTRAPOLATED))
        .contains("oil properties are known from -30 to 150 °C");
  }

  @Test
  void aFluidThatIsNoneAnyMoreIsSaidInsteadOfItsProperties() {
    Rig uncooled = WorkedCase.rig(WorkedCase.stack(false), List.of(), 1, THERMOSTAT);
    List<Warning> found = warnings(uncooled, WorkedCase.CLIMB);
    assertThat(detail(found, Warning.Kind.BEYOND_LIQUID)).contains("would pass 250 °C");
    assertThat(detail(found, Warning.Kind.EXTRAPOLATED)).doesNotContain("oil properties");
    assertThat(new SteadyBalance(uncooled).quiet().solve(WorkedCase.CLIMB).warnings()).isEmpty();
  }
}
