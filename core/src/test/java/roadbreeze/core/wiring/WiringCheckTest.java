package roadbreeze.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roadbreeze.core.wiring.StatesTest.TRUCK;
import static roadbreeze.core.wiring.StatesTest.fan;
import static roadbreeze.core.wiring.StatesTest.loom;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.wiring.Consumer.Air;
import roadbreeze.core.wiring.Consumer.Joined;

class WiringCheckTest {
  private static List<WiringCheck.Found> found(Supply supply, Loom loom, Consumer... consumers) {
    States states = States.of(loom.network(supply), Situations.of(List.of(consumers)));
    return WiringCheck.of(List.of(consumers), loom, supply, states, Map.of(), List.of());
  }

  private static List<WiringCheck.Found> found(Consumer... consumers) {
    return found(TRUCK, loom(consumers), consumers);
  }

  private static Optional<WiringCheck.Found> of(WiringFault fault, List<WiringCheck.Found> found) {
    return found.stream().filter(f -> f.finding().code() == fault).findFirst();
  }

  @Test
  void aProposalOfAnySchoolHasNothingBadInIt() {
    for (School school : School.values()) {
      for (Air air : Air.values()) {
        Consumer c = fan(school).withAir(air).withDriver(true);
        assertThat(found(c))
            .as(school + " " + air)
            .allMatch(f -> f.weight() == WiringFault.Weight.GOOD);
      }
    }
  }

  @Test
  void aBareWireToTheCompressorFeedsItBackwards() {
    Consumer bare =
        fan(School.CONTROLLER).withAir(Air.COMPRESSOR).withBy(Joined.WIRE).withDriver(true);
    WiringCheck.Found f = of(WiringFault.KEEPS_COMPRESSOR_ON, found(bare)).orElseThrow();
    assertThat(f.in().orElseThrow().airConditioning()).isFalse();
    assertThat(f.finding().amount("volts")).isBetween(12.0, 14.0);
    // Told along the way that the current comes, from the line back to what feeds it.
    assertThat(f.along()).first().isEqualTo("compressor:15>fan-1-joint:");
    assertThat(f.along()).last().isEqualTo("ignition:15>fan-1-control-fuse:1");
    assertThat(of(WiringFault.KEEPS_COMPRESSOR_ON, found(bare.withBy(Joined.DIODE)))).isEmpty();
    assertThat(of(WiringFault.KEEPS_COMPRESSOR_ON, found(bare.withBy(Joined.RELAY)))).isEmpty();
  }

  /** One coil fed from the battery for its run-on and tied to the ignition by a bare wire. */
  @Test
  void aFeedTiedToTheIgnitionKeepsTheEngineAlive() {
    Consumer c = fan(School.CONTROLLER).withKeyed(false);
    Consumer keyed = fan(School.CONTROLLER).withName(Name.of("fan-2", Name.Noun.FAN, 1));
    Loom made = loom(c, keyed);
    Scheme tied =
        new Scheme(
            made.scheme().parts(),
            java.util.stream.Stream.concat(
                    made.scheme().runs().stream(),
                    java.util.stream.Stream.of(
                        new Run(
                            "tie",
                            Run.Role.CONTROL,
                            "fan-1-control-fuse:2",
                            "fan-2-control-fuse:2",
                            "fan-1")))
                .toList());
    Loom loom =
        Loom.of(tied, TRUCK, Situations.of(List.of(c, keyed)), (a, b) -> 1.0, Loom.Choices.NONE);
    WiringCheck.Found f =
        of(WiringFault.KEEPS_ENGINE_ALIVE, found(TRUCK, loom, c, keyed)).orElseThrow();
    assertThat(f.in().orElseThrow().key()).isEqualTo(Key.OFF);
    assertThat(f.along()).contains("tie");
  }

  @Test
  void plusOnTheEarthSideIsAShort() {
    Consumer c = fan(School.THERMAL_SWITCH).withAir(Air.REQUEST).withBy(Joined.WIRE);
    WiringCheck.Found f = of(WiringFault.SHORT, found(c)).orElseThrow();
    assertThat(f.finding().amount("current")).isGreaterThan(30);
    assertThat(f.along()).contains("request:15>fan-1-joint:", "fan-1-switch");
    assertThat(of(WiringFault.IDLE_TRIGGER, found(c))).isPresent();
  }

  @Test
  void anEarthSharedWithASensorMakesTheGaugeLie() {
    WiringCheck.Found f =
        of(
                WiringFault.EARTH_SHARED,
                found(fan(School.CONTROLLER).withEarth(Part.Ground.WITH_SENSOR)))
            .orElseThrow();
    // Twenty amperes through the twenty milliohms of a sensor's wire.
    assertThat(f.finding().amount("lifts")).isCloseTo(0.4, within(0.05));
    assertThat(f.finding().amount("reads")).isCloseTo(20, within(2.5));
  }

  @Test
  void aSensorOfOneWireInRubberHasNoEarth() {
    Consumer c = fan(School.THERMAL_SWITCH).withOneWire(true).withInRubber(true);
    List<WiringCheck.Found> found = found(c);
    assertThat(of(WiringFault.NO_EARTH_IN_RUBBER, found)).isPresent();
    assertThat(of(WiringFault.NEVER_RUNS, found)).isPresent();
    assertThat(of(WiringFault.NEVER_RUNS, found(c.withInRubber(false)))).isEmpty();
  }

