package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.sizing.MarginMap.Axes;

class MarginMapTest {
  private static final Rig RIG = WorkedCase.rig(true);
  private static final double[] AMBIENT = {-10, 5, 20, 35, 50};
  private static final double[] GRADE = {0, 0.02, 0.04, 0.06, 0.08};
  private static final double[] MASS = {3500, 4500, 5500, 6500};
  private static final double[] SPEED = {20 / 3.6, 45 / 3.6, 70 / 3.6, 95 / 3.6};

  private static Optional<MarginMap.Point>[][] map(Axes axes) {
    return MarginMap.compute(RIG, WorkedCase.CLIMB, axes, across(axes), up(axes), Factors.NOMINAL);
  }

  private static double[] across(Axes axes) {
    return axes == Axes.SPEED_GRADE ? SPEED : AMBIENT;
  }

  private static double[] up(Axes axes) {
    return axes == Axes.AMBIENT_MASS ? MASS : GRADE;
  }

  private static Balance alone(Axes axes, double x, double y) {
    OperatingPoint base = WorkedCase.CLIMB;
    return switch (axes) {
      case AMBIENT_GRADE -> new SteadyBalance(RIG).solve(base.withAmbient(x).withGrade(y));
      case AMBIENT_MASS -> new SteadyBalance(RIG.withMass(y)).solve(base.withAmbient(x));
      case SPEED_GRADE -> new SteadyBalance(RIG).solve(base.withSpeed(x).withGrade(y));
    };
  }

  @ParameterizedTest
  @EnumSource(Axes.class)
  void everyPlaceIsTheBalanceThere(Axes axes) {
    Optional<MarginMap.Point>[][] map = map(axes);
    for (int i = 0; i < across(axes).length; i++) {
      for (int j = 0; j < up(axes).length; j++) {
        Balance b = alone(axes, across(axes)[i], up(axes)[j]);
        MarginMap.Point p = map[i][j].orElseThrow();
        assertThat(p.coolant()).isCloseTo(b.coolant(), within(1e-4));
        assertThat(p.feed()).isCloseTo(b.feed(), within(1e-3));
        assertThat(p.sump()).isCloseTo(b.sump(), within(1e-3));
        assertThat(p.speed()).isEqualTo(b.driveline().speed());
      }
    }
  }

  @Test
  void hotterIsNeverCoolerAcrossTheMap() {
    Optional<MarginMap.Point>[][] map = map(Axes.AMBIENT_GRADE);
    for (int j = 0; j < GRADE.length; j++) {
      for (int i = 1; i < AMBIENT.length; i++) {
        assertThat(map[i][j].orElseThrow().coolant())
            .isGreaterThanOrEqualTo(map[i - 1][j].orElseThrow().coolant() - 1e-6);
      }
    }
  }

  @Test
  void whereItCannotClimbThePlaceIsEmptyAndWhereItSlowsTheSpeedIsTheOneHeld() {
    Optional<MarginMap.Point>[][] map =
        MarginMap.compute(
            RIG.withMass(20_000),
            WorkedCase.CLIMB,
            Axes.SPEED_GRADE,
            new double[] {20 / 3.6, 100 / 3.6},
            new double[] {0.01, 0.05, 0.35},
            Factors.NOMINAL);
    assertThat(map[0][2]).isEmpty();
    assertThat(map[1][1].orElseThrow().speed()).isLessThan(100 / 3.6);
    // Asked for more than it holds, more asking changes nothing.
    Optional<MarginMap.Point>[][] faster =
        MarginMap.compute(
            RIG.withMass(20_000),
            WorkedCase.CLIMB,
            Axes.SPEED_GRADE,
            new double[] {110 / 3.6},
            new double[] {0.05},
            Factors.NOMINAL);
    assertThat(faster[0][0].orElseThrow().coolant())
        .isCloseTo(map[1][1].orElseThrow().coolant(), within(1e-2));
  }

  @Test
  void aWorseModelMovesTheWholeMap() {
    Optional<MarginMap.Point>[][] worse =
        MarginMap.compute(
            RIG,
            WorkedCase.CLIMB,
            Axes.AMBIENT_MASS,
            AMBIENT,
            MASS,
            Factors.NOMINAL.with(Factor.COOLANT_SHARE, 1.15));
    Optional<MarginMap.Point>[][] nominal = map(Axes.AMBIENT_MASS);
    for (int i = 0; i < AMBIENT.length; i++) {
      for (int j = 0; j < MASS.length; j++) {
        assertThat(worse[i][j].orElseThrow().coolant())
            .isGreaterThan(nominal[i][j].orElseThrow().coolant());
      }
    }
  }
}
