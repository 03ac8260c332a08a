package roadbreeze.core.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.problem.BadInputException;

class StackTest {
  private static final Stack CLIMB = WorkedCase.stack(true);

  private static double areaWhere(Stack stack, IntPredicate path) {
    return IntStream.range(0, stack.paths().size())
        .filter(path)
        .mapToDouble(p -> stack.paths().get(p).area())
        .sum();
  }

  @Test
  void everyCoreIsWettedByItsWholeFace() {
    for (int k = 0; k < CLIMB.layers().size(); k++) {
      assertThat(CLIMB.wettedArea(k))
          .isCloseTo(CLIMB.layers().get(k).outline().area(), within(1e-12));
    }
    double cells = CLIMB.cells().stream().mapToDouble(c -> c.width() * c.height()).sum();
    assertThat(cells).isCloseTo(0.76 * 0.52, within(1e-12));
    assertThat(CLIMB.radiator()).isEqualTo(2);
  }

  @Test
  void aPathKnowsItsCoresFrontToBackAndItsFans() {
    for (int p = 0; p < CLIMB.paths().size(); p++) {
      int[] through = CLIMB.layersOf(p);
      assertThat(through).isSorted();
      assertThat(through[through.length - 1]).isEqualTo(CLIMB.radiator());
      assertThat(CLIMB.apart(p)).isFalse();
    }
    // By hand: the shroud leaves 60 mm at either side of the radiator.
    assertThat(areaWhere(CLIMB, p -> CLIMB.fansOf(p).length == 0))
        .isCloseTo(2 * 0.06 * 0.52, within(1e-12));
    // And the condenser's rim stands inside it: radiator alone.
    assertThat(areaWhere(CLIMB, p -> CLIMB.layersOf(p).length == 1))
        .isCloseTo(0.76 * 0.52 - 0.70 * 0.44, within(1e-12));
    assertThat(areaWhere(CLIMB, p -> CLIMB.layersOf(p).length == 3))
        .isCloseTo(0.28 * 0.19, within(1e-12));
  }

  @Test
  void aShadowCutsTheFaceAndTakesTheRamOfItsPartOnly() {
    Rectangle brace = new Rectangle(0.37, -0.02, 0.034, 0.56);
    Stack shaded = new Stack(CLIMB.layers(), CLIMB.fans(), List.of(brace), 0.55, 0.02, 0);
    assertThat(areaWhere(shaded, p -> !shaded.paths().get(p).ram()))
        .isCloseTo(0.034 * 0.52, within(1e-12));
    assertThat(areaWhere(shaded, p -> true)).isCloseTo(0.76 * 0.52, within(1e-12));
    // Behind the brace is still the radiator's air, not a place of its own.
    assertThat(IntStream.range(0, shaded.paths().size())).noneMatch(shaded::apart);
  }

  @Test
  void aCoreAwayFromTheFrontIsApart() {
    Layer remote = WorkedCase.cooler("oil cooler", 1.5, 0);
    Stack stack =
        new Stack(
            List.of(remote, WorkedCase.radiator()),
            List.of(WorkedCase.fan()),
            List.of(remote.outline()),
            0.55,
            0.1,
            0);
    assertThat(areaWhere(stack, stack::apart)).isCloseTo(remote.outline().area(), within(1e-12));
  }

  @Test
  void recirculationFadesOutByFiftyKilometresAnHour() {
    assertThat(CLIMB.recirculationAt(0)).isEqualTo(0.02);
    assertThat(CLIMB.recirculationAt(25 / 3.6)).isCloseTo(0.01, within(1e-12));
    assertThat(CLIMB.recirculationAt(50 / 3.6)).isZero();
    assertThat(CLIMB.recirculationAt(120 / 3.6)).isZero();
    assertThat(CLIMB.ramPressure(75 / 3.6, 1.0, 1)).isCloseTo(0.55 * 217.014, within(1e-3));
  }

  @Test
  void coresThatTouchEdgeToEdgeLeaveNoSliver() {
    Layer left = WorkedCase.cooler("left", 0.05, 0.25);
    Layer right = WorkedCase.cooler("right", 0.05 + 0.28, 0.25);
    Stack stack =
        new Stack(List.of(left, right, WorkedCase.radiator()), List.of(WorkedCase.fan()), 0.55, 0);
    assertThat(areaWhere(stack, p -> stack.layersOf(p).length == 3)).isZero();
    assertThat(stack.cells()).allMatch(c -> c.width() > 1e-4 && c.height() > 1e-4);
    assertThat(stack.wettedArea(0) + stack.wettedArea(1)).isCloseTo(2 * 0.28 * 0.19, within(1e-9));
  }

  @Test
  void whatNoPackIsIsRefused() {
    assertThatThrownBy(() -> new Stack(CLIMB.layers(), CLIMB.fans(), 1.2, 0.02))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("RAM_COEFFICIENT");
    assertThatThrownBy(() -> new Stack(CLIMB.layers(), CLIMB.fans(), 0.55, 0.5))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("RECIRCULATION");
    assertThatThrownBy(() -> new Rectangle(0, 0, 0.01, 0.3))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("SIZE");
    Layer radiator = WorkedCase.radiator();
    assertThatThrownBy(
            () ->
                new Layer(
                    radiator.name(), radiator.outline(), radiator.fin(), 0.95, radiator.role()))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("FINS_BLOCKED");
  }

  @Test
  void rectanglesKnowTheirEdges() {
    Rectangle outer = new Rectangle(0.1, 0.2, 0.3, 0.4);
    assertThat(outer.contains(0.25, 0.4)).isTrue();
    assertThat(outer.contains(0.1, 0.4)).as("an edge is outside").isFalse();
    assertThat(outer.right()).isCloseTo(0.4, within(1e-12));
    assertThat(outer.top()).isCloseTo(0.6, within(1e-12));
  }
}
