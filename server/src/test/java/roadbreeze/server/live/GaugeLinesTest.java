package roadbreeze.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.log.Channel;
import roadbreeze.server.live.GaugeLines.GaugeColumn;

/** Lines of a gauge, good and bad. */
class GaugeLinesTest {
  private static final List<GaugeColumn> COLUMNS =
      GaugeLines.columns("channels coolant:°F speed:mph gear: place:mi egt:°C").orElseThrow();

  @Test
  void valuesBecomeSi() {
    GaugeLines.Row row = GaugeLines.row("at 12 3400 212 60 4 2 600", COLUMNS).orElseThrow();
    assertThat(row.number()).isEqualTo(12);
    assertThat(row.time()).isEqualTo(3.4);
    assertThat(row.values()[0]).isEqualTo(100);
    assertThat(row.values()[1]).isEqualTo(26.8224);
    assertThat(row.values()[3]).isEqualTo(3218.688);
    // What nobody knows stays as it came.
    assertThat(COLUMNS.get(4).channel()).isEqualTo(Channel.OTHER);
    assertThat(row.values()[4]).isEqualTo(600);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"at", "at 1", "at x 100 1 2 3 4 5", "at 1 100 1 2 3 4", "at 1 100 1 2 3 4 five"})
  void brokenRowsAreLeftAside(String line) {
    assertThat(GaugeLines.row(line, COLUMNS)).isEmpty();
  }

  @Test
  void whatIsNoNumberIsNone() {
    GaugeLines.Row row = GaugeLines.row("at 1 100 - 1e999 NaN 4 5", COLUMNS).orElseThrow();
    assertThat(row.values()[0]).isNaN();
    assertThat(row.values()[1]).isNaN();
    assertThat(row.values()[2]).isNaN();
    assertThat(GaugeLines.columns("channels")).isEmpty();
    assertThat(GaugeLines.columns("channels" + " a:b".repeat(100))).isEmpty();
  }
}
