package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.core.WorkedCase;

/** Each multiplier moves its own thing and nothing else. */
class FactorsTest {
  private static final Set<Factor> LESS_IS_WORSE =
      EnumSet.of(Factor.RAM, Factor.FAN_PRESSURE, Factor.CORE_CONDUCTANCE, Factor.OIL_FLOW);

  private static Factors worse(Factor factor) {
    return Factors.NOMINAL.with(factor, LESS_IS_WORSE.contains(factor) ? 0.9 : 1.1);
  }

  private static Balance solve(Factors factors) {
    return new SteadyBalance(WorkedCase.rig(true), factors).solve(WorkedCase.SLIPPING);
  }

  @ParameterizedTest
  @EnumSource
  void aWorseFactorHeatsTheCoolantByMovingOneThingOnly(Factor factor) {
    Balance nominal = solve(Factors.NOMINAL);
    Balance moved = solve(worse(factor));
    assertThat(moved.coolant()).isGreaterThan(nominal.coolant());
    assertThat(moved.heat().engineToCoolant() > nominal.heat().engineToCoolant() + 1)
        .isEqualTo(factor == Factor.COOLANT_SHARE || factor == Factor.DRAG_AREA);
    assertThat(moved.heat().converter() > nominal.heat().converter() + 1)
        .isEqualTo(factor == Factor.CONVERTER_HEAT || factor == Factor.DRAG_AREA);
    assertThat(moved.heat().condenser() > nominal.heat().condenser() + 1)
        .isEqualTo(factor == Factor.FRONT_HEAT);
    double flow = nominal.airFlow().totalFlow(WorkedCase.stack(true));
    double change = moved.airFlow().totalFlow(WorkedCase.stack(true)) / flow - 1;
    // Where the factor is not the air's own the flow changes only as hotter air is thinner.
    boolean ofAir =
        EnumSet.of(Factor.RAM, Factor.FAN_PRESSURE, Factor.FIN_FRICTION, Factor.SYSTEM_LOSS)
            .contains(factor);
    assertThat(change).isBetween(-0.06, ofAir ? -0.004 : 0.001);
  }

  @Test
  void factorsAreKeptApartAndInOrder() {
    Factors all = Factors.NOMINAL;
    for (Factor factor : Factor.values()) {
      all = all.with(factor, worse(factor).get(factor));
    }
    assertThat(all).isEqualTo(Factors.of(1.1, 1.1, 0.9, 0.9, 0.9, 1.1, 1.1, 1.1, 1.1, 0.9));
    assertThat(all.get(Factor.RAM)).isEqualTo(0.9);
  }
}
