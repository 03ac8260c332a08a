package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import roadbreeze.core.wiring.Probe.Tells;
import roadbreeze.core.wiring.Probe.Tool;

/**
 * Everything that can break in a circuit, what a driver notices of each, and by which measurements
 * one is told from all others that look alike to him.
 */
public final class FaultBench {
  /** Two readings that lie nearer cannot be told apart on a truck, V of a 12 V truck. */
  private static final double APART = 0.5;

  /** No path is longer: what is left then cannot be told apart by measuring. */
  private static final int MOST_STEPS = 12;

  /** So much of the volts is a lamp that burns, and one that glows. */
  private static final double BRIGHT = 0.75;

  private static final double DIM = 0.25;

  private final Network network;
  private final List<Situation> situations;
  private final Map<Situation, Solved> sound = new LinkedHashMap<>();
  private final Map<List<Object>, Solved> solved = new HashMap<>();
  private final List<Case> cases = new ArrayList<>();

  /**
   * A defect and what is noticed of it.
   *
   * @param signs none where nobody notices it
   */
  public record Case(Defect defect, List<Sign> signs) {
    /** Something stands still in a situation. */
    public boolean stands(Situation in) {
      return signs.stream().anyMatch(s -> s.in().equals(in) && s.what() == Sign.What.STANDS_STILL);
    }
  }

  /**
   * A reading.
   *
   * @param volts at the terminal; nothing to the ear
   * @param tells of a lamp or by ear; empty of a meter
   */
  public record Reading(double volts, Optional<Probe.Tells> tells) {}

  /**
   * One step of a measuring path.
   *
   * @param sound what the probe reads where all is well
   * @param branches by what it reads, most volts first
   */
  public record Step(Probe probe, Reading sound, List<Branch> branches) {}

  /**
   * What a step's reading tells.
   *
   * @param left defects with which it reads so
   * @param next none where they cannot be told apart any more, or one is left
   */
  public record Branch(List<Defect> left, Optional<Step> next) {}

  private FaultBench(Network network, List<Situation> situations) {
    this.network = network;
    this.situations = situations;
    situations.forEach(s -> sound.put(s, network.in(s)));
    for (Defect d : defects(network.scheme())) {
      cases.add(new Case(d, signs(d)));
    }
  }

  /**
   * @param situations in which a driver is asked what he notices
   */
  public static FaultBench of(Network network, List<Situation> situations) {
    return new FaultBench(network, situations);
  }

  /**
   * Those that tell most, one of each kind: hot and cold, asked for and not, and with the key out.
   */
  public static List<Situation> asked(List<Consumer> consumers) {
    List<Situation> all = Situations.of(consumers);
    double hot = all.stream().mapToDouble(Situation::coolant).max().orElseThrow();
    double warm = all.stream().mapToDouble(Situation::oil).max().orElseThrow();
    double cold = all.stream().mapToDouble(Situation::coolant).min().orElseThrow();
    double cool = all.stream().mapToDouble(Situation::oil).min().orElseThrow();
    List<Situation> asked = new ArrayList<>();
    asked.add(new Situation(Key.RUNNING, hot, warm, false, false));
    asked.add(new Situation(Key.RUNNING, cold, cool, false, false));
    asked.add(new Situation(Key.OFF, hot, warm, false, false));
    if (all.stream().anyMatch(Situation::airConditioning)) {
      asked.add(new Situation(Key.RUNNING, cold, cool, true, false));
    }
    if (all.stream().anyMatch(Situation::driver)) {
      asked.add(new Situation(Key.RUNNING, cold, cool, false, true));
    }
    return asked;
  }

  /** All that can break, in the order of the scheme. */
  public List<Case> cases() {
    return List.copyOf(cases);
  }

  private static List<Defect> defects(Scheme scheme) {
    List<Defect> defects = new ArrayList<>();
    for (Run run : scheme.runs()) {
      defects.add(new Defect(Defect.Kind.WIRE_BROKEN, run.id()));
      if (run.role() == Run.Role.EARTH) {
        defects.add(new Defect(Defect.Kind.EARTH_CORRODED, run.id()));
      }
    }
    for (Scheme.Placed placed : scheme.parts()) {
      for (Defect.Kind kind : Defect.kinds(placed.part())) {
        defects.add(new Defect(kind, placed.part().id()));
      }
    }
    return defects;
  }

  private List<Sign> signs(Defect defect) {
    List<Sign> signs = new ArrayList<>();
    for (Situation s : situations) {
      Map<String, Double> before = speeds(sound.get(s));
      speeds(in(defect, s))
          .forEach(
              (device, now) ->
                  Sign.of(before.get(device), now)
                      .ifPresent(what -> signs.add(new Sign(device, s, what))));
    }
    return signs;
  }

  /** Of each thing by the share of its motor's speed, or of a lamp's or a coil's volts. */
  private Map<String, Double> speeds(Solved s) {
    return s.speeds(network.scheme(), network.supply().system());
  }

