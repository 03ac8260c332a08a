package roadbreeze.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;

/** The fast haul and the plain one agree over hills, stops and a switching fan. */
class PlainHaulTest {
  @Test
  void agree() {
    Trip trip = HillyRoad.lasting(1500);
    for (Rig build : HillyRoad.builds()) {
      Trace fast = HaulBench.fast(build, trip);
      Trace plain = HaulBench.plain(build, trip);
      assertThat(fast.switchings()).hasSameSizeAs(plain.switchings()).isNotEmpty();
      assertThat(HaulBench.apart(fast, plain, Trace.Moment::coolant, 3)).isLessThan(0.2);
      assertThat(HaulBench.apart(fast, plain, Trace.Moment::sump, 3)).isLessThan(0.2);
      assertThat(HaulBench.apart(fast, plain, Trace.Moment::feed, 3)).isLessThan(0.2);
    }
  }
}
