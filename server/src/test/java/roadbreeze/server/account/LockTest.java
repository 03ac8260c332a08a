package roadbreeze.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class LockTest {
  @Test
  void onThisMachineNobodySignsInAndBeyondItNothingIsPlain() throws Exception {
    assertThat(new Lock("127.0.0.1", false, "", "", false).locked()).isFalse();
    assertThat(new Lock("::1", false, "", "", false).locked()).isFalse();
    assertThat(new Lock("127.0.0.1", true, "", "", false).locked()).isTrue();
    assertThatThrownBy(() -> new Lock("0.0.0.0", false, "", "", false))
        .hasMessageContaining("by TLS only");
    assertThat(new Lock("0.0.0.0", false, "yard", "", false))
        .matches(Lock::locked)
        .matches(Lock::secure);
    assertThat(new Lock("192.168.1.5", false, "", "file:yard.p12", false).locked()).isTrue();
    assertThat(new Lock("0.0.0.0", false, "", "", true).locked()).isTrue();
  }
}
