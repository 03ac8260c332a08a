package roadbreeze.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Round;
import roadbreeze.core.nose.Shape;
import roadbreeze.core.nose.Tube;
import roadbreeze.core.stack.Rectangle;

class FreeGroundTest {
  private static final int SCENES = 150;

  /**
   * 100 mm in a room of 300 beside a post of 20 mm that wants 12: left up to 38 mm, right from 182.
   */
  @Test
  void besideAPostAsWorkedByHand() {
    Box cooler = new Box(0, 0, 0.05, 0.1, 0.1, 0.03);
    Shape post = new Box(0.150, -1, 0, 0.020, 2, 0.1);
    FreeGround ground =
        FreeGround.of(
            new Rectangle(0, 0, 0.3, 0.1), cooler, List.of(new FreeGround.Keep(post, 0.012)));
    assertThat(ground.rows()).isEqualTo(1);
    List<Double> free = new ArrayList<>();
    for (int c = 0; c < ground.columns(); c++) {
      if (ground.isFree(c, 0)) {
        free.add(Math.round(ground.x(c) * 1e4) / 10.0);
      }
    }
    assertThat(free)
        .containsExactly(0.0, 5.0, 10.0, 15.0, 20.0, 25.0, 30.0, 35.0, 185.0, 190.0, 195.0, 200.0);
  }

  @Test
  void aBoxThatIsLargerThanItsRoomStandsNowhere() {
    Box large = new Box(0, 0, 0, 0.4, 0.1, 0.03);
    assertThat(FreeGround.of(new Rectangle(0, 0, 0.3, 0.2), large, List.of()).free().isEmpty())
        .isTrue();
  }

  @Test
  void everyPlaceIsFreeExactlyWhereABoxStoodThereClearsEverything() {
    int free = 0;
    int barred = 0;
    for (int seed = 0; seed < SCENES; seed++) {
      Random random = new Random(seed);
      Rectangle room = new Rectangle(0, 0, 0.42 + 0.2 * random.nextDouble(), 0.35);
      Box box = new Box(0, 0, 0.05, 0.15 + 0.2 * random.nextDouble(), 0.19, 0.032);
      List<FreeGround.Keep> keeps = new ArrayList<>();
      for (int i = 0; i < 1 + seed % 9; i++) {
        keeps.add(new FreeGround.Keep(thing(random), random.nextDouble() * 0.06));
      }
      FreeGround ground = FreeGround.of(room, box, keeps);
      for (int row = 0; row < ground.rows(); row++) {
        for (int column = 0; column < ground.columns(); column++) {
          Box there = ground.at(box, column, row);
          boolean clear =
              keeps.stream()
                  .allMatch(k -> Gap.between(there, k.shape()).length() >= k.distance() - 1e-9);
          assertThat(ground.isFree(column, row))
              .as("scene %d, column %d, row %d", seed, column, row)
              .isEqualTo(clear);
          free += clear ? 1 : 0;
          barred += clear ? 0 : 1;
        }
      }
    }
    // Both kinds were there to be told apart.
    assertThat(Math.min(free, barred)).isGreaterThan(20_000);
  }

  private static Shape thing(Random random) {
    Vector3D at =
        new Vector3D(
            0.6 * random.nextDouble(), 0.4 * random.nextDouble(), 0.15 * random.nextDouble());
    Box box =
        new Box(at.getX(), at.getY(), at.getZ(), 0.05, 0.02 + 0.05 * random.nextDouble(), 0.03);
    return switch (random.nextInt(3)) {
      case 0 -> box;
      case 1 -> new Round(box, Axis.values()[random.nextInt(3)]);
      default ->
          new Tube(
              List.of(at, at.add(new Vector3D(0.1, -0.05, 0.05)), at.add(new Vector3D(0, 0.1, 0))),
              0.01);
    };
  }
}
