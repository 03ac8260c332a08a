package roadbreeze.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class FuseTest {
  @Test
  void theNextUsualSizeOverAQuarterMoreThanItDraws() {
    assertThat(Fuse.over(22, false, Double.POSITIVE_INFINITY)).hasValue(30); // 27.5 A asked
    assertThat(Fuse.over(24, false, Double.POSITIVE_INFINITY)).hasValue(30); // exactly
    assertThat(Fuse.over(24.1, false, Double.POSITIVE_INFINITY)).hasValue(40);
    assertThat(Fuse.over(80, false, Double.POSITIVE_INFINITY)).hasValue(100);
    assertThat(Fuse.over(81, false, Double.POSITIVE_INFINITY)).isEmpty();
  }

  @Test
  void besideTheRadiatorMoreAndNeverMoreThanTheWireCarries() {
    assertThat(Fuse.over(22, false, 31.4)).hasValue(30);
    assertThat(Fuse.over(23, true, 44.7)).hasValue(40); // 31 A asked
    assertThat(Fuse.over(22, false, 23.9)).isEmpty();
  }
}
