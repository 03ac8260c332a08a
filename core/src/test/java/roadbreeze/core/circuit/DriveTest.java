package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import roadbreeze.core.RichCase;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.rig.Assembly;

class DriveTest {
  private static final double LETS_GO = 0.25;
  private static final double GRIPS = 0.9;

  private final Rig rig = Assembly.rig(RichCase.setup());

  /** Where the fan's load decides the gear, and the gear how hot it gets and so the fan. */
  @Test
  void aGearboxThatHuntsStaysInTheLowerGear() {
    OperatingPoint edge = whereTheFanDecides();
    Drive drive = drive(edge);
    List<Integer> gears =
        IntStream.range(0, 12).map(i -> gear(drive, i % 2 == 0 ? LETS_GO : GRIPS)).boxed().toList();
    int high = gears.get(0);
    int low = gears.get(1);
    assertThat(low).isLessThan(high);
    assertThat(gears.subList(0, 6)).containsExactly(high, low, high, low, high, low);
    assertThat(gears.subList(8, 12)).containsOnly(low);
    drive.forgetShifts();
    assertThat(gear(drive, GRIPS)).isEqualTo(low);
    assertThat(gear(drive, LETS_GO)).isEqualTo(high);
  }

  private OperatingPoint whereTheFanDecides() {
    return IntStream.range(0, 2000)
        .mapToObj(i -> WorkedCase.CLIMB.withGrade(i * 5e-5))
        .filter(p -> gear(drive(p), LETS_GO) != gear(drive(p), GRIPS))
        .findFirst()
        .orElseThrow();
  }

  private Drive drive(OperatingPoint point) {
    return new Drive(rig, Factors.NOMINAL, point, Air.at(point.ambient(), point.altitude()), 1);
  }

  private static int gear(Drive drive, double grip) {
    drive.grip(grip);
    return drive.at(1).gear();
  }
}
