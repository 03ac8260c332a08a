package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * The loom as it is made on the bench: wires that go the same way lie in one sleeve, and each wire
 * is cut, given its seals and then its terminals.
 *
 * @param bundles the longest first
 * @param wires in the order in which they are made: those inside the box, then bundle by bundle
 */
public record Formboard(List<Bundle> bundles, List<Made> wires) {
  /** Cut off more than that, for each end's strip and a second try, m; own default. */
  private static final double SPARE = 0.03;

  /** Clips along a loom, and the first from its end, m; common practice. */
  private static final double CLIP_EVERY = 0.3;

  /** Wires in a round bundle fill about so much of it (-). */
  private static final double FILLS = 0.7;

  /**
   * Wires between two places.
   *
   * @param spots two of them
   * @param diameter over all of its wires, m
   * @param length m
   * @param grommet it goes through the bulkhead
   * @param wires ids of the runs
   */
  public record Bundle(
      List<Spot> spots,
      double diameter,
      double length,
      Surround surround,
      int clips,
      boolean grommet,
      List<String> wires) {}

  /**
   * One wire as it is made.
   *
   * @param cut to so much, m
   * @param bundle its place among the bundles; -1 inside the box
   */
  public record Made(
      Run run, Loom.Conductor conductor, WireEnd from, WireEnd to, double cut, int bundle) {}

  public static Formboard of(Loom loom) {
    Scheme scheme = loom.scheme();
    Map<Set<Spot>, List<Run>> ways = new LinkedHashMap<>();
    for (Run run : scheme.runs()) {
      Spot from = scheme.at(run.from()).spot();
      Spot to = scheme.at(run.to()).spot();
      if (!from.equals(to)) {
        ways.computeIfAbsent(pair(from, to), k -> new ArrayList<>()).add(run);
      }
    }
    List<Bundle> bundles =
        ways.entrySet().stream()
            .map(e -> bundle(List.copyOf(e.getKey()), e.getValue(), loom))
            .sorted(Comparator.comparingDouble(Bundle::length).reversed())
            .toList();
    List<Made> made = new ArrayList<>();
    for (Run run : scheme.runs()) {
      Loom.Conductor c = loom.wires().get(run.id());
      double area = c.wire().area();
      int bundle = -1;
      for (int i = 0; i < bundles.size(); i++) {
        bundle = bundles.get(i).wires().contains(run.id()) ? i : bundle;
      }
      made.add(
          new Made(
              run,
              c,
              WireEnd.of(scheme.at(run.from()), area),
              WireEnd.of(scheme.at(run.to()), area),
              c.wire().length() + 2 * SPARE,
              bundle));
    }
    made.sort(Comparator.comparingInt(Made::bundle));
    return new Formboard(bundles, List.copyOf(made));
  }

  private static Set<Spot> pair(Spot a, Spot b) {
    Set<Spot> pair =
        new TreeSet<>(Comparator.comparing((Spot s) -> s.kind()).thenComparing(Spot::device));
    pair.add(a);
    pair.add(b);
    return pair;
  }

  private static Bundle bundle(List<Spot> spots, List<Run> runs, Loom loom) {
    double squares = 0;
    double length = 0;
    Surround surround = Surround.CAB;
    for (Run run : runs) {
      Loom.Conductor c = loom.wires().get(run.id());
      squares += c.wire().outside() * c.wire().outside();
      length = Math.max(length, c.wire().length());
      surround = surround.or(c.surround());
    }
    boolean cab = spots.stream().anyMatch(s -> s.kind() == Spot.Kind.CAB);
    return new Bundle(
        spots,
        Math.sqrt(squares / FILLS),
        length,
        surround,
        1 + (int) Math.ceil(length / CLIP_EVERY),
        cab,
        runs.stream().map(Run::id).toList());
  }
}
