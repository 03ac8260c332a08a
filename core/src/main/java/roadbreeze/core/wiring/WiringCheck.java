package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;

/** What is wrong with a circuit, found in its solved situations and in its wires. */
public final class WiringCheck {
  /** A line that is off and has more than this got it from here, V of a 12 V truck. */
  private static final double FOREIGN = 1;

  /** Sensors of the engine go by so many volts for a kelvin; usual. */
  private static final double SENSOR_SLOPE = 0.02;

  /** An earth that a sensor shares may be lifted by so much, V: half a kelvin and less. */
  private static final double MOST_LIFT = 0.01;

  /** What a relay's contacts are rated for, A, and what of it is left in the heat. */
  private static final double RELAY_RATING = 40;

  private static final double RELAY_HOT = 0.7;

  /** Motors whose starts lie nearer than this start together, s. */
  private static final double APART = 1;

  /** How long a fan that runs on takes to cool the loop, s; own default. */
  private static final double RUN_ON = 600;

  /** May be taken from the battery by it (-). */
  private static final double MOST_DRAINED = 0.2;

  /** No coil, lamp or controller draws so much, A. */
  private static final double SHORTED = 10;

  private static final double GUARD_OVER = 1.25;

  /** No alternator minds less, A. */
  private static final double LITTLE = 1;

  /** A motor that turns slower does nothing, share of its speed. */
  private static final double TURNS = 0.2;

  /** Flow of blades that run with their wrong edge in front; own default, ± 25 %. */
  public static final double BACKWARDS_FLOW = 0.65;

  /**
   * @param in where it shows; empty where it always does
   * @param along ids of the wires and parts on the way, or of the one that is meant
   */
  public record Found(Finding finding, Optional<Situation> in, List<String> along) {
    public WiringFault.Weight weight() {
      return ((WiringFault) finding.code()).weight();
    }
  }

  /**
   * How a fan's blades stand.
   *
   * @param otherSide it stands on the other side of the pack than it was made for
   * @param bladesTurned its blades were taken off and put on back to front
   */
  public record Blades(boolean otherSide, boolean bladesTurned) {}

  private final List<Consumer> consumers;
  private final Loom loom;
  private final Supply supply;
  private final States states;
  private final List<Found> found = new ArrayList<>();

  private WiringCheck(List<Consumer> consumers, Loom loom, Supply supply, States states) {
    this.consumers = consumers;
    this.loom = loom;
    this.supply = supply;
    this.states = states;
  }

  /**
   * @param blades of fans, by their id
   * @param box what is wrong with where the relays sit
   */
  public static List<Found> of(
      List<Consumer> consumers,
      Loom loom,
      Supply supply,
      States states,
      Map<String, Blades> blades,
      List<Finding> box) {
    WiringCheck check = new WiringCheck(consumers, loom, supply, states);
    for (Consumer c : consumers) {
      check.paths(c);
      check.runs(c);
      check.turns(c, blades.get(c.id()));
      check.wires(c);
      check.guards(c);
      check.contacts(c);
      check.runsOn(c);
    }
    check.lines();
    check.together();
    check.supplied();
    box.forEach(f -> check.say(f, Optional.empty(), List.of()));
    return check.found.stream().sorted(Comparator.comparing(Found::weight)).toList();
  }

  private void say(Finding finding, Optional<Situation> in, List<String> along) {
    found.add(new Found(finding, in, along));
  }

  /** Lines of the truck that are off, and live from here. */
  private void lines() {
    for (Part.Line line : loom.scheme().all(Part.Line.class)) {
      states.solved().stream()
          .filter(s -> !line.kind().when().in(s.situation()))
          .filter(s -> s.volts(line.at("15")) > FOREIGN * supply.scale())
          .max(Comparator.comparingDouble(s -> s.volts(line.at("15"))))
          .ifPresent(s -> foreign(line, s));
    }
  }

  private void foreign(Part.Line line, Solved s) {
    double volts = s.volts(line.at("15"));
    List<String> along = CurrentPath.into(line.at("15"), loom.scheme(), s);
    Name of =
        loom.scheme().runs().stream()
            .filter(r -> along.contains(r.id()))
            .map(Run::device)
            .findFirst()
            .flatMap(this::named)
            .orElseThrow();
    boolean alive = volts > line.kind().alive() * supply.scale();
    Finding finding =
        !alive
            ? WiringFault.FEEDS_JOINED.with(of, line.kind(), volts)
            : switch (line.kind()) {
              case IGNITION -> WiringFault.KEEPS_ENGINE_ALIVE.with(of, volts);
              case COMPRESSOR -> WiringFault.KEEPS_COMPRESSOR_ON.with(of, volts);
              case REQUEST -> WiringFault.ASKS_FOR_AIR.with(of, volts);
            };
    say(finding, Optional.of(s.situation()), along);
  }

