package roadbreeze.server.wiring;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Loom;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Run;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.core.wiring.When;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** What stands beside parts and wires on a circuit, on its lists and on its labels. */
enum WireLabel implements Code {
  KIND("kind WORD"),
  OF("of NAME"),
  RATED("amps CURRENT"),
  RELAY,
  CHANGE_OVER,
  CONTROLLER,
  MODULE,
  DIODE,
  THREAD,
  ON_AT("from TEMPERATURE"),
  RAMP("from TEMPERATURE", "full TEMPERATURE"),
  BONNET,
  BONNET_MORE,
  WIRE("number COUNT", "size TEXT", "colour WORD");

  private final List<Parameter> parameters;

  WireLabel(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /** Lines beside a part, the first one its name. */
  static List<Finding> of(Scheme.Placed placed, Loom loom, List<Consumer> consumers) {
    Part part = placed.part();
    List<Finding> lines = new ArrayList<>();
    if (part instanceof Part.Relay r) {
      lines.add((r.changeOver() ? CHANGE_OVER : RELAY).with());
      of(placed, consumers, lines);
    } else if (part instanceof Part.Controller c) {
      lines.add(CONTROLLER.with());
      onAt(c.when(), lines);
    } else if (part instanceof Part.Module m) {
      lines.add(MODULE.with());
      lines.add(RAMP.with(m.ramp().from(), m.ramp().full()));
    } else if (part instanceof Part.Diode) {
      lines.add(DIODE.with());
    } else if (part instanceof Part.Thread) {
      lines.add(THREAD.with());
    } else if (part instanceof Part.Motor m) {
      of(placed, consumers, lines);
      lines.add(RATED.with(m.amperes()));
    } else {
      part.which().ifPresent(kind -> lines.add(KIND.with(kind)));
    }
    if (part instanceof Part.Guard g) {
      lines.add(RATED.with(loom.guards().get(g.id())));
    } else if (part instanceof Part.Contact c) {
      onAt(c.when(), lines);
    }
    return lines;
  }

  private static void of(Scheme.Placed placed, List<Consumer> consumers, List<Finding> lines) {
    consumers.stream()
        .filter(c -> c.id().equals(placed.device()))
        .findFirst()
        .ifPresent(c -> lines.add(OF.with(c.name())));
  }

  private static void onAt(When when, List<Finding> lines) {
    if (when instanceof When.Warmer w) {
      lines.add(ON_AT.with(w.from()));
    } else if (when instanceof When.Both b) {
      onAt(b.one(), lines);
      onAt(b.other(), lines);
    }
  }

  /** On a wire. */
  static Finding of(int number, double area, Run.Colour colour) {
    return WIRE.with(number, size(area), colour);
  }

  /** A wire of a build in words. */
  static String named(String run, WiredBuild wired, WiringPlan plan, Units.World world) {
    List<Run> runs = wired.scheme().runs();
    for (int i = 0; i < runs.size(); i++) {
      if (runs.get(i).id().equals(run)) {
        double area = wired.loom().wires().get(run).wire().area();
        return Words.of(of(i + 1, area, plan.colour(runs.get(i))), world);
      }
    }
    throw new IllegalArgumentException(run);
  }

  /** As it is sold, the same in both worlds: {@code 0.75 mm²}. */
  static String size(double area) {
    return BigDecimal.valueOf(area * 1e6)
            .setScale(2, RoundingMode.HALF_UP)
            .stripTrailingZeros()
            .toPlainString()
        + " mm²";
  }
}
