package roadbreeze.core.bracket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.BadInputException;

class BracketTest {
  static final StripStock STOCK = new StripStock(Metal.STEEL, 25e-3, 3.2e-3, 3.2e-3);
  private static final double RIGHT = Math.PI / 2;

  static Bracket strip(StripStock stock, List<Hole> holes, Step... steps) {
    return new Bracket(stock, List.of(steps), holes);
  }

  private static Step leg(double length) {
    return new Step.Leg(length);
  }

  private static Step bend(double degrees) {
    return new Step.Bend(Math.toRadians(degrees));
  }

  @Test
  void bendAllowanceAsPublished() {
    assertThat(STOCK.bendAllowance(RIGHT) * 1000).isCloseTo(7.138, within(6e-4));
  }

  /** A joggle of a given offset: its straight piece, what it uses flat, and how far it runs. */
  @ParameterizedTest
  @CsvSource({"20, 45, 24.308, 31.446, 23.976", "12, 30, 21.428, 26.186, 23.357"})
  void aJoggleIsAsPublished(
      double offset, double degrees, double straight, double flat, double run) {
    Bracket asked =
        strip(
            STOCK,
            List.of(),
            leg(0.05),
            bend(degrees),
            leg(straight / 1000),
            bend(-degrees),
            leg(0.05));
    FlatPattern pattern = asked.flat();
    assertThat((pattern.bends().get(1).end() - pattern.bends().get(0).start()) * 1000)
        .isCloseTo(flat, within(6e-4));
    Frame start = new Frame(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_K);
    Vector3D end = asked.folded(start, pattern.length()).at();
    assertThat(end.getZ() * 1000).isCloseTo(offset, within(1e-3));
    assertThat(end.getX() * 1000).isCloseTo(100 + run, within(1e-3));
  }

  @Test
  void flatLengthIsLegsAllowancesAndTwists() {
    Bracket bracket =
        strip(
            STOCK,
            List.of(new Hole(1, 0.03, 0.002, 6.6e-3, 0.004)),
            leg(0.04),
            bend(90),
            leg(0.06),
            new Step.Twist(RIGHT, 0.1),
            leg(0.02));
    FlatPattern flat = bracket.flat();
    double allowance = STOCK.bendAllowance(RIGHT);
    assertThat(flat.length()).isCloseTo(0.22 + allowance, within(1e-12));
    assertThat(flat.bends().get(0).centre()).isCloseTo(0.04 + allowance / 2, within(1e-12));
    assertThat(flat.twists().get(0).start()).isCloseTo(0.1 + allowance, within(1e-12));
    assertThat(flat.holes().get(0).along()).isCloseTo(0.07 + allowance, within(1e-12));
    double face = flat.length() * 0.025 - Math.PI / 4 * 6.6e-3 * 6.6e-3 - 6.6e-3 * 0.004;
    assertThat(bracket.mass()).isCloseTo(face * 3.2e-3 * 7850, within(1e-12));
  }

  @Test
  void aStripFoldedRoundFourCornersComesBackToItself() {
    Bracket square =
        strip(
            STOCK, List.of(), leg(0.05), bend(90), leg(0.1), bend(90), leg(0.1), bend(90), leg(0.1),
            bend(90), leg(0.05));
    Frame start = new Frame(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_J);
    Frame end = square.folded(start, square.flat().length());
    assertThat(end.at().getNorm()).isLessThan(1e-12);
    assertThat(end.along().distance(Vector3D.PLUS_I)).isLessThan(1e-12);
    Bracket turned = strip(STOCK, List.of(), leg(0.1), new Step.Twist(RIGHT, 0.1), leg(0.1));
    Frame twisted = turned.folded(start, 0.3);
    assertThat(twisted.at().distance(new Vector3D(0.3, 0, 0))).isLessThan(1e-12);
    assertThat(twisted.up().distance(Vector3D.PLUS_K)).isLessThan(1e-12);
  }