  private Optional<Name> named(String id) {
    return consumers.stream().filter(c -> c.id().equals(id)).map(Consumer::name).findFirst();
  }

  /** Shorts, relays that find no rest, earths that are lifted. */
  private void paths(Consumer c) {
    shorted(c)
        .ifPresent(
            run ->
                most(run.id())
                    .ifPresent(
                        s ->
                            say(
                                WiringFault.SHORT.with(c.name(), Math.abs(s.amperes(run.id()))),
                                Optional.of(s.situation()),
                                CurrentPath.along(run, loom.scheme(), s))));
    for (Scheme.Placed p : of(c)) {
      if (p.part() instanceof Part.Earth e && e.ground() == Part.Ground.WITH_SENSOR) {
        most(e.id())
            .filter(s -> s.volts(e.at("31")) > MOST_LIFT)
            .ifPresent(
                s ->
                    say(
                        WiringFault.EARTH_SHARED.with(
                            c.name(), s.volts(e.at("31")), s.volts(e.at("31")) / SENSOR_SLOPE),
                        Optional.of(s.situation()),
                        List.of(e.id())));
      }
    }
    states.solved().stream()
        .filter(Solved::chatters)
        .findFirst()
        .ifPresent(
            s -> {
              if (c == consumers.get(0)) {
                say(WiringFault.CHATTERS.with(c.name()), Optional.of(s.situation()), List.of());
              }
            });
  }

  private List<Scheme.Placed> of(Consumer c) {
    return loom.scheme().parts().stream().filter(p -> p.device().equals(c.id())).toList();
  }

  /** The wire of a thing's control that more goes through than any coil draws. */
  private Optional<Run> shorted(Consumer c) {
    return loom.scheme().runs().stream()
        .filter(r -> r.device().equals(c.id()) && !r.role().ofPower())
        .filter(r -> states.most(r.id()) > SHORTED)
        .max(Comparator.comparingDouble(r -> states.most(r.id())));
  }

  private Optional<Solved> most(String id) {
    return states.solved().stream().max(Comparator.comparingDouble(s -> Math.abs(s.amperes(id))));
  }

  private List<Part.Motor> motors(Consumer c) {
    return of(c).stream()
        .map(Scheme.Placed::part)
        .filter(Part.Motor.class::isInstance)
        .map(Part.Motor.class::cast)
        .toList();
  }

  /** It runs when it should, and not when it should not. */
  private void runs(Consumer c) {
    if (motors(c).isEmpty()) {
      return;
    }
    List<Solved> turning = states.solved().stream().filter(s -> turns(c, s)).toList();
    if (turning.isEmpty()) {
      say(WiringFault.NEVER_RUNS.with(c.name()), Optional.empty(), List.of());
      return;
    }
    turning.stream()
        .filter(s -> !asked(c, s.situation()))
        .findFirst()
        .ifPresent(
            s -> say(WiringFault.RUNS_COLD.with(c.name()), Optional.of(s.situation()), List.of()));
    states.solved().stream()
        .filter(s -> wished(c, s.situation()) && !turns(c, s))
        .findFirst()
        .ifPresent(
            s ->
                say(
                    WiringFault.IDLE_TRIGGER.with(c.name()),
                    Optional.of(s.situation()),
                    List.of()));
  }

  private boolean turns(Consumer c, Solved s) {
    return motors(c).stream().anyMatch(m -> Math.abs(s.speed(m)) > TURNS);
  }

  private static boolean asked(Consumer c, Situation s) {
    boolean warm = c.feels() && s.of(c.felt()) >= c.on() || c.school() == School.WITH_KEY;
    return warm || wished(c, s) || s.driver();
  }

  /** The air conditioning or the driver wants it, and the key is on. */
  private static boolean wished(Consumer c, Situation s) {
    boolean air =
        switch (c.air()) {
          case NONE -> false;
          case REQUEST -> When.Asked.REQUEST.in(s);
          case COMPRESSOR -> When.Asked.COMPRESSOR.in(s);
        };
    boolean driver = (c.driver() || c.school() == School.DRIVER_SWITCH) && s.driver();
    return s.key().on() && (air || driver);
  }

