package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Loom;
import roadbreeze.core.wiring.Network;
import roadbreeze.core.wiring.ProbeSeat;
import roadbreeze.core.wiring.Proposal;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.core.wiring.Situation;
import roadbreeze.core.wiring.Situations;
import roadbreeze.core.wiring.Spot;
import roadbreeze.core.wiring.States;
import roadbreeze.core.wiring.Supply;
import roadbreeze.core.wiring.WiringCheck;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/**
 * A build with its circuit.
 *
 * @param seats of what feels a temperature, by the id of what it is for
 * @param seatFaults what is wrong with where relays, adjusters and probes sit
 * @param fed what current is brought to; nothing where the truck has none of it
 */
record WiredBuild(
    List<WiringMapper.Fed> fed,
    WiringPlaces places,
    Supply supply,
    Loom loom,
    States states,
    Map<String, ProbeSeat> seats,
    List<Finding> seatFaults) {

  static WiredBuild of(JobContent job, Build build) {
    Supply supply = job.rig().electrics().toCore();
    List<WiringMapper.Fed> fed = WiringMapper.fed(build, supply.system());
    List<Consumer> consumers = WiringMapper.consumers(fed);
    Scheme scheme =
        Proposal.of(consumers, build.wiring().feed(), build.wiring().guard(), supply.system());
    List<Situation> situations = Situations.of(consumers);
    WiringPlaces places = WiringPlaces.of(job, build, fed);
    Loom loom =
        Loom.of(scheme, supply, situations, places::length, WiringMapper.choices(build.wiring()));
    ProbeSeats probes = new ProbeSeats(job, build);
    Map<String, ProbeSeat> seats = new LinkedHashMap<>();
    fed.forEach(f -> probes.of(f).ifPresent(seat -> seats.put(f.consumer().id(), seat)));
    boolean boxed = scheme.parts().stream().anyMatch(p -> p.spot().kind() == Spot.Kind.BOX);
    return new WiredBuild(
        fed,
        places,
        supply,
        loom,
        States.of(loom.network(supply), situations),
        seats,
        seatFaults(consumers, seats, places, boxed));
  }

  private static List<Finding> seatFaults(
      List<Consumer> consumers, Map<String, ProbeSeat> seats, WiringPlaces places, boolean boxed) {
    List<Finding> faults = new ArrayList<>(boxed ? places.boxFaults() : List.of());
    for (Consumer c : consumers) {
      if (c.adjusted() && c.controllerSpot() == Spot.Kind.BOX) {
        places.boxReach().fault(c.name()).ifPresent(faults::add);
      }
    }
    seats.values().forEach(seat -> faults.addAll(seat.faults()));
    return faults;
  }

  /** What feels for a thing is a part that was chosen. */
  boolean probed(String device) {
    ProbeSeat seat = seats.get(device);
    return seat != null && seat.probe().isPresent();
  }

  Scheme scheme() {
    return loom.scheme();
  }

  Network network() {
    return states.network();
  }

  List<WiringCheck.Found> found() {
    return WiringCheck.of(
        WiringMapper.consumers(fed), loom, supply, states, WiringMapper.blades(fed), seatFaults);
  }

  CircuitDiagram diagram() {
    List<Consumer> consumers = WiringMapper.consumers(fed);
    return CircuitDiagram.of(
        scheme(),
        placed ->
            WireLabel.of(placed, loom, consumers).stream()
                .map(line -> Words.of(line, Units.World.METRIC))
                .max(Comparator.comparingInt(String::length))
                .orElse(""));
  }
}
