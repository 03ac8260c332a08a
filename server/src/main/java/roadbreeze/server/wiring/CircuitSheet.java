package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.Drawing.Mark;
import roadbreeze.server.drawing.Drawing.Pen;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** A circuit, its loom and its labels on paper. */
public final class CircuitSheet {
  /** Height of capitals, mm. */
  private static final double NAME = 2.6;

  private static final double SMALL = 2.1;

  /** A letter is about so wide for its height. */
  private static final double WIDE = 0.68;

  private final WiredBuild wired;
  private final WiringPlan plan;
  private final Units.World world;
  private final List<Mark> marks = new ArrayList<>();
  private double height;

  private CircuitSheet(WiredBuild wired, WiringPlan plan, Units.World world) {
    this.wired = wired;
    this.plan = plan;
    this.world = world;
  }

  /** A build's circuit. */
  public static Drawing circuit(JobContent job, Build build, Units.World world) {
    return circuit(WiredBuild.of(job, build), build.wiring(), world, title(job, build));
  }

  /** A build's loom, laid flat. */
  public static Drawing loom(JobContent job, Build build, Units.World world) {
    return loom(WiredBuild.of(job, build), build.wiring(), world, title(job, build));
  }

  static String title(JobContent job, Build build) {
    return job.about().name() + ", " + build.name();
  }

  static Drawing circuit(WiredBuild wired, WiringPlan plan, Units.World world, String title) {
    return new CircuitSheet(wired, plan, world).circuit(title);
  }

  static Drawing loom(WiredBuild wired, WiringPlan plan, Units.World world, String title) {
    return new CircuitSheet(wired, plan, world).loom(title);
  }

  static Drawing labels(WiredBuild wired, WiringPlan plan, Units.World world, String title) {
    return new CircuitSheet(wired, plan, world).labels(title);
  }

  private Drawing circuit(String title) {
    CircuitDiagram d = wired.diagram();
    height = d.height();
    Map<String, Integer> numbers = numbers();
    for (CircuitDiagram.DrawnWire w : d.ways()) {
      for (int i = 1; i < w.points().size(); i++) {
        CircuitDiagram.DrawnDot a = w.points().get(i - 1);
        CircuitDiagram.DrawnDot b = w.points().get(i);
        line(a.x(), a.y(), b.x(), b.y());
      }
      if (numbers.containsKey(w.id())) {
        circle(w.number().x(), w.number().y(), 2.1);
        centred(
            w.number().x(), w.number().y() + SMALL / 2, SMALL, String.valueOf(numbers.get(w.id())));
      }
    }
    for (CircuitDiagram.DrawnDot j : d.joints()) {
      circle(j.x(), j.y(), 0.6);
    }
    for (CircuitDiagram.DrawnPart p : d.parts()) {
      part(wired.scheme().find(p.id()).orElseThrow(), p);
    }
    return new Drawing(title, d.width(), d.height(), marks);
  }

  private Map<String, Integer> numbers() {
    Map<String, Integer> numbers = new HashMap<>();
    wired.scheme().runs().forEach(r -> numbers.put(r.id(), numbers.size() + 1));
    return numbers;
  }

  private void line(double x1, double y1, double x2, double y2) {
    marks.add(new Drawing.Stroke(Pen.CUT, x1, height - y1, x2, height - y2));
  }

  private void box(double x, double y, double w, double h) {
    line(x, y, x + w, y);
    line(x + w, y, x + w, y + h);
    line(x + w, y + h, x, y + h);
    line(x, y + h, x, y);
  }

  private void circle(double x, double y, double r) {
    marks.add(new Drawing.Circle(Pen.CUT, x, height - y, r));
  }

  private void centred(double x, double y, double size, String text) {
    marks.add(new Drawing.Words(Pen.NOTE, x, height - y, size, text));
  }

  /** From the left. */
  private void words(double x, double y, double size, String text) {
    marks.add(new Drawing.Words(Pen.NOTE, x, height - y, size, text, false));
  }