  private void turns(Consumer c, Blades blades) {
    if (blades == null) {
      return;
    }
    if (blades.otherSide != c.swapped()) {
      say(WiringFault.BLOWS_WRONG_WAY.with(c.name()), Optional.empty(), List.of());
    } else if (blades.bladesTurned != c.swapped()) {
      say(WiringFault.BLADES_BACKWARDS.with(c.name(), BACKWARDS_FLOW), Optional.empty(), List.of());
    }
  }

  private void wires(Consumer c) {
    boolean shorted = shorted(c).isPresent();
    for (Run run : loom.scheme().runs()) {
      if (!run.device().equals(c.id())) {
        continue;
      }
      Loom.Conductor wire = loom.wires().get(run.id());
      List<String> here = List.of(run.id());
      if (!wire.fits()) {
        say(WiringFault.NO_WIRE.with(c.name(), wire.wire().surround()), Optional.empty(), here);
      } else if (wire.temperature() > Wire.MOST && (run.role().ofPower() || !shorted)) {
        say(
            WiringFault.WIRE_HOT.with(c.name(), Math.min(999, wire.temperature()), Wire.MOST),
            Optional.empty(),
            here);
      }
      OptionalDouble guard = guardBefore(run);
      double carries = wire.wire().carries();
      if (guard.isPresent() && guard.getAsDouble() > carries + 1e-9 && wire.fits()) {
        say(
            WiringFault.WIRE_UNPROTECTED.with(c.name(), guard.getAsDouble(), carries),
            Optional.empty(),
            here);
      }
    }
    for (Part.Motor m : motors(c)) {
      lost(c, m);
    }
  }

  /** Of a wire that carries a motor's current, or a coil's. */
  private OptionalDouble guardBefore(Run run) {
    boolean power = run.role().ofPower();
    return of(run.device(), power).stream().mapToDouble(loom.guards()::get).max();
  }

  private List<String> of(String device, boolean power) {
    return loom.scheme().parts().stream()
        .filter(p -> p.device().equals(device) && p.part() instanceof Part.Guard)
        .map(p -> p.part().id())
        .filter(id -> loom.inrush().containsKey(id) == power)
        .toList();
  }

  /** From the battery's posts to a motor at full speed and back. */
  private void lost(Consumer c, Part.Motor m) {
    double allowed = Loom.MOST_LOST * supply.scale();
    states.solved().stream()
        .filter(s -> s.situation().key() == Key.RUNNING)
        .max(Comparator.comparingDouble(s -> Math.abs(s.speed(m))))
        .ifPresent(
            s -> {
              double lost =
                  c.motors().size() == 0 || c.school().pulsed()
                      ? 0
                      : loom.scheme().runs().stream()
                          .filter(r -> r.device().equals(c.id()) && r.role().ofPower())
                          .filter(r -> reaches(r, m))
                          .mapToDouble(r -> Math.abs(s.volts(r.from()) - s.volts(r.to())))
                          .sum();
              if (lost > allowed * 1.05) {
                say(
                    WiringFault.MUCH_LOST.with(c.name(), lost, allowed),
                    Optional.of(s.situation()),
                    List.of(m.id()));
              }
            });
  }

  /** A wire on this motor's way, not on that of another one beside it. */
  private boolean reaches(Run run, Part.Motor m) {
    String to = loom.scheme().at(run.to()).part().id();
    String from = loom.scheme().at(run.from()).part().id();
    boolean ofOther =
        loom.scheme().find(to).filter(p -> p.part() instanceof Part.Motor).isPresent()
                && !to.equals(m.id())
            || loom.scheme().find(from).filter(p -> p.part() instanceof Part.Motor).isPresent()
                && !from.equals(m.id());
    return !ofOther;
  }

  private void guards(Consumer c) {
    for (String id : of(c.id(), true)) {
      double guard = loom.guards().get(id);
      Inrush start = loom.inrush().get(id);
      if (guard < GUARD_OVER * start.running() - 1e-9) {
        say(
            WiringFault.GUARD_SMALL.with(c.name(), guard, GUARD_OVER * start.running()),
            Optional.empty(),
            List.of(id));
      } else if (!start.borneBy(guard) && !c.school().pulsed()) {
        say(
            WiringFault.GUARD_STARTS.with(c.name(), guard, start.first(), start.over(2 * guard)),
            Optional.empty(),
            List.of(id));
      }
      loom.scheme()
          .find(id)
          .map(Scheme.Placed::part)
          .filter(p -> p instanceof Part.Guard g && g.kind() == Part.Guard.Kind.BREAKER_BY_ITSELF)
          .ifPresent(
              p -> say(WiringFault.RESETS_ITSELF.with(c.name()), Optional.empty(), List.of(id)));
    }
  }

