package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.wiring.Formboard;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Run;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.core.wiring.Spot;
import roadbreeze.core.wiring.Surround;
import roadbreeze.core.wiring.WireEnd;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * The loom of a build as it is made on the bench.
 *
 * @param wires in the order in which they are made
 * @param cells of the box, row by row
 * @param order what is bought
 */
record LoomResult(
    List<LoomBundle> bundles, List<LoomWire> wires, List<BoxCell> cells, List<Said> order) {

  /** Bought over what is cut (-); own default. */
  private static final double SPARE = 1.1;

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

  static LoomResult of(JobContent job, Build build) {
    return of(WiredBuild.of(job, build), build.wiring());
  }

  static LoomResult of(WiredBuild wired, WiringPlan plan) {
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
    return new LoomResult(bundles, wires, cells(wired), Said.of(order(wired, board, plan)));
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

  /** Counts what is alike, in the order in which it first comes. */
  private static final class Counted {
    private final Map<List<Object>, Double> counts = new LinkedHashMap<>();
    private final Map<List<Object>, Function<Double, Finding>> says = new LinkedHashMap<>();

    void add(List<Object> key, double more, Function<Double, Finding> says) {
      counts.merge(key, more, Double::sum);
      this.says.putIfAbsent(key, says);
    }

    List<Finding> said() {
      List<Finding> said = new ArrayList<>();
      counts.forEach((key, count) -> said.add(says.get(key).apply(count)));
      return said;
    }
  }

  private static List<Finding> order(WiredBuild wired, Formboard board, WiringPlan plan) {
    Counted counted = new Counted();
    for (Formboard.Made m : board.wires()) {
      String size = WireLabel.size(m.conductor().wire().area());
      Run.Colour colour = plan.colour(m.run());
      counted.add(
          List.of("wire", size, colour),
          SPARE * m.cut(),
          metres -> LoomSaid.WIRE.with(metres, size, colour));
    }
    for (Formboard.Made m : board.wires()) {
      String size = WireLabel.size(m.conductor().wire().area());
      for (WireEnd end : List.of(m.from(), m.to())) {
        counted.add(
            List.of("end", end.kind(), size), 1, n -> LoomSaid.TERMINAL.with(n, end.kind(), size));
        if (end.sealed()) {
          counted.add(List.of("seal", size), 1, n -> LoomSaid.SEAL.with(n, size));
        }
      }
    }
    for (Scheme.Placed p : wired.scheme().parts()) {
      part(p.part(), wired, counted);
    }
    for (Formboard.Bundle b : board.bundles()) {
      double sleeve = Math.ceil(b.diameter() * 1000 / 2 + 0.5) * 2 / 1000;
      boolean hot = b.surround() == Surround.EXHAUST;
      counted.add(
          List.of("sleeve", hot, sleeve),
          SPARE * b.length(),
          m -> (hot ? LoomSaid.HEAT_SLEEVE : LoomSaid.SLEEVE).with(m, sleeve));
      counted.add(List.of("clip", sleeve), b.clips(), n -> LoomSaid.CLIP.with(n, sleeve));
      if (b.grommet()) {
        counted.add(List.of("grommet", sleeve), 1, n -> LoomSaid.GROMMET.with(n, sleeve));
      }
    }
    return counted.said();
  }

  private static void part(Part part, WiredBuild wired, Counted counted) {
    if (part instanceof Part.Guard g) {
      double amps = wired.loom().guards().get(g.id());
      counted.add(List.of(g.kind(), amps), 1, n -> LoomSaid.GUARD.with(n, (Code) g.kind(), amps));
    } else if (part instanceof Part.Relay r) {
      LoomSaid which = r.changeOver() ? LoomSaid.CHANGE_OVER : LoomSaid.RELAY;
      counted.add(List.of(which), 1, n -> which.with(n));
    } else if (part instanceof Part.Controller) {
      counted.add(List.of(LoomSaid.CONTROLLER), 1, n -> LoomSaid.CONTROLLER.with(n));
    } else if (part instanceof Part.Module) {
      counted.add(List.of(LoomSaid.MODULE), 1, n -> LoomSaid.MODULE.with(n));
    } else if (part instanceof Part.Diode) {
      counted.add(List.of(LoomSaid.DIODE), 1, n -> LoomSaid.DIODE.with(n));
    } else if (part instanceof Part.Contact c && c.kind().bought()) {
      counted.add(List.of(c.kind()), 1, n -> LoomSaid.CONTACT.with(n, c.kind()));
    } else if (part instanceof Part.Load l && l.kind() != Part.Load.Kind.CLUTCH_COIL) {
      counted.add(List.of(l.kind()), 1, n -> LoomSaid.LOAD.with(n, l.kind()));
    }
  }
}
