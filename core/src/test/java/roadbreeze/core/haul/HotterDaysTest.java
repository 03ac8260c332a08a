package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Standing;
import roadbreeze.core.sizing.Uncertainty;

/** The worked truck over a climb of 14 km, on days from frost to where it is over. */
class HotterDaysTest {
  private static final double SPEED = 75 / 3.6;
  private static final Setup TRUCK = WorkedCase.setup(true);
  private static final PushedHaul PUSHED =
      PushedHaul.of(
          new Judge(WorkedCase.CLIMB, Limits.DEFAULT, Uncertainty.SOURCES, List.of()), TRUCK);

  private static HaulCase day(double hottest, boolean cooled) {
    Road road =
        new Road(
            List.of(
                Road.Point.of(0, 600, SPEED),
                Road.Point.of(14_000, 1440, SPEED),
                Road.Point.of(18_000, 1440, SPEED)));
    return new HaulCase(
        TRUCK, Trip.of(road, hottest, cooled), new HaulRun.Start(88, 75, 75), Limits.DEFAULT);
  }

  @Test
  void whatColderDaysTellChangesNoAnswer() {
    HotterDays days = new HotterDays(PUSHED);
    double before = Double.POSITIVE_INFINITY;
    for (double hottest : new double[] {-5, 5, 12, 19, 26, 31, 36, 41, 46, 52}) {
      HaulCase day = day(hottest, hottest > 18);
      HotterDays.Day there = days.on(day);
      assertThat(there).as("%.0f", hottest).isEqualTo(new HotterDays(PUSHED).on(day));
      assertThat(there.sure()).isLessThan(before + 1);
      assertThat(there.standing() == Standing.HOLDS).isEqualTo(there.sure() >= 0);
      before = there.sure();
    }
    assertThat(before).as("over at last").isNegative();
  }

  /** Over with air conditioning need not be over without: what was known is forgotten. */
  @Test
  void anotherWayOfDrivingIsAskedAnew() {
    HotterDays days = new HotterDays(PUSHED);
    assertThat(days.on(day(44, true)).standing()).isNotEqualTo(Standing.HOLDS);
    HaulCase without = day(44, false);
    assertThat(days.on(without)).isEqualTo(new HotterDays(PUSHED).on(without));
  }
}
