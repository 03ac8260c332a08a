package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.core.WorkedCase;

/** Each multiplier moves its own thing and nothing else. */
class FactorsTest {
  private enum Move {
    COOLANT_SHARE(f -> f.withCoolantShare(1.1)),
    DRAG_AREA(f -> f.withDragArea(1.1)),
    RAM(f -> f.withRam(0.9)),
    FAN_PRESSURE(f -> f.withFanPressure(0.9)),
    CORE(f -> f.withCoreConductance(0.9)),
    CONVERTER(f -> f.withConverterHeat(1.1)),
    FRONT(f -> f.withFrontHeat(1.1));

    private final UnaryOperator<Factors> with;

    Move(UnaryOperator<Factors> with) {
      this.with = with;
    }
  }

  private static Balance solve(Factors factors) {
    return new SteadyBalance(WorkedCase.rig(true), factors).solve(WorkedCase.SLIPPING);
  }

  @ParameterizedTest
  @EnumSource(Move.class)
  void aWorseFactorHeatsTheCoolant(Move move) {
    assertThat(solve(move.with.apply(Factors.NOMINAL)).coolant())
        .isGreaterThan(solve(Factors.NOMINAL).coolant());
  }

  @ParameterizedTest
  @EnumSource(Move.class)
  void aFactorMovesOneThingOnly(Move move) {
    Balance nominal = solve(Factors.NOMINAL);
    Balance moved = solve(move.with.apply(Factors.NOMINAL));
    boolean airMoves = move == Move.RAM || move == Move.FAN_PRESSURE;
    assertThat(moved.heat().engineToCoolant() > nominal.heat().engineToCoolant() + 1)
        .isEqualTo(move == Move.COOLANT_SHARE || move == Move.DRAG_AREA);
    assertThat(moved.heat().converter() > nominal.heat().converter() + 1)
        .isEqualTo(move == Move.CONVERTER || move == Move.DRAG_AREA);
    assertThat(moved.heat().condenser() > nominal.heat().condenser() + 1)
        .isEqualTo(move == Move.FRONT);
    double flow = nominal.airFlow().totalFlow(WorkedCase.stack(true));
    assertThat(moved.airFlow().totalFlow(WorkedCase.stack(true)) < flow - 1e-6).isEqualTo(airMoves);
    assertThat(moved.airFlow().totalFlow(WorkedCase.stack(true)) == flow).isEqualTo(!airMoves);
  }

  @Test
  void factorsAreKeptApart() {
    Factors all = Factors.NOMINAL;
    for (Move move : Move.values()) {
      all = move.with.apply(all);
    }
    assertThat(all).isEqualTo(new Factors(1.1, 1.1, 0.9, 0.9, 0.9, 1.1, 1.1));
  }
}
