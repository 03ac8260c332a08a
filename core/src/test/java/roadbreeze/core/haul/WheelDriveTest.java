package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Limits;

/** Driven step by step, a road comes to what it comes to as a whole. */
class WheelDriveTest {
  private static final double SPEED = 60 / 3.6;
  private static final Setup SETUP = new Setup(WorkedCase.truck(), WorkedCase.fitting());

  private static HaulCase haul(Road road) {
    return new HaulCase(
        SETUP, Trip.of(road, 30, true), new HaulRun.Start(88, 76, 70), Limits.DEFAULT);
  }

  private static HaulCase climbWithAStop() {
    return haul(
        new Road(
            List.of(
                Road.Point.of(0, 100, SPEED),
                Road.Point.of(3000, 220, SPEED).stopping(Road.Stop.idling(240)),
                Road.Point.of(6000, 300, SPEED))));
  }

  @Test
  void stepsComeToTheSameAsTheWhole() {
    HaulCase haul = climbWithAStop();
    Trace whole = haul.drive().trace();
    WheelDrive wheel = new WheelDrive(haul, Assembly.rig(SETUP));
    List<Trace.Moment> steps = new ArrayList<>();
    while (!wheel.arrived()) {
      steps.addAll(wheel.goOn(7));
    }
    assertThat(wheel.time()).isCloseTo(whole.last().time(), within(1.0));
    assertThat(wheel.place()).isCloseTo(6000, within(1.0));
    double before = -1;
    for (Trace.Moment m : steps) {
      assertThat(m.time()).isGreaterThanOrEqualTo(before);
      before = m.time();
    }
    Trace stepped = new Trace(steps, List.of(), new Trace.Ledger(0, 0, 0));
    for (double t = 30; t < whole.last().time(); t += 30) {
      assertThat(stepped.at(t).coolant()).isCloseTo(whole.at(t).coolant(), within(0.4));
      assertThat(stepped.at(t).sump()).isCloseTo(whole.at(t).sump(), within(0.2));
      assertThat(stepped.at(t).distance()).isCloseTo(whole.at(t).distance(), within(20.0));
    }
  }

  @Test
  void whoRestsStandsUntilToldToGoOn() {
    WheelDrive wheel = new WheelDrive(climbWithAStop(), Assembly.rig(SETUP));
    wheel.goOn(60);
    double place = wheel.place();
    wheel.rest(true);
    for (int i = 0; i < 30; i++) {
      wheel.goOn(2);
    }
    assertThat(wheel.place()).isCloseTo(place, within(1.0));
    assertThat(wheel.now().orElseThrow().speed()).isZero();
    wheel.rest(false);
    wheel.drive(wheel.driving().noFasterThan(SPEED / 2));
    wheel.goOn(60);
    assertThat(wheel.place() - place).isCloseTo(60 * SPEED / 2, within(20.0));
  }
}