  private Solved in(Defect defect, Situation s) {
    return solved.computeIfAbsent(List.of(defect, s), k -> network.with(defect).in(s));
  }

  /** Defects that look alike to a driver, this one among them. */
  public List<Defect> alike(Defect defect) {
    Case meant = of(defect);
    return cases.stream().filter(c -> c.signs().equals(meant.signs())).map(Case::defect).toList();
  }

  public Case of(Defect defect) {
    return cases.stream().filter(c -> c.defect().equals(defect)).findFirst().orElseThrow();
  }

  /** What a probe reads, with something broken or not. */
  public Reading read(Probe probe, Optional<Defect> defect) {
    if (probe.tool() == Tool.LAMP) {
      Network broken = defect.map(network::with).orElse(network);
      double ohms = Probe.LAMP_OHMS * network.supply().scale() * network.supply().scale();
      return lit(broken.loaded(probe.at(), ohms).in(probe.in()).volts(probe.at()));
    }
    Solved s = defect.map(d -> in(d, probe.in())).orElseGet(() -> network.in(probe.in()));
    return probe.tool() == Tool.METER
        ? new Reading(s.volts(probe.at()), Optional.empty())
        : new Reading(
            0, Optional.of(s.pulled().contains(probe.at()) ? Tells.CLICKS : Tells.SILENT));
  }

  private Reading lit(double volts) {
    double share = volts / network.supply().system();
    return new Reading(
        volts, Optional.of(share > BRIGHT ? Tells.BURNS : share > DIM ? Tells.GLOWS : Tells.DARK));
  }

  /**
   * The way to a defect among all that look alike: each time the measurement after which fewest are
   * left in the mean; none where one is left at once.
   */
  public Optional<Step> path(List<Defect> alike) {
    return step(alike, probes(alike), 0);
  }

  /** Where the signs of these show first; in the first situation where they show nowhere. */
  private List<Probe> probes(List<Defect> alike) {
    Situation in =
        of(alike.get(0)).signs().stream().findFirst().map(Sign::in).orElse(situations.get(0));
    List<Probe> probes = new ArrayList<>();
    for (Scheme.Placed p : network.scheme().parts()) {
      if (p.part() instanceof Part.Relay r) {
        probes.add(new Probe(Tool.EAR, r.id(), in));
      }
    }
    for (String node : nodes()) {
      probes.add(new Probe(Tool.METER, node, in));
    }
    for (Scheme.Placed p : network.scheme().parts()) {
      if (p.part() instanceof Part.Motor m) {
        probes.add(new Probe(Tool.LAMP, m.at("+"), in));
        probes.add(new Probe(Tool.LAMP, m.at("-"), in));
      }
    }
    return probes;
  }

  /** Terminals that a tip can be held to: joints inside a loom are not among them. */
  private List<String> nodes() {
    return network.scheme().runs().stream()
        .flatMap(r -> Stream.of(r.from(), r.to()))
        .distinct()
        .filter(n -> !(network.scheme().at(n).part() instanceof Part.Splice))
        .toList();
  }

  private Optional<Step> step(List<Defect> left, List<Probe> probes, int depth) {
    if (left.size() < 2 || depth == MOST_STEPS) {
      return Optional.empty();
    }
    Probe best = null;
    List<List<Defect>> split = List.of(left);
    double least = left.size() - 1e-9;
    for (Probe probe : probes) {
      List<List<Defect>> groups = groups(probe, left);
      double mean =
          groups.stream().mapToDouble(g -> (double) g.size() * g.size()).sum() / left.size();
      if (mean < least) {
        least = mean;
        best = probe;
        split = groups;
      }
    }
    if (best == null) {
      return Optional.empty();
    }
    List<Branch> branches = new ArrayList<>();
    for (List<Defect> group : split) {
      branches.add(new Branch(group, step(group, probes, depth + 1)));
    }
    return Optional.of(new Step(best, read(best, Optional.empty()), branches));
  }

  /** By what a probe reads of each: what lamp and ear tell, or volts that lie together. */
  private List<List<Defect>> groups(Probe probe, List<Defect> left) {
    Map<Defect, Reading> reads = new HashMap<>();
    left.forEach(d -> reads.put(d, read(probe, Optional.of(d))));
    if (probe.tool() != Tool.METER) {
      return List.copyOf(
          left.stream()
              .collect(
                  Collectors.groupingBy(
                      d -> reads.get(d).tells(), LinkedHashMap::new, Collectors.toList()))
              .values());
    }
    List<Defect> sorted =
        left.stream()
            .sorted(Comparator.comparing((Defect d) -> reads.get(d).volts()).reversed())
            .toList();
    List<List<Defect>> groups = new ArrayList<>();
    double last = Double.POSITIVE_INFINITY;
    for (Defect d : sorted) {
      double volts = reads.get(d).volts();
      if (last - volts > APART * network.supply().scale()) {
        groups.add(new ArrayList<>());
      }
      groups.get(groups.size() - 1).add(d);
      last = volts;
    }
    return groups;
  }
}