  @Test
  void eachFaultIsNamed() {
    Bracket sound =
        strip(
            STOCK,
            List.of(new Hole(0, 0.015, 0, 6.6e-3, 0), new Hole(1, 0.03, 0, 6.6e-3, 0)),
            leg(0.05),
            bend(90),
            leg(0.05));
    assertThat(BracketFault.of(sound)).isEmpty();
    assertThat(codes(new Hole(0, 0.002, 0, 6.6e-3, 0)))
        .containsExactly(BracketFault.HOLE_OFF_STRIP);
    assertThat(codes(new Hole(0, 0.015, 0.011, 6.6e-3, 0)))
        .containsExactly(BracketFault.HOLE_OFF_STRIP);
    assertThat(codes(new Hole(0, 0.015, 0.005, 6.6e-3, 0)))
        .containsExactly(BracketFault.HOLE_NEAR_EDGE);
    assertThat(codes(new Hole(0, 0.042, 0, 6.6e-3, 0)))
        .containsExactly(BracketFault.HOLE_NEAR_BEND);
    assertThat(codes(new Hole(0, 0.015, 0, 6.6e-3, 0.06))).contains(BracketFault.HOLE_OFF_STRIP);
    assertThat(BracketFault.of(strip(STOCK, List.of(), leg(0.01), bend(90), leg(0.05))))
        .extracting(f -> f.code())
        .containsExactly(BracketFault.SHORT_FLANGE);
    assertThat(
            BracketFault.of(
                strip(STOCK, List.of(), leg(0.05), bend(90), leg(0), bend(90), leg(0.05))))
        .extracting(f -> f.code())
        .containsExactly(BracketFault.BENDS_OVERLAP);
    StripStock soft = new StripStock(Metal.ALUMINIUM, 25e-3, 3.2e-3, 3.2e-3);
    assertThat(BracketFault.of(strip(soft, List.of(), leg(0.05), bend(90), leg(0.05))))
        .extracting(f -> f.code())
        .containsExactly(BracketFault.TIGHT_RADIUS);
    assertThat(
            BracketFault.of(
                strip(STOCK, List.of(), leg(0.05), new Step.Twist(RIGHT, 0.09), leg(0.05))))
        .extracting(f -> f.code())
        .containsExactly(BracketFault.SHORT_TWIST);
    assertThatThrownBy(() -> strip(STOCK, List.of(), leg(0.05), bend(90)))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> strip(STOCK, List.of(new Hole(3, 0, 0, 6e-3, 0)), leg(0.05)))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> leg(-0.01)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> bend(Double.NaN)).isInstanceOf(BadInputException.class);
  }

  private static List<Code> codes(Hole hole) {
    return BracketFault.of(strip(STOCK, List.of(hole), leg(0.05), bend(90), leg(0.05))).stream()
        .map(Finding::code)
        .toList();
  }

  @Test
  void aViceBendsFromTheEndsInwardsAndOverbendsBySpringback() {
    Bracket zed = strip(STOCK, List.of(), leg(0.04), bend(90), leg(0.03), bend(-90), leg(0.04));
    List<Vice.Turn> turns = Vice.order(zed).orElseThrow();
    assertThat(turns).hasSize(2);
    assertThat(Math.toDegrees(turns.get(0).angle())).isCloseTo(92, within(1e-9));
    assertThat(Math.toDegrees(turns.get(1).angle())).isCloseTo(-92, within(1e-9));
  }

  @Test
  void aNarrowHairpinRunsIntoTheJawsAndAWideOneGoesOverThem() {
    Bracket narrow = strip(STOCK, List.of(), leg(0.06), bend(90), leg(0.015), bend(90), leg(0.06));
    assertThat(Vice.order(narrow)).isEmpty();
    Bracket wide = strip(STOCK, List.of(), leg(0.06), bend(90), leg(0.06), bend(90), leg(0.06));
    assertThat(Vice.order(wide)).isPresent();
    // No vice holds a web of less than a flange.
    Bracket box =
        strip(
            STOCK,
            List.of(),
            leg(0.06),
            bend(90),
            leg(0.06),
            bend(90),
            leg(0.06),
            bend(90),
            leg(0.056),
            bend(90),
            leg(0.02));
    assertThat(Vice.order(box)).as("closed on itself").isEmpty();
  }
}