  private void part(Scheme.Placed placed, CircuitDiagram.DrawnPart d) {
    List<String> lines =
        WireLabel.of(placed, wired.loom(), WiringMapper.consumers(wired.fed())).stream()
            .map(l -> Words.of(l, world))
            .toList();
    Part part = placed.part();
    double x = d.terminals().isEmpty() ? d.x() : d.terminals().get(0).x();
    double y = d.y();
    double low = d.y() + d.height();
    if (part instanceof Part.Controller
        || part instanceof Part.Module
        || part instanceof Part.Line
        || part instanceof Part.Tap) {
      box(d.x(), y, d.width(), d.height());
      for (int k = 0; k < lines.size(); k++) {
        double at = y + d.height() / 2 + NAME / 2 + (k - (lines.size() - 1) / 2.0) * 4.2;
        centred(d.x() + d.width() / 2, at, k == 0 ? NAME : SMALL, lines.get(k));
      }
    } else if (part instanceof Part.Relay) {
      relay(d, lines);
    } else if (part instanceof Part.Splice) {
      circle(x, y + 1, 0.8);
    } else if (part instanceof Part.Earth || part instanceof Part.Thread) {
      line(x, y, x, y + 3);
      line(x - 5, y + 3, x + 5, y + 3);
      line(x - 3.2, y + 4.6, x + 3.2, y + 4.6);
      line(x - 1.4, y + 6.2, x + 1.4, y + 6.2);
      beside(x + 6.4, y + 5, lines);
    } else if (part instanceof Part.Motor) {
      circle(x, y + 9, 8);
      centred(x, y + 10.5, 3, "M");
      line(x, y, x, y + 1);
      line(x, low - 1, x, low);
      beside(x + 10, y + 9, lines);
    } else if (part instanceof Part.Contact) {
      line(x, y, x, y + 4.5);
      line(x, y + 4.5, x - 4.4, low - 5.5);
      line(x, low - 4.5, x, low);
      beside(x + 6, y + d.height() / 2, lines);
    } else if (part instanceof Part.Diode) {
      line(x, y, x, low);
      line(x - 3, y + 3.4, x + 3, y + 3.4);
      line(x - 3, y + 3.4, x, y + 8.4);
      line(x + 3, y + 3.4, x, y + 8.4);
      line(x - 3, y + 8.4, x + 3, y + 8.4);
      beside(x + 5, y + d.height() / 2, lines);
    } else if (part instanceof Part.Load l && l.kind() == Part.Load.Kind.LAMP) {
      line(x, y, x, y + 4.5);
      circle(x, y + d.height() / 2, 4);
      line(x, low - 4.5, x, low);
      beside(x + 6, y + d.height() / 2, lines);
    } else {
      line(x, y, x, low);
      box(x - 2.6, y + 4, 5.2, d.height() - 8);
      beside(x + 6, y + d.height() / 2, lines);
    }
    if (!(part instanceof Part.Splice
        || part instanceof Part.Earth
        || part instanceof Part.Thread)) {
      for (CircuitDiagram.DrawnTerminal t : d.terminals()) {
        if (part instanceof Part.Relay
            || part instanceof Part.Controller
            || part instanceof Part.Module) {
          centred(t.x() - 2.4, t.fed() ? t.y() - 0.8 : t.y() + 2.6, 1.7, t.name());
        }
      }
    }
  }

  private void relay(CircuitDiagram.DrawnPart d, List<String> lines) {
    double right =
        d.terminals().stream().mapToDouble(CircuitDiagram.DrawnTerminal::x).max().orElse(d.x());
    double low = d.y() + d.height();
    box(d.x(), d.y(), right + 6.5 - d.x(), d.height());
    Map<String, CircuitDiagram.DrawnTerminal> at = new HashMap<>();
    d.terminals().forEach(t -> at.put(t.name(), t));
    if (at.containsKey("30") && at.containsKey("87")) {
      double from = at.get("30").x();
      double to = at.get(at.containsKey("87a") ? "87a" : "87").x();
      line(from, d.y(), from, d.y() + 7);
      line(from, d.y() + 7, at.containsKey("87a") ? to : to - 5, low - 7.6);
      d.terminals().stream()
          .filter(t -> t.name().startsWith("87"))
          .forEach(t -> line(t.x(), low - 7, t.x(), low));
    }
    if (at.containsKey("86") && at.containsKey("85")) {
      double x = at.get("86").x();
      line(x, d.y(), x, d.y() + 8);
      box(x - 4, d.y() + 8, 8, 8);
      line(x, d.y() + 16, x, low);
    }
    beside(right + 8.5, d.y() + d.height() / 2, lines);
  }

