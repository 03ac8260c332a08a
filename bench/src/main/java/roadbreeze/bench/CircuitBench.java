package roadbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Name;
import roadbreeze.core.wiring.AdjusterPlace;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.FaultBench;
import roadbreeze.core.wiring.Felt;
import roadbreeze.core.wiring.Loom;
import roadbreeze.core.wiring.Network;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Proposal;
import roadbreeze.core.wiring.School;
import roadbreeze.core.wiring.Situation;
import roadbreeze.core.wiring.Situations;
import roadbreeze.core.wiring.Solved;
import roadbreeze.core.wiring.States;
import roadbreeze.core.wiring.Supply;
import roadbreeze.core.wiring.SwitchPlace;

/**
 * A circuit of two fans of two speeds with every trigger there is, in each of its situations: each
 * solved once where others close the same contacts, against every one solved by itself.
 */
public final class CircuitBench {
  private static final Supply SUPPLY =
      new Supply(12, OptionalDouble.of(130), 300_000, 30, OptionalDouble.empty());

  private CircuitBench() {}

  private static Consumer fan(String id, int index, Felt felt) {
    return new Consumer(
        Name.of(id, Name.Noun.FAN, index),
        Consumer.Kind.FAN,
        List.of(new Consumer.Plate(15, 13), new Consumer.Plate(15, 13)),
        index == 0 ? School.SERIES_PARALLEL : School.TWO_RELAYS,
        felt,
        98,
        104,
        true,
        Consumer.Air.REQUEST,
        Consumer.Joined.RELAY,
        true,
        false,
        false,
        false,
        Part.Ground.BODY,
        3 * index,
        AdjusterPlace.BOX,
        SwitchPlace.DASH);
  }

  static List<Consumer> fans() {
    return List.of(fan("fan-1", 0, Felt.COOLANT), fan("fan-2", 1, Felt.OIL));
  }

  static List<Situation> situations() {
    return Situations.of(fans());
  }

  static Network network() {
    Loom loom =
        Loom.of(
            Proposal.of(fans(), Part.Feed.BATTERY, Part.Guard.Kind.FUSE, 12),
            SUPPLY,
            situations(),
            (from, to) -> 1.2,
            Loom.Choices.NONE);
    return loom.network(SUPPLY);
  }

  /** Every situation by itself. */
  static List<Solved> plain(Network network) {
    List<Solved> solved = new ArrayList<>();
    for (Situation s : situations()) {
      solved.add(network.in(s));
    }
    return solved;
  }

  static States table(Network network) {
    return States.of(network, situations());
  }

  static void report() {
    Network network = network();
    double table = Timed.median(() -> table(network), 15, 31);
    double by = Timed.median(() -> plain(network), 5, 11);
    double drawn = Timed.median(CircuitBench::network, 10, 21);
    double bench =
        Timed.median(() -> FaultBench.of(network, FaultBench.asked(fans())).cases(), 2, 5);
    System.out.printf(
        "%nA circuit of %d wires in %d situations: drawn up and wired in %.0f ms, its truth table in"
            + " %.0f ms, %.1f times faster than every situation by itself; all its defects in"
            + " %.0f ms%n",
        network.scheme().runs().size(), situations().size(), drawn, table, by / table, bench);
  }
}
