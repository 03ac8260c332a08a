package roadbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Tube;
import roadbreeze.core.place.FreeGround;
import roadbreeze.core.stack.Rectangle;

/** Free places of a cooler among forty things, against every place tried with every thing. */
public final class PlaceBench {
  private static final int THINGS = 40;
  private static final Rectangle OPENING = new Rectangle(0, 0, 0.8, 0.56);
  private static final Box COOLER = new Box(0, 0, 0.06, 0.28, 0.19, 0.032);

  private PlaceBench() {}

  private static List<FreeGround.Keep> scene(int seed) {
    Random random = new Random(seed);
    List<FreeGround.Keep> keeps = new ArrayList<>();
    for (int i = 0; i < THINGS; i++) {
      // Round the opening, as things stand in a nose, some of them in it.
      double angle = 2 * Math.PI * random.nextDouble();
      double far = 0.6 + 0.6 * random.nextDouble();
      Vector3D at =
          new Vector3D(
              0.4 + 0.45 * far * Math.cos(angle),
              0.28 + 0.33 * far * Math.sin(angle),
              0.15 * random.nextDouble());
      keeps.add(
          new FreeGround.Keep(
              i % 3 == 0
                  ? new Tube(List.of(at, at.add(new Vector3D(0.06, 0.03, 0.02))), 0.008)
                  : new Box(at.getX(), at.getY(), at.getZ(), 0.03, 0.03, 0.03),
              0.012));
    }
    return keeps;
  }

  private static int every(List<FreeGround.Keep> keeps) {
    int free = 0;
    int columns = (int) Math.round((OPENING.width() - COOLER.width()) / FreeGround.STEP) + 1;
    int rows = (int) Math.round((OPENING.height() - COOLER.height()) / FreeGround.STEP) + 1;
    for (int r = 0; r < rows; r++) {
      for (int c = 0; c < columns; c++) {
        Box there =
            new Box(
                OPENING.x() + c * FreeGround.STEP,
                OPENING.y() + r * FreeGround.STEP,
                COOLER.z(),
                COOLER.width(),
                COOLER.height(),
                COOLER.depth());
        free +=
            keeps.stream()
                    .allMatch(k -> Gap.between(there, k.shape()).length() >= k.distance() - 1e-9)
                ? 1
                : 0;
      }
    }
    return free;
  }

  static void report() {
    List<List<FreeGround.Keep>> scenes = new ArrayList<>();
    for (int seed = 0; seed < 12; seed++) {
      scenes.add(scene(seed));
    }
    Runnable fast = () -> scenes.forEach(s -> FreeGround.of(OPENING, COOLER, s));
    Runnable plain = () -> scenes.forEach(PlaceBench::every);
    double one = Timed.median(fast, 10, 21) / scenes.size();
    double by = Timed.median(plain, 1, 5) / scenes.size();
    System.out.printf(
        "%nFree places of a cooler among %d things: %.1f ms a layer, %.0f times faster than every"
            + " place tried%n",
        THINGS, one, by / one);
  }
}
