package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.WayOut;
import roadbreeze.core.sizing.WayOut.Haul.Less;

/** The worked truck over a climb of 14 km on a day that is too hot for it. */
class RoadWithLessTest {
  private static final double SPEED = 75 / 3.6;
  private static final double HOTTEST = 46;

  private static HaulCase on(double hottest) {
    Road road =
        new Road(
            List.of(
                Road.Point.of(0, 600, SPEED),
                Road.Point.of(14_000, 1440, SPEED).at(hottest - 5),
                Road.Point.of(18_000, 1440, SPEED)));
    return new HaulCase(
        WorkedCase.setup(true),
        Trip.of(road, hottest, true),
        new HaulRun.Start(88, 75, 75),
        Limits.DEFAULT);
  }

  private static double headroom(Outcome outcome) {
    return List.of(Fluid.values()).stream()
        .mapToDouble(f -> outcome.of(f).headroom())
        .min()
        .orElseThrow();
  }

  @Test
  void eachWayOutHoldsWhenTakenAndALittleMoreDoesNot() {
    RoadWithLess road = new RoadWithLess(on(HOTTEST));
    Less now = road.now();
    assertThat(now.ambient()).isEqualTo(HOTTEST);
    assertThat(now.speed()).isCloseTo(SPEED, within(1e-9));
    assertThat(road.holds(now)).isFalse();
    List<Finding> ways = WayOut.of(road);
    double trailer = amount(ways, WayOut.LIGHTER, "trailer");
    assertThat(road.holds(new Less(trailer, SPEED, HOTTEST, OptionalInt.empty()))).isTrue();
    assertThat(road.holds(new Less(trailer + 40, SPEED, HOTTEST, OptionalInt.empty()))).isFalse();
    double ambient = amount(ways, WayOut.COOLER, "ambient");
    // A cooler day is cooler everywhere, where the air is known too.
    assertThat(headroom(on(ambient).drive().outcome())).isBetween(0.0, 2.0);
  }

  private static double amount(List<Finding> ways, WayOut way, String name) {
    return ways.stream().filter(w -> w.code() == way).findFirst().orElseThrow().amount(name);
  }
}
