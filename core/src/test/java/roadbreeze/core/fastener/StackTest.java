package roadbreeze.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.fastener.Stack.Layer;
import roadbreeze.core.fastener.Stack.What;
import roadbreeze.core.problem.BadInputException;

class StackTest {
  private static final List<Layer> STRIP = List.of(new Layer(What.STRIP, 3.2e-3));
  private static final List<Layer> EAR =
      List.of(
          new Layer(What.ISOLATOR, 8e-3), new Layer(What.EAR, 3e-3), new Layer(What.STRIP, 3.2e-3));

  @Test
  void aThroughScrewComesTwoTurnsOutOfItsNut() {
    Stack stack = Stack.throughNut(ScrewThread.M6, EAR);
    // 1.6 + 8 + 3 + 3.2 + 1.6 clamped, 6 of nut and 2 of thread: 25.4, sold as 30.
    assertThat(stack.grip()).isCloseTo(17.4e-3, within(1e-9));
    assertThat(stack.screw()).hasValue(30e-3);
    assertThat(stack.torque()).isEqualTo(10);
    assertThat(stack.layers())
        .extracting(Layer::what)
        .containsExactly(
            What.HEAD, What.WASHER, What.ISOLATOR, What.EAR, What.STRIP, What.WASHER, What.NUT);
    assertThat(stack.findings()).isEmpty();
  }

  @Test
  void aThreadOfTheBodyHoldsOneDiameterAndTheScrewDoesNotBottom() {
    Stack stack = Stack.intoThread(ScrewThread.M8, 12e-3, STRIP);
    // 4.8 clamped, at least 8 and at most 12 of thread: 12.8 to 16.8, sold as 16.
    assertThat(stack.screw()).hasValue(16e-3);
    assertThat(stack.engaged()).isCloseTo(11.2e-3, within(1e-9));
    assertThat(Stack.intoThread(ScrewThread.M8, 5e-3, STRIP).findings())
        .extracting(f -> f.code())
        .contains(Stack.Fault.SHALLOW_THREAD);
    // Nothing that is sold ends between 12.8 and 13.0.
    assertThat(Stack.intoThread(ScrewThread.M8, 8.2e-3, STRIP).findings())
        .extracting(f -> f.code())
        .containsExactly(Stack.Fault.NO_SCREW);
  }

  @Test
  void aStudMustStandFarEnoughOut() {
    assertThat(Stack.onStud(ScrewThread.M6, 18e-3, STRIP).findings()).isEmpty();
    assertThat(Stack.onStud(ScrewThread.M6, 18e-3, STRIP).screw()).isEmpty();
    assertThat(Stack.onStud(ScrewThread.M6, 11e-3, STRIP).findings())
        .extracting(f -> f.code())
        .containsExactly(Stack.Fault.SHORT_STUD);
  }

  @Test
  void aRivetNutTakesHalfTheTorqueAndOnlySoMuchSheet() {
    Stack stack = Stack.intoInsert(ScrewThread.M6, 1.5e-3, STRIP);
    assertThat(stack.torque()).isEqualTo(5);
    assertThat(stack.screw()).hasValue(16e-3);
    assertThat(stack.engaged()).isGreaterThanOrEqualTo(1.5 * 6e-3);
    assertThat(ScrewThread.M6.insertDrill()).isEqualTo(9e-3);
    assertThat(Stack.intoInsert(ScrewThread.M6, 4e-3, STRIP).findings())
        .extracting(f -> f.code())
        .containsExactly(Stack.Fault.INSERT_GRIP);
  }

  @Test
  void aHoleIsForTheLargestThreadThatGoesThroughIt() {
    assertThat(ScrewThread.through(6.6e-3)).isEqualTo(ScrewThread.M6);
    for (ScrewThread thread : ScrewThread.values()) {
      assertThat(ScrewThread.through(thread.clearanceHole())).isEqualTo(thread);
    }
    assertThat(ScrewThread.through(5.5e-3)).isEqualTo(ScrewThread.M5);
    assertThatThrownBy(
            () -> Stack.throughNut(ScrewThread.M6, List.of(new Layer(What.STRIP, Double.NaN))))
        .isInstanceOf(BadInputException.class);
  }
}
