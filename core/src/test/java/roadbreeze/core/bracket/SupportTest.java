package roadbreeze.core.bracket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import roadbreeze.core.problem.BadInputException;

/** A channel of 40 × 20 × 3 mm steel, by hand. */
class SupportTest {
  private static final ChannelStock CHANNEL = new ChannelStock(Metal.STEEL, 40e-3, 20e-3, 3e-3);
  private static final double SPAN = 0.6;
  private static final double E = 200e9;
  private static final double G = E / 2.6;
  private static final double I = 8059.9e-12;
  private static final double J = 666e-12;
  private static final Percentage CLOSE = Percentage.withPercentage(0.01);

  /** As good as rigid beside the channel. */
  private static final StripStock BLOCK = new StripStock(Metal.STEEL, 0.1, 12e-3, 12e-3);

  private static Support.Tab tab(double at, double lever) {
    return new Support.Tab(at, lever, new Support.Strip(BLOCK, 2e-3, OptionalDouble.empty()));
  }

  private static Support.Channel channel(Support.Tab... tabs) {
    return new Support.Channel(CHANNEL, SPAN, List.of(tabs));
  }

  @Test
  void sectionOfAChannel() {
    assertThat(CHANNEL.area()).isCloseTo(222e-6, within(1e-12));
    assertThat(CHANNEL.centroid()).isCloseTo(6.0946e-3, within(1e-7));
    assertThat(CHANNEL.secondMoment()).isCloseTo(I, CLOSE);
    assertThat(CHANNEL.farthest()).isCloseTo(13.9054e-3, within(1e-7));
    assertThat(CHANNEL.torsion()).isCloseTo(J, CLOSE);
    assertThat(CHANNEL.massPerMetre()).isCloseTo(1.7427, within(1e-4));
    assertThatThrownBy(() -> new ChannelStock(Metal.STEEL, 20e-3, 10e-3, 6e-3))
        .isInstanceOf(BadInputException.class);
  }

  @Test
  void bendsAsABeamOnTwoSupports() {
    assertThat(channel(tab(0.3, 0)).stiffness()).isCloseTo(48 * E * I / Math.pow(SPAN, 3), CLOSE);
    double a = 0.15;
    assertThat(channel(tab(a, 0), tab(SPAN - a, 0)).stiffness())
        .isCloseTo(12 * E * I / (a * a * (3 * SPAN - 4 * a)), CLOSE);
    // M = F·L/4 under the load, to the far edge of the legs.
    assertThat(channel(tab(0.3, 0)).stress(100))
        .isCloseTo(100 * SPAN / 4 * CHANNEL.farthest() / I, CLOSE);
  }

  @Test
  void aTabThatStandsOffTwistsItUnlessOneOnTheOtherSideHoldsAgainst() {
    double lever = 0.05;
    double soft = Math.pow(SPAN, 3) / (48 * E * I) + lever * lever * SPAN / (4 * G * J);
    assertThat(channel(tab(0.3, lever)).stiffness()).isCloseTo(1 / soft, CLOSE);
    // σ of the bending, τ = T·t/J with half the torque to each end, after von Mises.
    double normal = 100 * SPAN / 4 * CHANNEL.farthest() / I;
    double shear = 100 * lever / 2 * 3e-3 / J;
    assertThat(channel(tab(0.3, lever)).stress(100))
        .isCloseTo(Math.sqrt(normal * normal + 3 * shear * shear), CLOSE);
    double held = channel(tab(0.3, lever), tab(0.3, -lever)).stiffness();
    assertThat(held).isCloseTo(channel(tab(0.3, 0)).stiffness(), Percentage.withPercentage(0.1));
    assertThat(channel(tab(0.3, lever), tab(0.3, lever)).stiffness()).isLessThan(held);
  }

  @Test
  void aSetThatShakesOnALightChannelIsToldWhichOneHolds() {
    ChannelStock light = ChannelStock.kept(Metal.ALUMINIUM).get(0);
    Support.Strip strip = new Support.Strip(BLOCK, 0.02, OptionalDouble.empty());
    Support.Channel slack =
        new Support.Channel(
            light, 0.9, List.of(new Support.Tab(0.3, 0, strip), new Support.Tab(0.6, 0, strip)));
    Holding holding = Holding.of(6, List.of(slack), false);
    assertThat(holding.findings())
        .extracting(f -> f.code())
        .contains(Holding.Fault.SHAKES, Holding.Fault.HEAVIER_CHANNEL);
    var mend = holding.findings().get(holding.findings().size() - 1);
    ChannelStock heavier =
        new ChannelStock(
            Metal.ALUMINIUM, mend.amount("web"), mend.amount("leg"), mend.amount("thickness"));
    Holding mended = Holding.of(6, List.of(slack.with(heavier)), false);
    assertThat(mended.findings()).isEmpty();
    assertThat(mended.frequency()).isCloseTo(mend.amount("gives"), within(1e-9));
  }
}
