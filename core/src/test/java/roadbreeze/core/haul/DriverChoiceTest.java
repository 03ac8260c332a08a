package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Limits;

/** What a driver can do on a climb that is too hot. */
class DriverChoiceTest {
  private static final Setup SETUP = WorkedCase.setup(true);

  private static HaulCase hot(double coldest, double hottest) {
    double speed = 75 / 3.6;
    Road road =
        new Road(
            List.of(
                Road.Point.of(0, 600, speed),
                Road.Point.of(6000, 600, speed),
                Road.Point.of(12_000, 930, speed),
                Road.Point.of(20_000, 1400, speed),
                Road.Point.of(30_000, 900, speed)));
    Weather day = new Weather(coldest, hottest, 15, 600);
    return new HaulCase(
        SETUP,
        new Trip(road, day, Habits.usual(true)),
        new HaulRun.Start(95, 80, 85),
        Limits.DEFAULT);
  }

  private static Map<DriverChoice.Kind, DriverChoice> choices(HaulCase.Driven driven) {
    return DriverChoice.of(driven).stream()
        .collect(Collectors.toMap(DriverChoice::kind, Function.identity()));
  }

  @Test
  void theLatestPlaceIsTheLatest() {
    HaulCase.Driven driven = hot(25, 44).drive();
    assertThat(driven.outcome().coolant().headroom()).isNegative();
    DriverChoice slower = choices(driven).get(DriverChoice.Kind.SLOWER);
    assertThat(slower.keeps()).isTrue();
    assertThat(slower.from()).isBetween(1000.0, driven.outcome().coolant().at().distance());
    assertThat(slower.until()).isEqualTo(20_000);
    assertThat(slower.longer()).isPositive();
    // Driven so from there it holds; half a kilometre later it does not.
    Habits acted = Habits.usual(true).noFasterThan(slower.setting().getAsDouble());
    assertThat(headroom(driven, acted, slower.from())).isGreaterThanOrEqualTo(0);
    assertThat(headroom(driven, acted, slower.from() + 500)).isNegative();
  }

  private static double headroom(HaulCase.Driven driven, Habits acted, double from) {
    Trip trip = driven.of().trip();
    List<Trip.Change> changes =
        List.of(
            new Trip.Change(0, Habits.usual(true)),
            new Trip.Change(from, acted),
            new Trip.Change(20_000, Habits.usual(true)));
    return driven
        .of()
        .with(new Trip(trip.road(), trip.weather(), changes))
        .drive()
        .outcome()
        .coolant()
        .headroom();
  }

  @Test
  void eachChoiceSaysWhatItBuys() {
    HaulCase.Driven driven = hot(25, 44).drive();
    Map<DriverChoice.Kind, DriverChoice> choices = choices(driven);
    assertThat(choices.get(DriverChoice.Kind.AIR_CONDITIONING_OFF).coolant()).isBetween(1.0, 10.0);
    assertThat(choices.get(DriverChoice.Kind.AT_NIGHT).coolant()).isGreaterThan(10);
    assertThat(choices.get(DriverChoice.Kind.AT_NIGHT).longer()).isCloseTo(0, within(30.0));
    assertThat(choices.get(DriverChoice.Kind.LOWER_GEAR).setting().getAsDouble())
        .isLessThan(driven.outcome().coolant().at().gear());
    assertThat(choices.get(DriverChoice.Kind.REST).from()).isEqualTo(12_000);
    // The worked truck has neither a switched fan nor a controlled clutch.
    assertThat(choices).doesNotContainKey(DriverChoice.Kind.FAN_FULL);
  }

  @Test
  void onARoadThatHoldsNothingHasToBeDone() {
    HaulCase.Driven driven = hot(10, 20).drive();
    assertThat(driven.outcome().coolant().headroom()).isPositive();
    assertThat(DriverChoice.of(driven))
        .allMatch(c -> c.from() == 0 || c.kind() == DriverChoice.Kind.REST);
    assertThat(choices(hot(20, 20).drive())).doesNotContainKey(DriverChoice.Kind.AT_NIGHT);
  }
}
