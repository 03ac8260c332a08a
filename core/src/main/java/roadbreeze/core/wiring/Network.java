package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roadbreeze.core.wiring.Circuit.Element;
import roadbreeze.core.wiring.Circuit.Resistance;

/**
 * How a scheme behaves: its circuit in a situation, with the relays where they come to rest.
 *
 * @param ohms of each wire, by its id
 * @param defect what is broken, if anything
 * @param starting motors stand still yet, which is when they draw their most
 * @param held a lamp that somebody holds to it, if anything
 */
public record Network(
    Scheme scheme,
    Supply supply,
    Map<String, Double> ohms,
    Optional<Defect> defect,
    boolean starting,
    Optional<Resistance> held) {

  /** Of a relay of 12 V, Ω and V; usual. */
  private static final double COIL = 85;

  private static final double PULLS_IN = 8;
  private static final double DROPS_OUT = 3.5;

  /** What electronics draw for themselves, Ω. */
  private static final double ELECTRONICS = 500;

  /** Of an input that only feels volts, Ω. */
  private static final double INPUT = 1000;

  /** Of contacts and guards, Ω; usual. */
  private static final double RELAY_CONTACT = 3e-3;

  private static final double SWITCH_CONTACT = 10e-3;
  private static final double GUARD = 2e-3;
  private static final double CHOPPER = 5e-3;
  private static final double LINE = 20e-3;

  /** A motor at a standstill draws so many times what it runs with; usual, 3 to 5. */
  public static final double START = 4;

  private static final int MOST_ROUNDS = 12;

  public Network(Scheme scheme, Supply supply, Map<String, Double> ohms) {
    this(scheme, supply, ohms, Optional.empty(), false, Optional.empty());
  }

  /** The same with something broken. */
  public Network with(Defect other) {
    return new Network(scheme, supply, ohms, Optional.of(other), starting, held);
  }

  /** The same in the moment in which its motors are switched on. */
  public Network atStart() {
    return new Network(scheme, supply, ohms, defect, true, held);
  }

  /** The same with a lamp held from a terminal to the battery's minus. */
  Network loaded(String at, double lamp) {
    return new Network(
        scheme,
        supply,
        ohms,
        defect,
        starting,
        Optional.of(new Resistance("held", at, earth(), lamp)));
  }

  /** Where it comes to rest, its relays released before. */
  public Solved in(Situation s) {
    Solved first = settled(s, false);
    return s.key() == Key.HOT_IDLE && supply.outrunBy(first.drawn()) ? settled(s, true) : first;
  }

  private Solved settled(Situation s, boolean empties) {
    Set<String> pulled = Set.of();
    Set<String> restless = Set.of();
    Circuit.Solution solution = null;
    for (int round = 0; round < MOST_ROUNDS; round++) {
      solution = circuit(s, pulled, empties).solve();
      Set<String> next = pulled(solution, pulled);
      if (next.equals(pulled)) {
        return new Solved(s, solution, pulled, drawn(s, solution), Set.of());
      }
      restless = differing(pulled, next);
      pulled = next;
    }
    return new Solved(s, solution, pulled, drawn(s, solution), restless);
  }

  private static Set<String> differing(Set<String> one, Set<String> other) {
    Set<String> differing = new HashSet<>(one);
    differing.addAll(other);
    differing.removeIf(id -> one.contains(id) && other.contains(id));
    return differing;
  }

  /** From battery and alternator, without what the truck's own lines draw when they are live. */
  private double drawn(Situation s, Circuit.Solution solution) {
    double own =
        scheme.all(Part.Line.class).stream()
            .filter(l -> l.kind().when().in(s))
            .mapToDouble(l -> solution.current(ownLoad(l)))
            .sum();
    return solution.current(Proposal.BATTERY) - own;
  }

  /** Relays that pull and controllers that are awake at these voltages. */
  private Set<String> pulled(Circuit.Solution solution, Set<String> before) {
    Set<String> pulled = new HashSet<>();
    for (Scheme.Placed placed : scheme.parts()) {
      for (Input input : inputs(placed.part())) {
        double volts = at(solution, input.plus()) - at(solution, input.minus());
        // A coil pulls whichever way the current goes; electronics work one way alone.
        double across = placed.part() instanceof Part.Relay ? Math.abs(volts) : volts;
        double needs = supply.scale() * (before.contains(input.id()) ? DROPS_OUT : PULLS_IN);
        boolean dead = broken(Defect.Kind.RELAY_DEAD, input.id());
        if (across >= needs && !dead) {
          pulled.add(input.id());
        }
      }
    }
    return pulled;
  }

  private static double at(Circuit.Solution solution, String node) {
    return solution.volts().getOrDefault(node, 0.0);
  }

  /** What brings something about while there are volts between two terminals. */
  private record Input(String id, String plus, String minus) {}

  private static List<Input> inputs(Part p) {
    if (p instanceof Part.Relay) {
      return List.of(new Input(p.id(), p.at("86"), p.at("85")));
    } else if (p instanceof Part.Controller) {
      return List.of(new Input(p.id(), p.at("15"), p.at("31")));
    } else if (p instanceof Part.Module) {
      return List.of(
          new Input(p.id(), p.at("15"), p.at("31")),
          new Input(p.at("A"), p.at("A"), p.at("31")),
          new Input(p.at("S"), p.at("S"), p.at("31")));
    }
    return List.of();
  }

  private Circuit circuit(Situation s, Set<String> pulled, boolean empties) {
    List<Element> elements = new ArrayList<>();
    for (Run run : scheme.runs()) {
      wire(run, elements);
    }
    held.ifPresent(elements::add);
    for (Scheme.Placed placed : scheme.parts()) {
      part(placed.part(), s, pulled, empties, elements);
    }
    return new Circuit(earth(), elements);
  }

  private void wire(Run run, List<Element> elements) {
    if (broken(Defect.Kind.WIRE_BROKEN, run.id())) {
      return;
    }
    double more = broken(Defect.Kind.EARTH_CORRODED, run.id()) ? Defect.CORROSION : 0;
    elements.add(new Resistance(run.id(), run.from(), run.to(), ohms.get(run.id()) + more));
  }

  private boolean broken(Defect.Kind how, String id) {
    return defect.filter(d -> d.is(how, id)).isPresent();
  }

  private void part(Part p, Situation s, Set<String> pulled, boolean empties, List<Element> to) {
    String earth = earth();
    double scale = supply.scale();
    boolean works = pulled.contains(p.id());
    if (p instanceof Part.Battery b) {
      to.add(supply.source(b.id(), earth, b.at(Part.Battery.PLUS), s.key(), empties));
    } else if (p instanceof Part.Tap t) {
      to.add(new Resistance(t.id(), plus(), t.at("30"), t.feed().ohms()));
    } else if (p instanceof Part.Earth e) {
      to.add(new Resistance(e.id(), e.at("31"), earth, e.ground().ohms()));
    } else if (p instanceof Part.Thread t) {
      to.add(new Resistance(t.id(), t.terminal(), earth, SWITCH_CONTACT));
    } else if (p instanceof Part.Guard g && !broken(Defect.Kind.GUARD_OPEN, g.id())) {
      to.add(new Resistance(g.id(), g.at("1"), g.at("2"), GUARD));
    } else if (p instanceof Part.Relay r) {
      relay(r, works, to);
    } else if (p instanceof Part.Contact c && closed(c, s)) {
      to.add(new Resistance(c.id(), c.at("1"), c.at("2"), SWITCH_CONTACT));
    } else if (p instanceof Part.Controller c) {
      electronics(c, to);
      boolean closed = broken(Defect.Kind.SWITCH_CLOSED, c.id()) || c.when().in(s);
      if (works && closed && !broken(Defect.Kind.SWITCH_OPEN, c.id())) {
        to.add(new Resistance(c.id(), c.at("15"), c.at("87"), SWITCH_CONTACT));
      }
    } else if (p instanceof Part.Module m) {
      electronics(m, to);
      to.add(new Resistance(m.id() + "/A", m.at("A"), m.at("31"), INPUT * scale * scale));
      to.add(new Resistance(m.id() + "/S", m.at("S"), m.at("31"), INPUT * scale * scale));
      boolean forced = pulled.contains(m.at("S")) || broken(Defect.Kind.SWITCH_CLOSED, m.id());
      double duty = m.ramp().duty(s, pulled.contains(m.at("A")), forced);
      if (works && duty > 0 && !broken(Defect.Kind.SWITCH_OPEN, m.id())) {
        to.add(new Circuit.Chopper(m.id(), m.at("30"), m.at("M"), m.at("31"), duty, CHOPPER));
      }
    } else if (p instanceof Part.Line l) {
      to.add(new Resistance(ownLoad(l), l.at("15"), earth, l.kind().ohms() * scale * scale));
      if (l.kind().when().in(s)) {
        to.add(new Resistance(l.id(), plus(), l.at("15"), LINE));
      }
    } else if (p instanceof Part.Diode d) {
      to.add(new Circuit.Diode(d.id(), d.at("1"), d.at("2")));
    } else if (p instanceof Part.Motor m) {
      motor(m, to);
    } else if (p instanceof Part.Load l) {
      to.add(new Resistance(l.id(), l.at("1"), l.at("2"), l.ohms()));
    }
  }

  /** What hangs on a line of the truck's own. */
  static String ownLoad(Part.Line line) {
    return line.id() + "/load";
  }

  private String earth() {
    return scheme.all(Part.Battery.class).get(0).at(Part.Battery.MINUS);
  }

  private String plus() {
    return scheme.all(Part.Battery.class).get(0).at(Part.Battery.PLUS);
  }

  private boolean closed(Part.Contact c, Situation s) {
    return broken(Defect.Kind.SWITCH_CLOSED, c.id())
        || !broken(Defect.Kind.SWITCH_OPEN, c.id()) && c.when().in(s);
  }

  private void relay(Part.Relay r, boolean works, List<Element> to) {
    double scale = supply.scale();
    if (!broken(Defect.Kind.RELAY_DEAD, r.id())) {
      to.add(new Resistance(r.id() + "/coil", r.at("86"), r.at("85"), COIL * scale * scale));
    }
    if (works || broken(Defect.Kind.RELAY_STUCK, r.id())) {
      to.add(new Resistance(r.id(), r.at("30"), r.at("87"), RELAY_CONTACT));
    } else if (r.changeOver()) {
      to.add(new Resistance(r.id(), r.at("30"), r.at("87a"), RELAY_CONTACT));
    }
  }

  private void electronics(Part p, List<Element> to) {
    double scale = supply.scale();
    to.add(new Resistance(p.id() + "/own", p.at("15"), p.at("31"), ELECTRONICS * scale * scale));
  }

  private void motor(Part.Motor m, List<Element> to) {
    if (broken(Defect.Kind.MOTOR_OPEN, m.id())) {
      return;
    }
    boolean swapped = broken(Defect.Kind.POLARITY_SWAPPED, m.id());
    String from = m.at(swapped ? "-" : "+");
    String back = m.at(swapped ? "+" : "-");
    to.add(
        starting
            ? new Resistance(m.id(), from, back, m.volts() / (START * m.amperes()))
            : new Circuit.Motor(m.id(), from, back, m.amperes(), m.volts()));
  }
}
