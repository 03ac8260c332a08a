package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import roadbreeze.core.explain.Code;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Inrush;
import roadbreeze.core.wiring.Loom;
import roadbreeze.core.wiring.Network;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.ProbeSeat;
import roadbreeze.core.wiring.Run;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.core.wiring.Solved;
import roadbreeze.core.wiring.Spot;
import roadbreeze.core.wiring.Surround;
import roadbreeze.core.wiring.Wire;
import roadbreeze.core.wiring.WiringCheck;
import roadbreeze.core.wiring.WiringFault;
import roadbreeze.server.build.DeviceWiring;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.message.Said;
import roadbreeze.server.space.SpaceResult;

/**
 * A build's circuit: what it is made of, how it stands in the situation that was asked for, and
 * what it does in every other.
 *
 * @param sizesMm2 that wire is bought in
 * @param states every situation that makes a difference
 * @param box where the relay box is, as chosen or as thought
 */
record WiringResult(
    List<WiredDevice> devices,
    List<WiredPart> parts,
    List<WiredWire> wires,
    List<Double> sizesMm2,
    CircuitStanding standing,
    List<WiredState> states,
    List<WiringFound> findings,
    SpaceResult.Place box,
    CircuitDiagram diagram) {

  /**
   * Something that is fed.
   *
   * @param wiring as chosen or proposed
   * @param onC where it comes on, null where it feels nothing
   * @param fullC of its second speed or the end of its ramp, null without
   * @param amps of all its motors together, null without one
   * @param assumed nobody has given that
   * @param lagS of what feels its temperature, null without
   * @param adjusted it has a controller that is set by hand, and can be put in the cab
   * @param probe where that sits, null where it is none of its own
   */
  record WiredDevice(
      Said.PartName name,
      Consumer.Kind kind,
      DeviceWiring wiring,
      @Nullable Double onC,
      @Nullable Double fullC,
      @Nullable Double amps,
      boolean assumed,
      boolean withAir,
      @Nullable Double lagS,
      boolean adjusted,
      @Nullable SeatedProbe probe) {
    private static WiredDevice of(WiringMapper.Fed f, WiredBuild wired) {
      Consumer c = f.consumer();
      boolean stages = c.school().twoSpeeds() || c.school().pulsed();
      return new WiredDevice(
          Said.PartName.of(c.name()),
          c.kind(),
          f.wiring(),
          c.feels() ? Double.valueOf(c.on()) : null,
          c.feels() && stages ? Double.valueOf(c.full()) : null,
          c.motors().isEmpty()
              ? null
              : Double.valueOf(c.motors().stream().mapToDouble(Consumer.Plate::amperes).sum()),
          f.assumed(),
          c.air() != Consumer.Air.NONE,
          c.feels() && f.sensor() != null ? Double.valueOf(f.sensor().lag()) : null,
          c.adjusted() && !c.school().pulsed(),
          SeatedProbe.of(wired.seats().get(c.id())));
    }
  }

  /**
   * Where a probe sits.
   *
   * @param boreMm of the hose that it is in, null where that is unknown, or it is in none
   */
  record SeatedProbe(boolean inHose, @Nullable Double boreMm) {
    private static @Nullable SeatedProbe of(@Nullable ProbeSeat seat) {
      if (seat == null) {
        return null;
      }
      return new SeatedProbe(
          seat.inHose(),
          seat.bore().isPresent() ? Double.valueOf(seat.bore().getAsDouble() * 1000) : null);
    }
  }

  /**
   * A part of the circuit.
   *
   * @param sort what it is
   * @param kind which of its sort, a code; null where there is one only
   * @param device id of what it is there for, empty where all share it
   * @param label lines that stand beside it
   * @param amps of a guard; null of others
   * @param runsA of a guard of motors: what runs through it; null of others
   * @param firstA and what does in the moment of the start
   */
  record WiredPart(
      String id,
      Sort sort,
      @Nullable String kind,
      String device,
      Spot.Kind spot,
      List<Said> label,
      @Nullable Double amps,
      @Nullable Double runsA,
      @Nullable Double firstA) {}

  /** Sorts of parts. */
  enum Sort {
    BATTERY,
    TAP,
    EARTH,
    THREAD,
    GUARD,
    RELAY,
    CONTACT,
    CONTROLLER,
    MODULE,
    LINE,
    DIODE,
    MOTOR,
    LOAD,
    SPLICE
  }

  /**
   * A wire as it is chosen.
   *
   * @param number on its label
   * @param most the most current in it
   * @param mostC as warm as that makes it, null where it runs away
   */
  record WiredWire(
      String id,
      int number,
      Run.Role role,
      String from,
      String to,
      String device,
      double areaMm2,
      double lengthM,
      Surround surround,
      Run.Colour colour,
      Said label,
      double mostA,
      @Nullable Double mostC,
      double carriesA) {}

  /**
   * The circuit in one situation.
   *
   * @param volts by terminal, over earth
   * @param amps by wire or part, in its own direction
   * @param live ids of relays that pull and of controllers that are awake
   */
  record CircuitStanding(
      WiringRequest.AskedSituation situation,
      Map<String, Double> volts,
      Map<String, Double> amps,
      List<String> live,
      double drawnA) {}

  /**
   * What runs in one situation.
   *
   * @param speeds of each thing's motors, share of their proper speed, or of a clutch's or a lamp's
   *     own voltage; less than none backwards
   */
  record WiredState(
      WiringRequest.AskedSituation situation, Map<String, Double> speeds, double drawnA) {}

  /**
   * What was found.
   *
   * @param in where it shows, null where it always does
   * @param along ids of wires and parts
   */
  record WiringFound(
      WiringFault.Weight weight,
      Said said,
      WiringRequest.@Nullable AskedSituation in,
      List<String> along) {
    private static WiringFound of(WiringCheck.Found f) {
      return new WiringFound(
          f.weight(),
          Said.of(f.finding()),
          f.in().map(WiringRequest.AskedSituation::of).orElse(null),
          f.along());
    }
  }

  static WiringResult of(WiringRequest request) {
    WiredBuild wired = WiredBuild.of(request.job(), request.chosen());
    Network network =
        request.defect() == null
            ? wired.network()
            : wired.network().with(request.defect().toCore());
    Solved now = network.in(request.situation().toCore());
    return new WiringResult(
        wired.fed().stream().map(f -> WiredDevice.of(f, wired)).toList(),
        wired.scheme().parts().stream().map(p -> part(p, wired)).toList(),
        wires(wired, request.chosen().wiring()),
        Wire.sizes().stream().map(a -> Math.rint(a * 1e8) / 100).toList(),
        standing(now, request.situation()),
        wired.states().solved().stream().map(s -> state(s, wired)).toList(),
        wired.found().stream().map(WiringFound::of).toList(),
        SpaceResult.Place.of(wired.places().box()),
        wired.diagram());
  }

  private static WiredPart part(Scheme.Placed placed, WiredBuild wired) {
    Part p = placed.part();
    Double amps = wired.loom().guards().get(p.id());
    Inrush start = wired.loom().inrush().get(p.id());
    return new WiredPart(
        p.id(),
        sort(p),
        p.which().map(Code::key).orElse(null),
        placed.device(),
        placed.spot().kind(),
        Said.of(WireLabel.of(placed, wired.loom(), WiringMapper.consumers(wired.fed()))),
        amps,
        start == null ? null : Double.valueOf(start.running()),
        start == null ? null : Double.valueOf(start.first()));
  }

  private static Sort sort(Part p) {
    return Sort.valueOf(p.getClass().getSimpleName().toUpperCase(java.util.Locale.ROOT));
  }

  private static List<WiredWire> wires(WiredBuild wired, WiringPlan plan) {
    List<WiredWire> wires = new ArrayList<>();
    for (Run run : wired.scheme().runs()) {
      Loom.Conductor c = wired.loom().wires().get(run.id());
      Run.Colour chosen = plan.colour(run);
      double warm = c.temperature();
      wires.add(
          new WiredWire(
              run.id(),
              wires.size() + 1,
              run.role(),
              run.from(),
              run.to(),
              run.device(),
              c.wire().area() * 1e6,
              c.wire().length(),
              c.surround(),
              chosen,
              Said.of(WireLabel.of(wires.size() + 1, c.wire().area(), chosen)),
              c.current(),
              Double.isFinite(warm) ? Double.valueOf(warm) : null,
              c.wire().carries()));
    }
    return wires;
  }

  private static CircuitStanding standing(Solved s, WiringRequest.AskedSituation asked) {
    return new CircuitStanding(
        asked,
        new TreeMap<>(s.solution().volts()),
        new TreeMap<>(s.solution().amperes()),
        s.pulled().stream().sorted().toList(),
        s.drawn());
  }

  private static WiredState state(Solved s, WiredBuild wired) {
    Map<String, Double> speeds = s.speeds(wired.scheme(), wired.supply().system());
    return new WiredState(WiringRequest.AskedSituation.of(s.situation()), speeds, s.drawn());
  }
}
