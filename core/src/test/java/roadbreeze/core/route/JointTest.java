package roadbreeze.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Name;
import roadbreeze.core.route.Joint.Adapter;
import roadbreeze.core.route.Joint.Fault;

class JointTest {
  private static final Name PORT = Name.given("port", Name.Noun.LINE_PORT, "tank outlet");

  private static Joint joint(Coupling there, double bore, Adapter adapter) {
    return new Joint(PORT, there, bore, 9.5e-3, Optional.ofNullable(adapter));
  }

  private static Adapter adapter(String from, String to) {
    return new Adapter("it", Coupling.named(from), Coupling.named(to), 8.5e-3);
  }

  @Test
  void everyFamilyMatesOnlyWithItsOwnKind() {
    for (Coupling there : Coupling.values()) {
      for (Coupling of : Coupling.values()) {
        Adapter a = new Adapter("it", Optional.of(Coupling.BARB), Optional.of(of), 8.5e-3);
        assertThat(joint(there, 9.5e-3, a).faults().isEmpty())
            .as("%s on %s", of, there)
            .isEqualTo(of == there);
      }
    }
    // Either way round.
    assertThat(joint(Coupling.FLARE, 9.5e-3, adapter("flare thread", "3/8 in barb")).faults())
        .isEmpty();
  }

  @Test
  void whatIsMissingOrOfTheWrongSizeIsSaid() {
    assertThat(joint(Coupling.QUICK_CONNECTOR, 9.5e-3, null).faults())
        .containsExactly(Fault.ADAPTER_WANTED.with(PORT, Coupling.QUICK_CONNECTOR));
    assertThat(joint(Coupling.BARB, 9.5e-3, null).faults()).isEmpty();
    assertThat(joint(Coupling.BARB, 12.7e-3, null).faults())
        .containsExactly(Fault.BARB_SIZE.with(PORT, 12.7e-3, 9.5e-3));
    assertThat(joint(Coupling.FLARE, 9.5e-3, adapter("3/8 in barb", "M16")).faults())
        .containsExactly(Fault.FAMILY_UNKNOWN.with("it"));
    assertThat(
            joint(
                    Coupling.FLARE,
                    9.5e-3,
                    new Adapter(
                        "it", Optional.of(Coupling.FLARE), Optional.of(Coupling.BARB), 11e-3))
                .faults())
        .containsExactly(Fault.BARB_SIZE.with(PORT, 11e-3, 9.5e-3));
  }

  @Test
  void tighteningGoesWithTheSizeAndTwoSpannersKeepALineStraight() {
    assertThat(Coupling.FLARE.torque(9.5e-3).orElseThrow()).isCloseTo(25, within(1e-9));
    assertThat(Coupling.FLARE.torque(12.7e-3).orElseThrow())
        .isCloseTo(25 * Math.pow(12.7 / 9.5, 2), within(1e-9));
    assertThat(Coupling.BARB.torque(9.5e-3)).isEmpty();
    assertThat(Coupling.FLARE.twoSpanners()).isTrue();
    assertThat(Coupling.QUICK_CONNECTOR.twoSpanners()).isFalse();
  }
}
