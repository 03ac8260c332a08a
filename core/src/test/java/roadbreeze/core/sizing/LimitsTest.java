package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.BadInputException;

class LimitsTest {
  @Test
  void theCoolantLimitGivesWayToABoilingPointThatIsNear() {
    Coolant half = new Coolant(0.5);
    assertThat(Limits.DEFAULT.coolantUnder(half.boilingPoint(100e3, 0))).isEqualTo(112);
    double vented = half.boilingPoint(0, 600);
    assertThat(Limits.DEFAULT.coolantUnder(vented)).isCloseTo(vented - 8, within(1e-12));
  }

  @Test
  void aLooseCapCostsMarginAndNotTemperature() {
    Rig rig = WorkedCase.rig(true);
    Headroom tight = Headroom.of(rig, WorkedCase.CLIMB, Limits.DEFAULT, 100e3);
    Headroom loose = Headroom.of(rig, WorkedCase.CLIMB, Limits.DEFAULT, 0);
    assertThat(loose.coolant().peak()).isEqualTo(tight.coolant().peak());
    assertThat(loose.boilingPoint()).isLessThan(tight.boilingPoint() - 15);
    assertThat(loose.coolant().limit()).isLessThan(tight.coolant().limit());
    assertThat(loose.coolant().standing()).isEqualTo(Standing.OVER);
    assertThat(loose.pan()).isEqualTo(tight.pan());
    assertThat(loose.standing()).isEqualTo(Standing.OVER);
  }

  @Test
  void standingsAreOrderedFromHoldingToOver() {
    assertThat(Standing.values()).containsExactly(Standing.HOLDS, Standing.MARGINAL, Standing.OVER);
  }

  @Test
  void limitsThatNoTruckHasAreRefusedByName() {
    assertThatThrownBy(() -> new Limits(60, 8, 107, 150, 60))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("COOLANT_LIMIT");
    assertThatThrownBy(() -> new Limits(112, 8, 200, 150, 60))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("PAN_LIMIT");
    assertThatThrownBy(() -> new Limits(112, 8, 107, Double.NaN, 60))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("FEED_LIMIT");
  }
}
