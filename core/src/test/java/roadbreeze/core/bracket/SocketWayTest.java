package roadbreeze.core.bracket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.fastener.ScrewThread;

/** A strip of 40 × 3 mm bent to a U, its legs 30 mm apart. */
class SocketWayTest {
  private static final StripStock STOCK = new StripStock(Metal.STEEL, 40e-3, 3e-3, 3e-3);

  private static Bracket bent(double angle, double lastHole) {
    return new Bracket(
        STOCK,
        List.of(
            new Step.Leg(0.080),
            new Step.Bend(angle),
            new Step.Leg(0.021),
            new Step.Bend(angle),
            new Step.Leg(0.080)),
        List.of(new Hole(0, 0.030, 0, 6.6e-3, 0), new Hole(2, lastHole, 0, 6.6e-3, 0)));
  }

  private static final double QUARTER = Math.PI / 2;

  @Test
  void aLegOverAHoleIsCutForItsSocket() {
    // Hole 1 is 50 mm before the bend; the other leg comes back over it.
    List<SocketWay> ways = SocketWay.of(bent(QUARTER, 0.020));
    assertThat(ways).hasSize(2).allMatch(SocketWay::cut);
    SocketWay first = ways.get(0);
    assertThat(first.hole()).isZero();
    assertThat(first.leg()).isEqualTo(2);
    double start = bent(QUARTER, 0.020).flat().legs().get(2);
    assertThat(first.along() - start).isCloseTo(0.050, within(1e-9));
    assertThat(first.across()).isCloseTo(0, within(1e-9));
    assertThat(first.diameter()).isCloseTo(ScrewThread.M6.socket() + 2e-3, within(1e-12));
    assertThat(BracketFault.of(bent(QUARTER, 0.020)))
        .noneMatch(f -> f.code() == BracketFault.SPANNER_ONLY);
  }

  @Test
  void whereTheOtherHoleIsInTheWayOnlyASpannerGetsOn() {
    assertThat(SocketWay.of(bent(QUARTER, 0.050))).hasSize(2).noneMatch(SocketWay::cut);
    assertThat(BracketFault.of(bent(QUARTER, 0.050)))
        .filteredOn(f -> f.code() == BracketFault.SPANNER_ONLY)
        .hasSize(2);
  }

  @Test
  void aStepLeavesBothHolesFree() {
    Bracket z =
        new Bracket(
            STOCK,
            List.of(
                new Step.Leg(0.080),
                new Step.Bend(QUARTER),
                new Step.Leg(0.021),
                new Step.Bend(-QUARTER),
                new Step.Leg(0.080)),
            List.of(new Hole(0, 0.030, 0, 6.6e-3, 0), new Hole(2, 0.050, 0, 6.6e-3, 0)));
    assertThat(SocketWay.of(z)).isEmpty();
  }
}
