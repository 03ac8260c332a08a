package roadbreeze.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class RatingsTest {
  private static OptionalDouble kg(double mass) {
    return OptionalDouble.of(mass);
  }

  private static final OptionalDouble UNREAD = OptionalDouble.empty();

  private static final Ratings.Weighed WEIGHED =
      new Ratings.Weighed(2800, kg(2100), 3100, kg(240), kg(1300), kg(1740));

  @Test
  void everyRatingThatIsPassedIsNamedWithItsExcess() {
    Ratings low = new Ratings(kg(5800), kg(3000), kg(3000), kg(1250), kg(1700), kg(200));
    assertThat(low.passed(WEIGHED))
        .containsExactly(
            Ratings.Passed.COMBINED.with(5900.0, 5800.0, 100.0),
            Ratings.Passed.GROSS.with(3040.0, 3000.0, 40.0), // the hitch's load rests on the truck
            Ratings.Passed.TOW.with(3100.0, 3000.0, 100.0),
            Ratings.Passed.FRONT_AXLE.with(1300.0, 1250.0, 50.0),
            Ratings.Passed.REAR_AXLE.with(1740.0, 1700.0, 40.0),
            Ratings.Passed.HITCH.with(240.0, 200.0, 40.0));
    Ratings met = new Ratings(kg(5900), kg(3040), kg(3100), kg(1300), kg(1740), kg(240));
    assertThat(met.passed(WEIGHED)).isEmpty();
  }

  @Test
  void whatNobodyHasReadIsNotPassed() {
    Ratings unread = new Ratings(UNREAD, UNREAD, UNREAD, UNREAD, UNREAD, UNREAD);
    assertThat(unread.passed(WEIGHED)).isEmpty();
    Ratings.Weighed unweighed = new Ratings.Weighed(2800, kg(2900), 3100, UNREAD, UNREAD, UNREAD);
    Ratings low = new Ratings(UNREAD, UNREAD, UNREAD, kg(1), kg(1), kg(1));
    assertThat(low.passed(unweighed))
        .containsExactly(Ratings.Passed.EMPTIER_THAN_LOADED.with(2900.0, 2800.0));
  }
}
