package roadbreeze.core.nose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.stack.Rectangle;

class StarterTest {
  private static final NoseFrame USUAL =
      new NoseFrame(new Rectangle(0, 0, 0.8, 0.5), 0.12, 0.20, 0.62, -0.1, 0.15);
  private static final NoseFrame LARGER =
      new NoseFrame(new Rectangle(-0.1, 0.05, 1.0, 0.6), 0.18, 0.30, 0.80, -0.05, 0.25);

  private static Solid solid(Solid.What what, Shape shape) {
    return new Solid(
        Name.given(what.name(), Name.Noun.OBSTACLE, what.name()),
        what,
        shape,
        Nature.METAL,
        false,
        Optional.empty(),
        0.04);
  }

  private static final Starter STARTER =
      new Starter(
          USUAL,
          new Nose(
              NoseLines.NONE,
              List.of(
                  solid(Solid.What.BRACE, new Box(0.38, 0, 0.05, 0.04, 0.5, 0.03)),
                  solid(Solid.What.LATCH, new Box(0.36, 0.42, 0.02, 0.08, 0.08, 0.06)),
                  solid(Solid.What.HORN, new Box(0.6, 0.2, 0.03, 0.08, 0.08, 0.06)),
                  solid(Solid.What.BUMPER, new Box(-0.2, -0.3, -0.15, 1.2, 0.2, 0.1)),
                  solid(
                      Solid.What.COOLANT_HOSE,
                      new Tube(
                          List.of(new Vector3D(0.7, 0.5, 0.2), new Vector3D(0.7, 0.6, 0.4)),
                          0.02))),
              List.of(
                  new BodyHole(
                      Name.given("h", Name.Noun.OBSTACLE, "h"),
                      BodyHole.Sort.THREADED,
                      new Vector3D(0.4, 0.25, 0.06),
                      Direction.FORWARD,
                      ScrewThread.M8,
                      0.012,
                      Optional.empty(),
                      0.04)),
              List.of(
                  new LinePort(
                      Name.given("p", Name.Noun.LINE_PORT, "p"),
                      LinePort.What.TANK_OUT,
                      new Vector3D(0.4, 0.25, 0.06),
                      Direction.LEFT,
                      LinePort.Fitting.BARB,
                      0.0095,
                      false,
                      0.04))));

  private static Box of(Nose nose, Solid.What what) {
    return nose.solids().stream()
        .filter(s -> s.what() == what)
        .findFirst()
        .orElseThrow()
        .shape()
        .bounds();
  }

  @Test
  void onItsOwnMeasuresAStarterStaysAsItIs() {
    Nose same = STARTER.drawn(USUAL, NoseLines.NONE, 0);
    for (int i = 0; i < same.solids().size(); i++) {
      Box box = same.solids().get(i).shape().bounds();
      Box before = STARTER.nose().solids().get(i).shape().bounds();
      assertThat(Gap.between(box, before).length()).isNegative();
      assertThat(box.x()).isCloseTo(before.x(), within(1e-12));
      assertThat(box.top()).isCloseTo(before.top(), within(1e-12));
      assertThat(box.back()).isCloseTo(before.back(), within(1e-12));
    }
  }

  @Test
  void whatSpansTheOpeningGrowsWithItAndTheRestIsCarriedAlong() {
    Nose nose = STARTER.drawn(LARGER, NoseLines.NONE, 3);
    assertThat(of(nose, Solid.What.BRACE).y()).isCloseTo(0.05, within(1e-12));
    assertThat(of(nose, Solid.What.BRACE).height()).isCloseTo(0.6, within(1e-12));
    assertThat(of(nose, Solid.What.HORN).width()).isCloseTo(0.08, within(1e-12));
    assertThat(of(nose, Solid.What.HORN).middle().getX())
        .isCloseTo(-0.1 + 0.64 / 0.8 * 1.0, within(1e-12));
    assertThat(of(nose, Solid.What.BUMPER).z()).isCloseTo(-0.25, within(1e-12));
    assertThat(of(nose, Solid.What.BUMPER).top()).isCloseTo(-0.05, within(1e-12));
    assertThat(nose.holes().get(0).at().getZ()).isCloseTo(0.09, within(1e-12));
  }

  @Test
  void braceAndLatchAreAsMeasuredAndGoneWhereThereIsNone() {
    NoseLines slim =
        new NoseLines(
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.of(0.06),
            OptionalDouble.of(0));
    Nose nose = STARTER.drawn(USUAL, slim, 5);
    assertThat(of(nose, Solid.What.BRACE).x()).isCloseTo(0.37, within(1e-12));
    assertThat(of(nose, Solid.What.BRACE).width()).isCloseTo(0.06, within(1e-12));
    assertThat(nose.solids()).noneMatch(s -> s.what() == Solid.What.LATCH);
  }

  @Test
  void eachMeasureNarrowsWhatIsGuessed() {
    double before = Starter.plusMinus(0);
    for (int n = 1; n <= Starter.MEASURES; n++) {
      assertThat(Starter.plusMinus(n)).isPositive().isLessThan(before);
      before = Starter.plusMinus(n);
    }
    assertThat(STARTER.drawn(USUAL, NoseLines.NONE, 8).solids())
        .allMatch(s -> s.plusMinus() == Starter.plusMinus(8));
  }

  @Test
  void measuresThatContradictEachOtherStillGiveANose() {
    NoseFrame odd = new NoseFrame(new Rectangle(0, 0, 0.8, 0.5), 0.12, 0.20, 0.3, 0.7, -0.3);
    assertThat(STARTER.drawn(odd, NoseLines.NONE, 8).solids()).isNotEmpty();
  }
}
