package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.sizing.Limits;

/** What warms cold oil and what does not, on the worked truck. */
class ColdMorningTest {
  private static List<ColdMorning> at(boolean cooler, double ambient) {
    return ColdMorning.all(WorkedCase.setup(cooler), Limits.DEFAULT, ambient, 60 / 3.6);
  }

  private static ColdMorning row(
      List<ColdMorning> all, ColdMorning.Tank tank, ColdMorning.Valve valve) {
    return all.stream()
        .filter(c -> c.tank().orElseThrow() == tank && c.bypass().orElse(null) == valve)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void onlyHotCoolantWarmsTheOilAndThatCostsTheCab() {
    List<ColdMorning> all = at(false, -20);
    assertThat(all).hasSize(3);
    ColdMorning outlet = row(all, ColdMorning.Tank.OUTLET_TANK, null);
    ColdMorning engine = row(all, ColdMorning.Tank.ENGINE_SIDE, null);
    ColdMorning past = row(all, ColdMorning.Tank.PASSED_BY, null);
    assertThat(outlet.own()).isTrue();
    assertThat(engine.to40().orElseThrow()).isLessThan(900);
    assertThat(past.cruise()).isGreaterThan(outlet.cruise());
    assertThat(engine.coolantTo70().orElseThrow()).isGreaterThan(past.coolantTo70().orElseThrow());
  }

  @Test
  void aBypassIsWhatAColdYardWants() {
    List<ColdMorning> all = at(true, -10);
    assertThat(all).hasSize(9);
    ColdMorning none = row(all, ColdMorning.Tank.PASSED_BY, ColdMorning.Valve.NONE);
    ColdMorning thermal = row(all, ColdMorning.Tank.PASSED_BY, ColdMorning.Valve.THERMAL);
    ColdMorning pressure = row(all, ColdMorning.Tank.PASSED_BY, ColdMorning.Valve.PRESSURE);
    assertThat(thermal.cruise()).isGreaterThan(none.cruise() + 5);
    assertThat(pressure.pressure()).isLessThanOrEqualTo(none.pressure());
    assertThat(thermal.pressure()).isLessThan(none.pressure());
    // Thicker at first the colder it is.
    assertThat(row(at(true, -30), ColdMorning.Tank.PASSED_BY, ColdMorning.Valve.NONE).pressure())
        .isGreaterThan(none.pressure());
    assertThat(all).filteredOn(ColdMorning::own).hasSize(1);
  }
}
