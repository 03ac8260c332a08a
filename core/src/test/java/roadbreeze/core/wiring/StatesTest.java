package roadbreeze.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.core.explain.Name;
import roadbreeze.core.wiring.Consumer.Air;
import roadbreeze.core.wiring.Consumer.Joined;

class StatesTest {
  static final Supply TRUCK =
      new Supply(12, OptionalDouble.of(130), 90 * 3600, 30, OptionalDouble.of(20));
  private static final Consumer.Plate PLATE = new Consumer.Plate(20, 13);

  /**
   * Switched by its school from 100 °C and full from 106, two motors where the school wants them.
   */
  static Consumer fan(School school) {
    return new Consumer(
        Name.of("fan-1", Name.Noun.FAN, 0),
        school == School.CLUTCH_DUTY ? Consumer.Kind.CLUTCH : Consumer.Kind.FAN,
        school == School.CLUTCH_DUTY
            ? List.of()
            : school == School.SERIES_PARALLEL ? List.of(PLATE, PLATE) : List.of(PLATE),
        school,
        Felt.COOLANT,
        100,
        106,
        true,
        Air.NONE,
        Joined.RELAY,
        school == School.DRIVER_SWITCH,
        false,
        false,
        false,
        Part.Ground.BODY,
        0,
        AdjusterPlace.BOX,
        SwitchPlace.DASH);
  }

  static Loom loom(Consumer... consumers) {
    List<Consumer> all = List.of(consumers);
    return Loom.of(
        Proposal.of(all, Part.Feed.BATTERY, Part.Guard.Kind.FUSE, 12),
        TRUCK,
        Situations.of(all),
        (from, to) -> from.equals(to) ? 0.2 : 1.2,
        Loom.Choices.NONE);
  }

  static States states(Consumer... consumers) {
    return States.of(loom(consumers).network(TRUCK), Situations.of(List.of(consumers)));
  }

  /** What is wanted of it: heat or a wish or the driver, and a key where it hangs on one. */
  private static boolean wanted(Consumer c, Situation s) {
    boolean asked =
        c.air() != Air.NONE
            && s.key().on()
            && s.airConditioning()
            && (c.air() == Air.REQUEST || s.key().engineRuns());
    boolean computed = c.school().name().startsWith("COMPUTER");
    boolean warm =
        c.school() == School.WITH_KEY
            || c.feels() && s.coolant() >= c.on() && (!computed || s.key().on());
    boolean bySwitch = (c.driver() || c.school() == School.DRIVER_SWITCH) && s.driver();
    return (warm || asked || bySwitch) && (!c.keyed() || s.key().on());
  }

  @ParameterizedTest
  @EnumSource(School.class)
  void everySchoolRunsWhenItIsWantedAndAtNoOtherTime(School school) {
    for (boolean keyed : new boolean[] {true, false}) {
      for (Air air : Air.values()) {
        for (boolean driver : new boolean[] {true, false}) {
          Consumer c = fan(school).withKeyed(keyed).withAir(air).withDriver(driver);
          if (school == School.COMPUTER_PULSED && !keyed) {
            continue; // what the computer says needs the key in any case
          }
          List<Part.Motor> motors = motors(c);
          for (Solved s : states(c).solved()) {
            assertThat(s.restless()).isEmpty();
            boolean runs =
                Stream.concat(
                        motors.stream().map(m -> s.speed(m) > 0.25),
                        Stream.of(Math.abs(s.amperes("fan-1-coil")) > 0.3))
                    .anyMatch(r -> r);
            assertThat(runs).as("%s in %s", c, s.situation()).isEqualTo(wanted(c, s.situation()));
          }
        }
      }
    }
  }

  private static List<Part.Motor> motors(Consumer c) {
    return loom(c).scheme().all(Part.Motor.class);
  }

  @Test
  void twoSpeedsAreSlowThenFull() {
    for (School school : List.of(School.TWO_RELAYS, School.SERIES_PARALLEL)) {
      Consumer c = fan(school);
      States states = states(c);
      double slow = speed(states, c, 100);
      double full = speed(states, c, 106);
      assertThat(slow).isBetween(0.45, 0.65);
      assertThat(full).isBetween(0.98, 1.06);
    }
  }

  private static double speed(States states, Consumer c, double coolant) {
    Solved s = states.network().in(new Situation(Key.RUNNING, coolant, 20, false, false));
    return motors(c).stream().mapToDouble(s::speed).min().orElseThrow();
  }

  @Test
  void swappedWiresTurnItBackwards() {
    Consumer c = fan(School.CONTROLLER).withSwapped(true);
    assertThat(speed(states(c), c, 106)).isCloseTo(-1.03, within(0.03));
  }
}