  private void contacts(Consumer c) {
    double bears = RELAY_RATING * RELAY_HOT;
    boolean shorted = shorted(c).isPresent();
    for (Scheme.Placed p : of(c)) {
      if (p.part() instanceof Part.Relay r && states.most(r.id()) > bears && !shorted) {
        say(
            WiringFault.RELAY_SMALL.with(c.name(), states.most(r.id()), bears),
            Optional.empty(),
            List.of(r.id()));
      }
    }
    if (c.feels() && c.oneWire() && c.inRubber()) {
      say(WiringFault.NO_EARTH_IN_RUBBER.with(c.name()), Optional.empty(), List.of());
    }
  }

  /** With the key out. */
  private void runsOn(Consumer c) {
    states.solved().stream()
        .filter(s -> s.situation().key() == Key.OFF && turns(c, s))
        .max(Comparator.comparingDouble(Solved::drawn))
        .ifPresent(
            s -> {
              double drawn = of(c.id(), true).stream().mapToDouble(s::amperes).sum();
              double share = drawn * RUN_ON / supply.capacity();
              WiringFault which = share > MOST_DRAINED ? WiringFault.RUNS_DRY : WiringFault.RUNS_ON;
              say(
                  which.with(c.name(), drawn, RUN_ON, share),
                  Optional.of(s.situation()),
                  List.of());
            });
  }

  /** Two that come on by the same thing in the same moment. */
  private void together() {
    List<Consumer> turning = consumers.stream().filter(c -> !motors(c).isEmpty()).toList();
    for (int i = 0; i < turning.size(); i++) {
      for (int j = i + 1; j < turning.size(); j++) {
        Consumer a = turning.get(i);
        Consumer b = turning.get(j);
        boolean oneTrigger =
            a.felt() == b.felt() && a.on() == b.on() && a.feels() && b.feels()
                || a.air() != Consumer.Air.NONE && a.air() == b.air();
        if (oneTrigger && Math.abs(a.delay() - b.delay()) < APART) {
          say(
              WiringFault.START_TOGETHER.with(a.name(), b.name(), first(a) + first(b)),
              Optional.empty(),
              List.of());
        }
      }
    }
  }

  private double first(Consumer c) {
    return of(c.id(), true).stream().mapToDouble(id -> loom.inrush().get(id).first()).sum();
  }

  /** Alternator at a warm idle, and the box that the feed is taken from. */
  private void supplied() {
    Optional<Solved> idle =
        states.solved().stream()
            .filter(s -> s.situation().key() == Key.HOT_IDLE)
            .max(Comparator.comparingDouble(Solved::drawn));
    if (idle.isEmpty() || idle.get().drawn() < LITTLE) {
      return;
    }
    double drawn = idle.get().drawn();
    if (supply.spare().isEmpty()) {
      say(WiringFault.ALTERNATOR_UNKNOWN.with(), Optional.empty(), List.of());
    } else if (drawn > supply.spare().getAsDouble()) {
      double missing = drawn - supply.spare().getAsDouble();
      say(
          WiringFault.ALTERNATOR_SHORT.with(
              drawn, supply.spare().getAsDouble(), MOST_DRAINED * supply.capacity() / missing),
          Optional.of(idle.get().situation()),
          List.of());
    } else {
      say(
          WiringFault.ALTERNATOR_SERVES.with(drawn, supply.spare().getAsDouble()),
          Optional.of(idle.get().situation()),
          List.of());
    }
    boolean ofBox =
        loom.scheme().all(Part.Tap.class).stream().anyMatch(t -> t.feed() == Part.Feed.FUSE_BOX);
    if (ofBox && supply.box().isEmpty()) {
      say(WiringFault.BOX_UNKNOWN.with(drawn), Optional.empty(), List.of());
    } else if (ofBox && drawn > supply.box().getAsDouble()) {
      say(
          WiringFault.BOX_FULL.with(drawn, supply.box().getAsDouble()),
          Optional.empty(),
          List.of());
    }
  }
}
