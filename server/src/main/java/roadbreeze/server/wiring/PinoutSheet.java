package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Run;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.Drawing.Mark;
import roadbreeze.server.drawing.Drawing.Pen;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** Which wire goes on which terminal, part by part. */
public final class PinoutSheet {
  private static final int ACROSS = 2;
  private static final double WIDE = 112;
  private static final double ROW = 5.4;
  private static final double HEAD = 8;
  private static final double GAP = 6;
  private static final double NAME = 3;
  private static final double SMALL = 2.5;

  /** From a part's left edge to its terminals' numbers, wires, and where these go, mm. */
  private static final double TO_WIRE = 12;

  private static final double TO_OTHER = 52;

  private final WiredBuild wired;
  private final Build build;
  private final Units.World world;
  private final List<Mark> marks = new ArrayList<>();

  private PinoutSheet(WiredBuild wired, Build build, Units.World world) {
    this.wired = wired;
    this.build = build;
    this.world = world;
  }

  /**
   * @param device id of what is wired; all of them where it is empty
   */
  public static Drawing of(JobContent job, Build build, String device, Units.World world) {
    WiredBuild wired = WiredBuild.of(job, build);
    return new PinoutSheet(wired, build, world).drawn(device);
  }

  private Drawing drawn(String device) {
    List<Scheme.Placed> parts =
        wired.scheme().parts().stream()
            .filter(p -> plugged(p.part()))
            .filter(p -> device.isEmpty() || p.device().equals(device))
            .toList();
    Map<String, String> wires = wires();
    double[] low = new double[ACROSS];
    for (Scheme.Placed p : parts) {
      int column = low[0] <= low[1] ? 0 : 1;
      low[column] += card(p, column * (WIDE + GAP), -low[column], wires) + GAP;
    }
    double height = Math.max(low[0], low[1]) + 1;
    return new Drawing(
        Words.of(Written.PINOUT.with(), world),
        ACROSS * (WIDE + GAP),
        Math.max(HEAD, height),
        marks.stream().map(m -> m.moved(0, height)).toList());
  }

  /** Something with terminals of its own that wires are put on. */
  private static boolean plugged(Part part) {
    return !(part instanceof Part.Splice
        || part instanceof Part.Thread
        || part instanceof Part.Battery
        || part instanceof Part.Earth
        || part instanceof Part.Line
        || part instanceof Part.Tap);
  }

  private Map<String, String> wires() {
    Map<String, String> named = new HashMap<>();
    wired
        .scheme()
        .runs()
        .forEach(r -> named.put(r.id(), WireLabel.named(r.id(), wired, build.wiring(), world)));
    return named;
  }

  /** From its upper edge down; how high it is. */
  private double card(Scheme.Placed placed, double x, double top, Map<String, String> wires) {
    double y = top - HEAD;
    words(x + 2, y + 2.4, NAME, name(placed));
    for (String terminal : placed.part().terminals()) {
      String node = placed.part().at(terminal);
      List<Run> here =
          wired.scheme().runs().stream()
              .filter(r -> r.from().equals(node) || r.to().equals(node))
              .toList();
      if (here.isEmpty() && onMetal(node)) {
        continue;
      }
      for (int i = 0; i < Math.max(1, here.size()); i++) {
        line(x, y, x + WIDE, y);
        y -= ROW;
        words(x + 3, y + 1.6, NAME, i == 0 ? terminal : "");
        if (here.isEmpty()) {
          words(x + TO_WIRE, y + 1.6, SMALL, Words.of(Written.NO_WIRE.with(), world));
        } else {
          Run run = here.get(i);
          words(x + TO_WIRE, y + 1.6, SMALL, wires.get(run.id()));
          words(x + TO_OTHER, y + 1.6, SMALL, other(run, node));
        }
      }
    }
    line(x, top, x + WIDE, top);
    line(x, y, x + WIDE, y);
    line(x, top, x, y);
    line(x + WIDE, top, x + WIDE, y);
    line(x + TO_WIRE - 2, top - HEAD, x + TO_WIRE - 2, y);
    return top - y;
  }

  /** It has its earth by its own thread. */
  private boolean onMetal(String node) {
    return wired.scheme().all(Part.Thread.class).stream().anyMatch(t -> t.terminal().equals(node));
  }

  private String other(Run run, String node) {
    String there = run.from().equals(node) ? run.to() : run.from();
    String terminal = there.substring(there.lastIndexOf(':') + 1);
    return (name(wired.scheme().at(there)) + " " + terminal).trim();
  }

  private String name(Scheme.Placed placed) {
    List<String> lines =
        WireLabel.of(placed, wired.loom(), WiringMapper.consumers(wired.fed())).stream()
            .map(l -> Words.of(l, world))
            .toList();
    return placed.part() instanceof Part.Splice
        ? Words.of(Written.JOINT.with(), world)
        : String.join(", ", lines);
  }

  private void line(double x1, double y1, double x2, double y2) {
    marks.add(new Drawing.Stroke(Pen.CUT, x1, y1, x2, y2));
  }

  private void words(double x, double y, double size, String text) {
    if (!text.isEmpty()) {
      marks.add(new Drawing.Words(Pen.NOTE, x, y, size, text, false));
    }
  }
}
