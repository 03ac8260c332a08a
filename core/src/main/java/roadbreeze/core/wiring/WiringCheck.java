package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.rig.Blows;

/** What is wrong with a circuit, found in its solved situations and in its wires. */
public final class WiringCheck {
  /** A line that is off and has more than this got it from here, V of a 12 V truck. */
  private static final double FOREIGN = 1;

  /** Sensors of the engine go by so many volts for a kelvin; usual. */
  private static final double SENSOR_SLOPE = 0.02;

  /** An earth that a sensor shares may be lifted by so much, V: half a kelvin and less. */
  private static final double MOST_LIFT = 0.01;

  /** Motors whose starts lie nearer than this start together, s. */
  private static final double APART = 1;

  /** How long a fan that runs on takes to cool the loop, s; own default. */
  private static final double RUN_ON = 600;

  /** May be taken from the battery by it (-). */
  private static final double MOST_DRAINED = 0.2;

  /** No alternator minds less, A. */
  private static final double LITTLE = 1;

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
  public record Blades(boolean otherSide, boolean bladesTurned) {
    Blows blows(Consumer c) {
      return Blows.of(otherSide, c.swapped(), bladesTurned);
    }
  }

  private final Examined at;
  private final Loom loom;
  private final Supply supply;
  private final States states;
  private final List<Found> found = new ArrayList<>();

  private WiringCheck(Examined at) {
    this.at = at;
    loom = at.loom();
    supply = at.supply();
    states = at.states();
  }

  /**
   * @param blades of fans, by their id
   * @param seats what is wrong with where relays, adjusters and probes sit
   */
  public static List<Found> of(
      List<Consumer> consumers,
      Loom loom,
      Supply supply,
      States states,
      Map<String, Blades> blades,
      List<Finding> seats) {
    Examined at = new Examined(consumers, loom, supply, states);
    WiringCheck check = new WiringCheck(at);
    for (Consumer c : consumers) {
      check.paths(c);
      check.runs(c);
      check.turns(c, blades.get(c.id()));
      check.runsOn(c);
      check.chatter(c);
    }
    check.lines();
    check.together();
    check.supplied();
    check.found.addAll(LoomCheck.of(at));
    seats.forEach(f -> check.say(f, Optional.empty(), List.of()));
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
    return at.consumers().stream().filter(c -> c.id().equals(id)).map(Consumer::name).findFirst();
  }

  /** Shorts, and earths that are lifted. */
  private void paths(Consumer c) {
    at.shorted(c)
        .ifPresent(
            run ->
                at.most(run.id())
                    .ifPresent(
                        s ->
                            say(
                                WiringFault.SHORT.with(c.name(), Math.abs(s.amperes(run.id()))),
                                Optional.of(s.situation()),
                                CurrentPath.along(run, loom.scheme(), s))));
    for (Scheme.Placed p : at.of(c)) {
      if (p.part() instanceof Part.Earth e && e.ground() == Part.Ground.WITH_SENSOR) {
        at.most(e.id())
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
  }

  private void chatter(Consumer c) {
    List<String> own = at.of(c).stream().map(p -> p.part().id()).toList();
    states.solved().stream()
        .filter(s -> s.restless().stream().anyMatch(own::contains))
        .findFirst()
        .ifPresent(
            s ->
                say(
                    WiringFault.CHATTERS.with(c.name()),
                    Optional.of(s.situation()),
                    s.restless().stream().filter(own::contains).toList()));
  }

  /** It runs when it should, and not when it should not. */
  private void runs(Consumer c) {
    if (at.motors(c).isEmpty()) {
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
    return at.motors(c).stream().anyMatch(m -> Math.abs(s.speed(m)) > Sign.TURNS);
  }

  private static boolean asked(Consumer c, Situation s) {
    boolean warm = c.feels() && s.of(c.felt()) >= c.on() || c.school() == School.WITH_KEY;
    return warm || wished(c, s) || byDriver(c, s);
  }

  /** The air conditioning or the driver wants it, and the key is on. */
  private static boolean wished(Consumer c, Situation s) {
    boolean air =
        switch (c.air()) {
          case NONE -> false;
          case REQUEST -> When.Asked.REQUEST.in(s);
          case COMPRESSOR -> When.Asked.COMPRESSOR.in(s);
        };
    return s.key().on() && (air || byDriver(c, s));
  }

  /** The driver has a switch for it, which is on. */
  private static boolean byDriver(Consumer c, Situation s) {
    return c.byDriver() && s.driver();
  }

  private void turns(Consumer c, Blades blades) {
    if (blades == null) {
      return;
    }
    switch (blades.blows(c)) {
      case AS_MADE -> {}
      case WRONG_WAY ->
          say(WiringFault.BLOWS_WRONG_WAY.with(c.name()), Optional.empty(), List.of());
      case BLADES_BACKWARDS ->
          say(
              WiringFault.BLADES_BACKWARDS.with(c.name(), Blows.BACKWARDS_FLOW),
              Optional.empty(),
              List.of());
    }
  }

  /** With the key out. */
  private void runsOn(Consumer c) {
    states.solved().stream()
        .filter(s -> s.situation().key() == Key.OFF && turns(c, s))
        .max(Comparator.comparingDouble(Solved::drawn))
        .ifPresent(
            s -> {
              double drawn = at.guards(c.id(), true).stream().mapToDouble(s::amperes).sum();
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
    List<Consumer> turning = at.consumers().stream().filter(c -> !at.motors(c).isEmpty()).toList();
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
    return at.guards(c.id(), true).stream().mapToDouble(id -> loom.inrush().get(id).first()).sum();
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
