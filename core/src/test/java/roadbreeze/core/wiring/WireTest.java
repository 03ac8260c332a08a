package roadbreeze.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.problem.BadInputException;

class WireTest {
  private static Wire wire(double mm2, double length, Wire.Laid laid, double surround) {
    return new Wire(mm2 * 1e-6, length, laid, surround);
  }

  @Test
  void aGaugeOfTwelveAtSixtyDegrees() {
    double area = Wire.gauge(12);
    assertThat(area * 1e6).isCloseTo(3.309, within(0.001));
    Wire there = new Wire(area, 4.8, Wire.Laid.FREE, 60);
    assertThat(there.resistance(60) / 4.8 * 1000).isCloseTo(6.03, within(0.005));
    assertThat(25 * there.resistance(60)).isCloseTo(0.72, within(0.005));
  }

  @ParameterizedTest
  @CsvSource({
    "4, IN_LOOM, 80, 23.9",
    "4, FREE, 80, 27.9",
    "4, IN_LOOM, 60, 32.1",
    "6, IN_LOOM, 80, 31.4",
    "10, IN_LOOM, 80, 44.7",
    "1.5, IN_LOOM, 80, 12.5"
  })
  void mostCurrentAsPublished(double mm2, Wire.Laid laid, double surround, double most) {
    Wire wire = wire(mm2, 1, laid, surround);
    assertThat(wire.carries()).isCloseTo(most, within(0.05));
    assertThat(wire.temperature(wire.carries())).isCloseTo(Wire.MOST, within(1e-9));
  }

  @Test
  void asWarmAsItsCurrentMakesIt() {
    Wire wire = wire(4, 1, Wire.Laid.IN_LOOM, 80);
    assertThat(wire.temperature(20)).isCloseTo(97.1, within(0.05));
    assertThat(wire.temperature(0)).isEqualTo(80);
    // Resistance grows faster than heat leaves.
    assertThat(wire.temperature(1000)).isInfinite();
    assertThat(wire(4, 1, Wire.Laid.FREE, 120).carries()).isZero();
  }

  /** The smallest that loses no more than 0.4 V there and back and bears its current. */
  @Test
  void theSmallestSizeIsChosen() {
    Wire both = wire(0.5, 2 * 2.4, Wire.Laid.IN_LOOM, 60);
    double area = both.chosen(22, 0.4).orElseThrow();
    assertThat(both.of(area).drop(22)).isLessThanOrEqualTo(0.4);
    assertThat(area * 1e6).isEqualTo(6);
    assertThat(both.of(4e-6).drop(22)).isGreaterThan(0.4);
    // Short, it is what it carries that decides.
    assertThat(wire(0.5, 0.3, Wire.Laid.IN_LOOM, 80).chosen(23, 0.4)).hasValue(4e-6);
    assertThat(wire(0.5, 20, Wire.Laid.IN_LOOM, 80).chosen(90, 0.4)).isEmpty();
    assertThatThrownBy(() -> wire(-1, 1, Wire.Laid.FREE, 20)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> both.temperature(Double.NaN)).isInstanceOf(BadInputException.class);
  }

  @Test
  void anInrushIsBorneOrNot() {
    Inrush inrush = new Inrush(95, 22, 0.25);
    assertThat(inrush.over(60)).isCloseTo(0.163, within(0.0005));
    assertThat(inrush.over(105)).isZero();
    assertThat(inrush.over(20)).isInfinite();
    assertThat(inrush.current(inrush.over(60))).isCloseTo(60, within(1e-9));
    assertThat(inrush.borneBy(30)).isFalse();
    assertThat(inrush.borneBy(40)).isTrue();
  }
}
