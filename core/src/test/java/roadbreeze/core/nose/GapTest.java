package roadbreeze.core.nose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.problem.BadInputException;

class GapTest {
  private static final Box CORE = new Box(0, 0, 0, 0.28, 0.19, 0.032);

  private static Tube tube(double radius, double... at) {
    Vector3D[] points = new Vector3D[at.length / 3];
    for (int i = 0; i < points.length; i++) {
      points[i] = new Vector3D(at[3 * i], at[3 * i + 1], at[3 * i + 2]);
    }
    return new Tube(List.of(points), radius);
  }

  private static double length(Shape a, Shape b) {
    return Gap.between(a, b).length();
  }

  @Test
  void distancesAreThoseWorkedByHand() {
    assertThat(length(CORE, new Box(0.31, 0.04, 0, 0.1, 0.1, 0.1)))
        .as("beside it")
        .isCloseTo(0.03, within(1e-9));
    assertThat(length(CORE, new Box(0.31, 0.23, 0, 0.1, 0.1, 0.1)))
        .as("off its corner: 3, 4, 5")
        .isCloseTo(0.05, within(1e-9));
    Round horn = new Round(new Box(0.30, 0.10, -0.05, 0.08, 0.08, 0.2), Axis.BACK);
    assertThat(length(CORE, horn)).as("round, beside it").isCloseTo(0.02, within(1e-9));
    Round beyond = new Round(new Box(0.27, 0.19, -0.05, 0.10, 0.10, 0.2), Axis.BACK);
    assertThat(length(CORE, beyond))
        .as("round, off the corner: its middle is 40 across and 50 up from it")
        .isCloseTo(Math.hypot(0.04, 0.05) - 0.05, within(1e-9));
    assertThat(length(CORE, tube(0.01, -0.1, 0.1, 0.062, 0.5, 0.1, 0.062)))
        .as("a hose across its back")
        .isCloseTo(0.02, within(1e-8));
    assertThat(length(tube(0.01, 0, 0, 0, 1, 0, 0), tube(0.015, 0.5, -1, 0.05, 0.5, 1, 0.05)))
        .as("two hoses crossing")
        .isCloseTo(0.025, within(1e-8));
  }

  @Test
  void crossedCylindersAreFoundByGoingToAndFro() {
    Round along = new Round(new Box(-1, -0.05, -0.05, 2, 0.1, 0.1), Axis.ACROSS);
    Round up = new Round(new Box(-0.03, -1, 0.10, 0.06, 2, 0.06), Axis.UP);
    assertThat(length(along, up)).isCloseTo(0.05, within(1e-6));
  }

  @Test
  void thingsInEachOtherSayHowFarOneMustGo() {
    Gap in = Gap.between(CORE, new Box(0.25, 0.05, -0.1, 0.1, 0.1, 0.3));
    assertThat(in.length()).isCloseTo(-0.03, within(1e-9));
    assertThat(length(CORE, tube(0.01, 0.1, 0.1, -0.2, 0.1, 0.1, 0.2))).isNegative();
    assertThat(length(CORE, new Box(0.28, 0, 0, 0.1, 0.1, 0.1))).as("touching").isZero();
  }

  /** Against points drawn in both: none are nearer, and the two ends lie where they are said to. */
  @Test
  void noTwoPointsOfTwoThingsAreNearer() {
    Random random = new Random(4);
    for (int n = 0; n < 400; n++) {
      Shape a = some(random);
      Shape b = some(random);
      Gap gap = Gap.between(a, b);
      assertThat(Gap.between(b, a).length()).isCloseTo(gap.length(), within(2e-6));
      if (gap.length() <= 0) {
        continue;
      }
      assertThat(gap.from().distance(gap.to())).isCloseTo(gap.length(), within(1e-6));
      for (int k = 0; k < 60; k++) {
        Vector3D drawn = in(a, random);
        double least = Double.POSITIVE_INFINITY;
        for (Convex part : b.parts()) {
          least = Math.min(least, part.nearest(drawn).distance(drawn));
        }
        assertThat(least).as("%s %s", a, b).isGreaterThan(gap.length() - 2e-6);
      }
    }
  }

  private static Shape some(Random random) {
    Vector3D at = new Vector3D(random.nextDouble(), random.nextDouble(), random.nextDouble());
    double size = 0.02 + 0.2 * random.nextDouble();
    Box box = new Box(at.getX(), at.getY(), at.getZ(), size, 0.1, 0.05);
    return switch (random.nextInt(3)) {
      case 0 -> box;
      case 1 -> new Round(box, Axis.values()[random.nextInt(3)]);
      default ->
          tube(0.02, at.getX(), at.getY(), at.getZ(), random.nextDouble(), 0.5, 0.2, 1, 1, 1);
    };
  }

  private static Vector3D in(Shape shape, Random random) {
    List<? extends Convex> parts = shape.parts();
    Box around = shape.bounds();
    Vector3D somewhere =
        new Vector3D(
            around.x() + around.width() * random.nextDouble(),
            around.y() + around.height() * random.nextDouble(),
            around.z() + around.depth() * random.nextDouble());
    return parts.get(random.nextInt(parts.size())).nearest(somewhere);
  }

  @Test
  void aTubeHasALengthAndAtLeastTwoPoints() {
    assertThat(tube(0.01, 0, 0, 0, 0.3, 0, 0, 0.3, 0.4, 0).length()).isCloseTo(0.7, within(1e-12));
    assertThatThrownBy(() -> tube(0.01, 0, 0, 0)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new Box(0, 0, Double.NaN, 1, 1, 1))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new Box(0, 0, 0, -1, 1, 1)).isInstanceOf(BadInputException.class);
  }
}
