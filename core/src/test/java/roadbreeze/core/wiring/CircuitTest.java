package roadbreeze.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roadbreeze.core.wiring.Circuit.Diode;
import roadbreeze.core.wiring.Circuit.Element;
import roadbreeze.core.wiring.Circuit.Motor;
import roadbreeze.core.wiring.Circuit.Resistance;
import roadbreeze.core.wiring.Circuit.Solution;
import roadbreeze.core.wiring.Circuit.Source;

class CircuitTest {
  private static final String EARTH = "31";

  private static Circuit of(Element... elements) {
    return new Circuit(EARTH, List.of(elements));
  }

  private static Resistance ohms(String id, String from, String to, double ohms) {
    return new Resistance(id, from, to, ohms);
  }

  /** 3.9 m of 4 mm² at 80 °C, a relay and a fuse before a motor of 0.55 Ω. */
  @Test
  void aFansFeedAsPublished() {
    double wire = new Wire(4e-6, 3.9, Wire.Laid.IN_LOOM, 80).resistance(80);
    Solution s =
        of(
                new Source("battery", EARTH, "post", 13.8, 1e-9),
                ohms("fuse", "post", "fused", 2e-3),
                ohms("relay", "fused", "87", 3e-3),
                ohms("wire", "87", "motor", wire),
                ohms("fan", "motor", EARTH, 0.55))
            .solve();
    assertThat(s.current("fan")).isCloseTo(23.97, within(0.005));
    assertThat(s.voltage("motor")).isCloseTo(13.18, within(0.005));
    assertThat(s.voltage("post") - s.voltage("motor")).isCloseTo(0.62, within(0.005));
  }

  @Test
  void bridgesAndDiodesByHand() {
    // A balanced bridge carries nothing across.
    Solution bridge =
        of(
                new Source("b", EARTH, "p", 12, 1e-6),
                ohms("1", "p", "l", 10),
                ohms("2", "p", "r", 20),
                ohms("3", "l", EARTH, 30),
                ohms("4", "r", EARTH, 60),
                ohms("across", "l", "r", 5))
            .solve();
    assertThat(bridge.current("across")).isCloseTo(0, within(1e-9));
    assertThat(bridge.voltage("l")).isCloseTo(9, within(1e-5));
    // Of two feeds the higher one carries, and nothing goes back into the lower.
    Solution feeds =
        of(
                new Source("high", EARTH, "a", 12.7, 1e-6),
                new Source("low", EARTH, "b", 11, 1e-6),
                new Diode("from a", "a", "coil"),
                new Diode("from b", "b", "coil"),
                ohms("relay", "coil", EARTH, 85))
            .solve();
    assertThat(feeds.voltage("coil")).isCloseTo(12, within(1e-3));
    assertThat(feeds.current("from b")).isZero();
    // What nothing leads to has no voltage and carries nothing.
    Solution open =
        of(
                new Source("b", EARTH, "p", 12, 0.01),
                ohms("lost", "x", "y", 1),
                ohms("1", "p", EARTH, 12))
            .solve();
    assertThat(open.voltage("x")).isCloseTo(0, within(1e-9));
    assertThat(open.current("lost")).isCloseTo(0, within(1e-9));
  }

  /** I = I_n·(V/V_n)² behind 0.1 Ω: a quadratic by hand. Turned about it draws the same. */
  @Test
  void aFansMotorDrawsByTheSquareOfItsVoltage() {
    double k = 20 / (13.0 * 13.0);
    double volts = (Math.sqrt(1 + 4 * k * 0.1 * 13.8) - 1) / (2 * k * 0.1);
    Solution s =
        of(new Source("b", EARTH, "p", 13.8, 0.1), new Motor("fan", "p", EARTH, 20, 13)).solve();
    assertThat(s.voltage("p")).isCloseTo(volts, within(1e-8));
    Solution turned =
        of(new Source("b", EARTH, "p", 13.8, 0.1), new Motor("fan", EARTH, "p", 20, 13)).solve();
    assertThat(turned.current("fan")).isCloseTo(-s.current("fan"), within(1e-8));
  }

  /** At every node what comes goes, and what the sources give is what the rest takes. */
  @Test
  void kirchhoffClosesOnDrawnNetworks() {
    Random random = new Random(11);
    for (int n = 0; n < 400; n++) {
      List<Element> elements = new ArrayList<>();
      int nodes = 2 + random.nextInt(12);
      elements.add(new Source("battery", EARTH, "n0", 11 + 3 * random.nextDouble(), 0.01));
      for (int i = 1; i < nodes; i++) {
        elements.add(
            ohms(
                "tree" + i,
                "n" + random.nextInt(i),
                "n" + i,
                Math.pow(10, -3 + 4 * random.nextDouble())));
      }
      for (int i = 0; i < nodes; i++) {
        String from = "n" + random.nextInt(nodes);
        String to = random.nextBoolean() ? EARTH : "n" + random.nextInt(nodes);
        if (from.equals(to)) {
          continue;
        }
        elements.add(
            switch (random.nextInt(3)) {
              case 0 -> ohms("r" + i, from, to, 0.1 + 100 * random.nextDouble());
              case 1 -> new Motor("m" + i, from, to, 1 + 20 * random.nextDouble(), 13);
              default -> new Diode("d" + i, from, to);
            });
      }
      elements.add(ohms("load", "n" + (nodes - 1), EARTH, 1 + 10 * random.nextDouble()));
      Solution s = new Circuit(EARTH, elements).solve();
      Map<String, Double> sums = new HashMap<>();
      double taken = 0;
      for (Element e : elements) {
        double current = s.current(e.id());
        sums.merge(e.from(), -current, Double::sum);
        sums.merge(e.to(), current, Double::sum);
        double across = s.voltage(e.from()) - s.voltage(e.to());
        taken += across * current;
        if (e instanceof Diode) {
          assertThat(current).isGreaterThanOrEqualTo(0);
        }
      }
      assertThat(sums.values()).allSatisfy(sum -> assertThat(sum).isCloseTo(0, within(1e-9)));
      assertThat(taken).isCloseTo(0, within(1e-6));
    }
  }

  /** A chopper gives what it takes, but for its own ohms. */
  @Test
  void aChopperKeepsPower() {
    for (double duty : new double[] {0.3, 0.5, 1}) {
      Solution s =
          of(
                  new Source("b", EARTH, "p", 13.8, 1e-6),
                  new Circuit.Chopper("c", "p", "m", EARTH, duty, 5e-3),
                  ohms("coil", "m", EARTH, 2))
              .solve();
      double given = s.current("coil");
      assertThat(s.voltage("m")).isCloseTo(duty * 13.8 * 2 / 2.005, within(1e-4));
      assertThat(s.current("b")).isCloseTo(duty * given, within(1e-4));
    }
  }
}
