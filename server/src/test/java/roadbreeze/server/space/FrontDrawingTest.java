package roadbreeze.server.space;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.server.Jobs;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.message.Units;

class FrontDrawingTest {
  private static Drawing of(String id, Units.World world) {
    return FrontDrawing.of(Jobs.HIVE, Jobs.HIVE.build(Jobs.PLAN), id, world).orElseThrow();
  }

  private static List<String> words(Drawing drawing) {
    return drawing.marks().stream()
        .filter(Drawing.Words.class::isInstance)
        .map(m -> ((Drawing.Words) m).text().replace('\u00a0', ' ').replace('\u202f', ' '))
        .toList();
  }

  @Test
  void aCoolerIsMeasuredFromTheCoreBehindIt() {
    assertThat(words(of("cooler-1", Units.World.METRIC)))
        .contains("50 mm", "250 mm", "20 mm to the core behind", "condenser", "oil cooler")
        .doesNotContain("grille"); // it is off when the cooler is offered up
    assertThat(words(of("cooler-1", Units.World.IMPERIAL))).contains("1.97 in", "9.84 in");
    assertThat(FrontDrawing.of(Jobs.HIVE, Jobs.HIVE.found(), "cooler-1", Units.World.METRIC))
        .isEmpty();
  }

  @Test
  void nothingIsDrawnBesideItsSheet() {
    Drawing drawing = of("obstacle-2", Units.World.METRIC);
    assertThat(drawing.marks())
        .filteredOn(Drawing.Stroke.class::isInstance)
        .allSatisfy(
            m -> {
              Drawing.Stroke s = (Drawing.Stroke) m;
              assertThat(List.of(s.x1(), s.x2())).allMatch(x -> x >= 0 && x <= drawing.width());
              assertThat(List.of(s.y1(), s.y2())).allMatch(y -> y >= 0 && y <= drawing.height());
            });
  }
}
