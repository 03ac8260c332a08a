package roadbreeze.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.route.Near;

class RouteBenchTest {
  /** The bench times two answers to one question: they must be one answer. */
  @Test
  void gapsAreThoseOfEveryMillimetre() {
    List<RouteBench.Scene> scenes = RouteBench.scenes(12);
    assertThat(scenes).hasSizeGreaterThan(3);
    for (RouteBench.Scene scene : scenes) {
      double[] plain = PlainGaps.of(scene.route(), scene.check().zones());
      for (Near near : Near.of(scene.route(), scene.check().zones(), 0.1)) {
        double other = plain[scene.check().zones().indexOf(near.zone())];
        assertThat(near.gap().length() - other).isBetween(-5e-4, 1e-6);
      }
    }
  }
}
