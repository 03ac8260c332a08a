package roadbreeze.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static roadbreeze.core.wiring.StatesTest.TRUCK;
import static roadbreeze.core.wiring.StatesTest.fan;
import static roadbreeze.core.wiring.StatesTest.loom;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.wiring.Consumer.Air;
import roadbreeze.core.wiring.Defect.Kind;
import roadbreeze.core.wiring.FaultBench.Branch;
import roadbreeze.core.wiring.FaultBench.Step;

class FaultBenchTest {
  private static final Consumer FAN = fan(School.CONTROLLER).withAir(Air.REQUEST).withDriver(true);

  private static FaultBench bench(Consumer c) {
    return FaultBench.of(loom(c).network(TRUCK), FaultBench.asked(List.of(c)));
  }

  private static List<Sign.What> signs(FaultBench bench, Kind kind, String at) {
    return bench.of(new Defect(kind, at)).signs().stream().map(Sign::what).distinct().toList();
  }

  @Test
  void whatTheDriverNotices() {
    FaultBench bench = bench(FAN);
    assertThat(signs(bench, Kind.GUARD_OPEN, "fan-1-fuse")).containsExactly(Sign.What.STANDS_STILL);
    assertThat(signs(bench, Kind.RELAY_STUCK, "fan-1-relay"))
        .containsExactly(Sign.What.RUNS_UNASKED);
    assertThat(signs(bench, Kind.POLARITY_SWAPPED, "fan-1-motor-1"))
        .containsExactly(Sign.What.RUNS_BACKWARDS);
    assertThat(signs(bench, Kind.EARTH_CORRODED, "fan-1-motor-1:->fan-1-earth:31"))
        .containsExactly(Sign.What.RUNS_SLOW);
    // The pilot lamp's wire is missed by nobody who does not look at it.
    assertThat(signs(bench, Kind.WIRE_BROKEN, "fan-1-pilot:2>fan-1-earth:31")).isEmpty();
  }

  /**
   * Who reads as the path says comes to what is broken, with nothing left that could be told apart.
   */
  @Test
  void everyPathEndsAtItsDefect() {
    for (Consumer c : List.of(FAN, fan(School.THERMAL_SWITCH), fan(School.TWO_RELAYS))) {
      FaultBench bench = bench(c);
      for (FaultBench.Case one : bench.cases()) {
        if (one.signs().isEmpty()) {
          continue;
        }
        List<Defect> left = bench.alike(one.defect());
        Optional<Step> step = bench.path(left);
        int steps = 0;
        while (step.isPresent()) {
          Step now = step.get();
          Branch taken =
              now.branches().stream()
                  .filter(b -> b.left().contains(one.defect()))
                  .findFirst()
                  .orElseThrow();
          // No other branch reads alike.
          double volts = bench.read(now.probe(), Optional.of(one.defect())).volts();
          for (Branch other : now.branches()) {
            for (Defect d : other.left()) {
              FaultBench.Reading reads = bench.read(now.probe(), Optional.of(d));
              boolean meter = now.probe().tool() == Probe.Tool.METER;
              assertThat(other == taken || !meter || Math.abs(reads.volts() - volts) > 0.5)
                  .isTrue();
            }
          }
          assertThat(taken.left()).contains(one.defect()).hasSizeLessThan(left.size());
          left = taken.left();
          step = taken.next();
          steps++;
        }
        assertThat(left).contains(one.defect());
        assertThat(left.size()).as("%s among %s", one.defect(), left).isLessThanOrEqualTo(3);
        assertThat(steps).isLessThanOrEqualTo(6);
      }
    }
  }

  /** A corroded earth shows only while current goes through it. */
  @Test
  void aBadEarthIsFoundUnderLoad() {
    FaultBench bench = bench(FAN);
    Defect bad = new Defect(Kind.EARTH_CORRODED, "fan-1-motor-1:->fan-1-earth:31");
    Situation cold = new Situation(Key.RUNNING, 20, 20, false, false);
    Probe meter = new Probe(Probe.Tool.METER, "fan-1-motor-1:-", cold);
    assertThat(bench.read(meter, Optional.of(bad)).volts()).isLessThan(0.1);
    Situation hot = new Situation(Key.RUNNING, 106, 20, false, false);
    Probe working = new Probe(Probe.Tool.METER, "fan-1-motor-1:-", hot);
    assertThat(bench.read(working, Optional.of(bad)).volts()).isGreaterThan(3);
    assertThat(bench.read(working, Optional.empty()).volts()).isLessThan(0.4);
  }
}