  private void beside(double x, double y, List<String> lines) {
    for (int k = 0; k < lines.size(); k++) {
      double size = k == 0 ? NAME : SMALL;
      words(x, y + size / 2 + (k - (lines.size() - 1) / 2.0) * 4.2, size, lines.get(k));
    }
  }

  private Drawing loom(String title) {
    LoomResult loom = LoomResult.of(wired, plan, List.of());
    height = 14 * loom.bundles().size() + 10.0;
    double longest =
        loom.bundles().stream().mapToDouble(LoomResult.LoomBundle::lengthM).max().orElse(1);
    for (int i = 0; i < loom.bundles().size(); i++) {
      LoomResult.LoomBundle b = loom.bundles().get(i);
      double y = 10 + 14 * i;
      double to = 55 + 140 * b.lengthM() / longest;
      String from = place(b.from());
      words(52 - from.length() * NAME * WIDE, y + NAME / 2, NAME, from);
      double half = Math.max(0.5, b.diameterMm() / 2);
      box(55, y - half, to - 55, 2 * half);
      for (int c = 0; c < b.clips(); c++) {
        double x = 55 + (to - 55) * (c + 0.5) / b.clips();
        line(x, y - half - 1.2, x, y + half + 1.2);
      }
      words(to + 3, y + NAME / 2, NAME, place(b.to()));
      String wires =
          b.wires().stream().map(String::valueOf).reduce((p, q) -> p + " " + q).orElse("");
      String length = Words.of(LoomSaid.SLEEVE.with(b.lengthM(), b.diameterMm() / 1000), world);
      centred((55 + to) / 2, y + half + 4.2, SMALL, length + "  #" + wires);
    }
    return new Drawing(title, 250, height, marks);
  }

  private String place(LoomResult.LoomPlace p) {
    return wired.fed().stream()
        .filter(f -> f.consumer().id().equals(p.device()))
        .map(f -> Words.of(WireLabel.OF.with(f.consumer().name()), world))
        .findFirst()
        .orElseGet(() -> Words.of(WireLabel.KIND.with(p.kind()), world));
  }

  /** Two of each wire, one of each fuse and relay, and the warning for the bonnet. */
  private Drawing labels(String title) {
    LoomResult loom = LoomResult.of(wired, plan, List.of());
    List<List<String>> texts = new ArrayList<>();
    for (LoomResult.LoomWire w : loom.wires()) {
      String name = WireLabel.named(w.id(), wired, plan, world);
      texts.add(List.of(name, terminal(w.from())));
      texts.add(List.of(name, terminal(w.to())));
    }
    for (LoomResult.BoxCell cell : loom.cells()) {
      Scheme.Placed p = wired.scheme().find(cell.part()).orElseThrow();
      List<String> lines = new ArrayList<>(List.of(cell.mark()));
      WireLabel.of(p, wired.loom(), WiringMapper.consumers(wired.fed()))
          .forEach(l -> lines.add(Words.of(l, world)));
      texts.add(lines);
    }
    int rows = (texts.size() + LABELS - 1) / LABELS;
    height = rows * LABEL_HIGH + 26;
    for (int i = 0; i < texts.size(); i++) {
      double x = i % LABELS * LABEL_WIDE;
      double y = 26 + i / LABELS * LABEL_HIGH;
      box(x, y, LABEL_WIDE, LABEL_HIGH);
      for (int k = 0; k < texts.get(i).size(); k++) {
        words(x + 2, y + 4 + 3.4 * k, k == 0 ? 2.4 : 1.9, texts.get(i).get(k));
      }
    }
    box(0, 0, 120, 22);
    words(5, 9, 4.2, Words.of(WireLabel.BONNET.with(), world));
    words(5, 17, 2.4, Words.of(WireLabel.BONNET_MORE.with(), world));
    return new Drawing(title, LABELS * LABEL_WIDE, height, marks);
  }

  /** Labels beside each other, mm. */
  private static final int LABELS = 5;

  private static final double LABEL_WIDE = 54;
  private static final double LABEL_HIGH = 13;

  private String terminal(String node) {
    Scheme.Placed p = wired.scheme().at(node);
    String name =
        WireLabel.of(p, wired.loom(), WiringMapper.consumers(wired.fed())).stream()
            .findFirst()
            .map(l -> Words.of(l, world))
            .orElse("");
    return (name + " " + node.substring(node.lastIndexOf(':') + 1)).trim();
  }
}