  @Test
  void airGoesTheWrongWayOrBadly() {
    for (boolean other : new boolean[] {false, true}) {
      for (boolean swapped : new boolean[] {false, true}) {
        for (boolean turned : new boolean[] {false, true}) {
          Consumer c = fan(School.CONTROLLER).withSwapped(swapped);
          States states = States.of(loom(c).network(TRUCK), Situations.of(List.of(c)));
          List<WiringCheck.Found> found =
              WiringCheck.of(
                  List.of(c),
                  loom(c),
                  TRUCK,
                  states,
                  Map.of("fan-1", new WiringCheck.Blades(other, turned)),
                  List.of());
          // A screw keeps its hand when it is turned round: only its sense of turning counts.
          assertThat(of(WiringFault.BLOWS_WRONG_WAY, found).isPresent())
              .isEqualTo(other != swapped);
          assertThat(of(WiringFault.BLADES_BACKWARDS, found).isPresent())
              .isEqualTo(other == swapped && turned != swapped);
        }
      }
    }
  }

  @Test
  void wiresAndFusesByTheirCheckValues() {
    Loom loom = loom(fan(School.CONTROLLER));
    String feed = "fan-1-fuse:2>fan-1-relay:30";
    // 20 A at 13 V are 22 A while charging: 1.25 times that is a 30 A fuse. In the wing's 60 °C
    // 4 mm² carries it, beside the radiator's 80 °C 6 mm².
    assertThat(loom.guards().get("fan-1-fuse")).isEqualTo(30);
    Wire fed = loom.wires().get(feed).wire();
    assertThat(fed.of(4e-6).carries()).isCloseTo(32.1, within(0.05));
    assertThat(loom.wires().get("fan-1-relay:87>fan-1-motor-1:+").wire().area()).isEqualTo(6e-6);
    assertThat(loom.inrush().get("fan-1-fuse").first()).isBetween(70.0, 85.0);
    Loom thin =
        Loom.of(
            loom.scheme(),
            TRUCK,
            Situations.of(List.of(fan(School.CONTROLLER))),
            (a, b) -> 1.2,
            new Loom.Choices(Map.of(feed, 1e-6), Map.of(), Map.of(), Map.of("fan-1-fuse", 20.0)));
    List<WiringCheck.Found> found = found(TRUCK, thin, fan(School.CONTROLLER));
    assertThat(of(WiringFault.WIRE_HOT, found).orElseThrow().along()).containsExactly(feed);
    assertThat(of(WiringFault.WIRE_UNPROTECTED, found)).isPresent();
    assertThat(of(WiringFault.GUARD_SMALL, found).orElseThrow().finding().amount("wanted"))
        .isBetween(25.0, 28.0);
  }

  @Test
  void theAlternatorAtAHotIdle() {
    Consumer c = fan(School.CONTROLLER);
    Supply weak = new Supply(12, OptionalDouble.of(80), 252_000, 35, OptionalDouble.empty());
    Supply unknown = new Supply(12, OptionalDouble.empty(), 252_000, 35, OptionalDouble.empty());
    assertThat(of(WiringFault.ALTERNATOR_SHORT, found(weak, loom(c), c)).orElseThrow().finding())
        .satisfies(f -> assertThat(f.amount("spare")).isEqualTo(5))
        .satisfies(
            f ->
                assertThat(f.amount("lasts"))
                    .isCloseTo(0.2 * 252_000 / (f.amount("drawn") - 5), within(1e-6)));
    assertThat(of(WiringFault.ALTERNATOR_UNKNOWN, found(unknown, loom(c), c))).isPresent();
  }

  @Test
  void twoAtOnceAndOneAfterTheOther() {
    Consumer one = fan(School.CONTROLLER);
    Consumer two = one.withName(Name.of("fan-2", Name.Noun.FAN, 1));
    assertThat(of(WiringFault.START_TOGETHER, found(one, two))).isPresent();
    assertThat(of(WiringFault.START_TOGETHER, found(one, two.withDelay(3)))).isEmpty();
  }

  @Test
  void aBoxIsHighAndDryAndAwayFromTheHeat() {
    Box radiator = new Box(0, 0, 0.3, 0.7, 0.5, 0.05);
    Solid pipe =
        new Solid(
            Name.given("pipe", Name.Noun.OBSTACLE, "exhaust"),
            Solid.What.EXHAUST,
            new Box(0.9, 0.3, 0.8, 0.1, 0.1, 0.3),
            Nature.HOT,
            false,
            Optional.empty(),
            0.005);
    BoxSeat good = new BoxSeat(new Vector3D(0.8, 0.4, 0.5), false, true);
    assertThat(good.faults(radiator, List.of(pipe))).isEmpty();
    List<Finding> bad =
        new BoxSeat(new Vector3D(0.85, 0.2, 0.9), true, false).faults(radiator, List.of(pipe));
    assertThat(bad)
        .extracting(Finding::code)
        .containsExactly(WiringFault.BOX_LOW, WiringFault.BOX_OPENS_UP, WiringFault.BOX_UNSEALED);
    List<Finding> hot =
        new BoxSeat(new Vector3D(0.85, 0.35, 0.9), false, true).faults(radiator, List.of(pipe));
    assertThat(hot)
        .singleElement()
        .satisfies(f -> assertThat(f.amount("gap")).isCloseTo(0.05, within(1e-9)));
    Consumer c = fan(School.CONTROLLER);
    States states = States.of(loom(c).network(TRUCK), Situations.of(List.of(c)));
    assertThat(WiringCheck.of(List.of(c), loom(c), TRUCK, states, Map.of(), bad))
        .extracting(f -> f.finding().code())
        .contains(WiringFault.BOX_LOW);
  }
}
