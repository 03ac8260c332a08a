package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Blows;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanSeat;
import roadbreeze.core.rig.Setup;

class WayOutTest {
  private static final double LIMIT = 112;
  private static final Setup PLAN = WorkedCase.setup(true);
  private static final Rig RIG = Assembly.rig(PLAN);

  private static List<Finding> ways(OperatingPoint point) {
    return WayOut.of(new HeldStretch(PLAN, point, Limits.DEFAULT, LIMIT));
  }

  private static double coolant(Rig rig, OperatingPoint point) {
    return new SteadyBalance(rig).solve(point).coolant();
  }

  private static double amount(List<Finding> ways, WayOut way, String name) {
    return ways.stream().filter(w -> w.code() == way).findFirst().orElseThrow().amount(name);
  }

  @Test
  void eachWayOutHoldsWhenTakenAndALittleMoreDoesNot() {
    OperatingPoint hot = WorkedCase.CLIMB.withAmbient(45);
    assertThat(coolant(RIG, hot)).isGreaterThan(LIMIT);
    List<Finding> ways = ways(hot);
    double mass = 2400 + amount(ways, WayOut.LIGHTER, "trailer");
    assertThat(coolant(RIG.withMass(mass), hot)).isLessThanOrEqualTo(LIMIT);
    assertThat(coolant(RIG.withMass(mass + 15), hot)).isGreaterThan(LIMIT);
    double ambient = amount(ways, WayOut.COOLER, "ambient");
    assertThat(coolant(RIG, hot.withAmbient(ambient))).isLessThanOrEqualTo(LIMIT);
    assertThat(coolant(RIG, hot.withAmbient(ambient + 0.2))).isGreaterThan(LIMIT);
  }

  @Test
  void onTheSlippingClimbALowerGearIsAWayOutOfTheSlip() {
    OperatingPoint night = WorkedCase.SLIPPING.withAmbient(30);
    assertThat(new SteadyBalance(RIG).solve(night).driveline().locked()).isFalse();
    assertThat(ways(night)).isNotEmpty();
  }

  @Test
  void aHopelessHaulHasNone() {
    Setup still =
        PLAN.with(
            PLAN.fitting()
                .withFans(
                    PLAN.fitting().fans().stream()
                        .map(
                            f ->
                                new FanFit(
                                    f.name(),
                                    f.part(),
                                    f.pusher(),
                                    f.shrouded(),
                                    f.outline(),
                                    0,
                                    f.held(),
                                    f.switched(),
                                    f.measuredFactor(),
                                    FanSeat.AS_IT_WAS,
                                    Blows.AS_MADE))
                        .toList()));
    assertThat(
            WayOut.of(
                new HeldStretch(still, WorkedCase.SLIPPING.withAmbient(50), Limits.DEFAULT, LIMIT)))
        .isEmpty();
  }
}
