package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.wiring.Formboard;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.core.wiring.Spot;
import roadbreeze.core.wiring.Surround;
import roadbreeze.core.wiring.WireEnd;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.parts.Prices;
import roadbreeze.server.parts.Prices.PricedLine;

/**
 * The loom of a build as it is made on the bench.
 *
 * @param wires in the order in which they are made
 * @param cells of the box, row by row
 * @param order what is bought
 */
record LoomResult(
    List<LoomBundle> bundles, List<LoomWire> wires, List<BoxCell> cells, List<PricedLine> order) {

  /** Wires between two places. */
  record LoomBundle(
      LoomPlace from,
      LoomPlace to,
      double diameterMm,
      double lengthM,
      Surround surround,
      int clips,
      boolean grommet,
      List<Integer> wires) {}

  /**
   * A place of the truck.
   *
   * @param device id of what it belongs to, empty where all share it
   */
  record LoomPlace(Spot.Kind kind, String device) {
    static LoomPlace of(Spot s) {
      return new LoomPlace(s.kind(), s.device());
    }
  }

  /**
   * A wire as it is made.
   *
   * @param bundle its place among the bundles, -1 inside the box
   */
  record LoomWire(
      String id,
      int number,
      Said label,
      double cutM,
      String from,
      LoomEnd fromEnd,
      String to,
      LoomEnd toEnd,
      int bundle) {}

  /** What is put on an end. */
  record LoomEnd(WireEnd.Kind kind, boolean sealed) {
    private static LoomEnd of(WireEnd e) {
      return new LoomEnd(e.kind(), e.sealed());
    }
  }

  /**
   * A place in the box.
   *
   * @param part id of what sits there
   * @param mark on its label: R1, F2
   */
  record BoxCell(String part, String mark, List<Said> label) {}

  static LoomResult of(JobContent job, Build build, Prices prices) {
    WiredBuild wired = WiredBuild.of(job, build);
    return of(wired, build.wiring(), prices.lines(LoomNeeds.of(wired, build)));
  }

  static LoomResult of(WiredBuild wired, WiringPlan plan, List<PricedLine> order) {
    Formboard board = Formboard.of(wired.loom());
    Map<String, Integer> numbers = new LinkedHashMap<>();
    wired.scheme().runs().forEach(r -> numbers.put(r.id(), numbers.size() + 1));
    List<LoomBundle> bundles =
        board.bundles().stream()
            .map(
                b ->
                    new LoomBundle(
                        LoomPlace.of(b.spots().get(0)),
                        LoomPlace.of(b.spots().get(1)),
                        b.diameter() * 1000,
                        b.length(),
                        b.surround(),
                        b.clips(),
                        b.grommet(),
                        b.wires().stream().map(numbers::get).toList()))
            .toList();
    List<LoomWire> wires =
        board.wires().stream()
            .map(
                m ->
                    new LoomWire(
                        m.run().id(),
                        numbers.get(m.run().id()),
                        Said.of(
                            WireLabel.of(
                                numbers.get(m.run().id()),
                                m.conductor().wire().area(),
                                plan.colour(m.run()))),
                        m.cut(),
                        m.run().from(),
                        LoomEnd.of(m.from()),
                        m.run().to(),
                        LoomEnd.of(m.to()),
                        m.bundle()))
            .toList();
    return new LoomResult(bundles, wires, cells(wired), order);
  }

  /** Relays first, then fuses, then controllers. */
  private static List<BoxCell> cells(WiredBuild wired) {
    List<BoxCell> cells = new ArrayList<>();
    cells(wired, Part.Relay.class, "R", cells);
    cells(wired, Part.Guard.class, "F", cells);
    cells(wired, Part.Controller.class, "C", cells);
    cells(wired, Part.Module.class, "C", cells);
    return cells;
  }

  private static void cells(
      WiredBuild wired, Class<? extends Part> sort, String letter, List<BoxCell> to) {
    int n = 0;
    for (Scheme.Placed p : wired.scheme().parts()) {
      if (sort.isInstance(p.part()) && p.spot().kind() == Spot.Kind.BOX) {
        to.add(
            new BoxCell(
                p.part().id(),
                letter + ++n,
                Said.of(WireLabel.of(p, wired.loom(), WiringMapper.consumers(wired.fed())))));
      }
    }
  }
}
