package roadbreeze.server.mounting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Channel;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.Drawing.Pen;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** A bracket's flat pattern as a fabricator reads it: measured from its first end. */
final class FlatDrawing {
  private static final double SIDE = 12;
  private static final double LETTERS = 2.6;

  /** One row of measures under the strip. */
  private static final double ROW = 11;

  /** Two measures nearer than this stand in rows of their own. */
  private static final double ROOM = 24;

  private final Bracket bracket;
  private final FlatBracket flat;
  private final Units.World world;
  private final List<Drawing.Mark> marks = new ArrayList<>();
  private final double low;

  private FlatDrawing(Bracket bracket, Units.World world) {
    bracket.toCore();
    this.bracket = bracket;
    this.flat = FlatBracket.of(bracket);
    this.world = world;
    low = 18 + ROW * rows().stream().mapToInt(r -> r.row + 1).max().orElse(1);
  }

  /**
   * @param world of the units that are written
   * @throws roadbreeze.core.problem.BadInputException if it cannot be
   */
  static Drawing of(Bracket bracket, Units.World world) {
    FlatDrawing drawing = new FlatDrawing(bracket, world);
    return drawing.drawn(drawing.title());
  }

  /**
   * A channel, seen on its web.
   *
   * @param web laid out
   */
  static Drawing of(Channel channel, Bracket web, Units.World world) {
    FlatDrawing drawing = new FlatDrawing(web, world);
    return drawing.drawn(
        drawing.say(
            Written.CHANNEL.with(
                channel.name(),
                drawing.size(channel.webMm()),
                drawing.size(channel.legMm()),
                drawing.size(channel.thicknessMm()),
                Words.choice(channel.metal().name()))));
  }

  private Drawing drawn(String title) {
    double left = SIDE;
    double right = SIDE + flat.flatMm();
    double top = low + bracket.widthMm();
    line(Pen.CUT, left, low, right, low);
    line(Pen.CUT, right, low, right, top);
    line(Pen.CUT, right, top, left, top);
    line(Pen.CUT, left, top, left, low);
    for (int i = 0; i < flat.bends().size(); i++) {
      bend(i, top);
    }
    for (FlatBracket.TwistMark twist : flat.twists()) {
      line(Pen.TWIST, SIDE + twist.startMm(), low, SIDE + twist.startMm(), top);
      line(Pen.TWIST, SIDE + twist.endMm(), low, SIDE + twist.endMm(), top);
      words(
          SIDE + (twist.startMm() + twist.endMm()) / 2,
          (low + top) / 2,
          say(Written.TWISTED.with(Math.toRadians(Math.abs(twist.degrees())))));
    }
    flat.holes().forEach(this::hole);
    flat.reliefs().forEach(this::relief);
    rows().forEach(this::measure);
    line(Pen.MEASURE, left, top + 12, right, top + 12);
    line(Pen.MEASURE, left, top + 2, left, top + 14);
    line(Pen.MEASURE, right, top + 2, right, top + 14);
    words((left + right) / 2, top + 13.5, size(flat.flatMm()));
    return new Drawing(title, right + SIDE, top + 22, marks);
  }

  private String title() {
    return say(
        Written.TITLE.with(
            bracket.name(),
            bracket.quantity(),
            size(bracket.widthMm()),
            size(bracket.thicknessMm()),
            Words.choice(bracket.metal().name())));
  }

  private void bend(int index, double top) {
    FlatBracket.BendMark bend = flat.bends().get(index);
    boolean up = bend.degrees() > 0;
    double x = SIDE + bend.centreMm();
    line(up ? Pen.BEND_UP : Pen.BEND_DOWN, x, low, x, top);
    Written turned = up ? Written.BENT_UP : Written.BENT_DOWN;
    words(x, top + 3, say(turned.with(index + 1, Math.toRadians(Math.abs(bend.degrees())))));
  }

  private void relief(FlatBracket.Relief relief) {
    double x = SIDE + relief.alongMm();
    double y = low + bracket.widthMm() / 2 + relief.acrossMm();
    marks.add(new Drawing.Circle(Pen.CUT, x, y, relief.diameterMm() / 2));
  }

  private void hole(FlatBracket.DrillMark hole) {
    double x = SIDE + hole.alongMm();
    double y = low + bracket.widthMm() / 2 + hole.acrossMm();
    double radius = hole.diameterMm() / 2;
    if (hole.slotMm() > 0) {
      double half = hole.slotMm() / 2;
      line(Pen.DRILL, x - half, y + radius, x + half, y + radius);
      line(Pen.DRILL, x - half, y - radius, x + half, y - radius);
      marks.add(new Drawing.Arc(Pen.DRILL, x - half, y, radius, 90, 270));
      marks.add(new Drawing.Arc(Pen.DRILL, x + half, y, radius, -90, 90));
    } else {
      marks.add(new Drawing.Circle(Pen.DRILL, x, y, radius));
    }
    line(Pen.MEASURE, x - radius - 1.5, y, x + radius + 1.5, y);
    line(Pen.MEASURE, x, y - radius - 1.5, x, y + radius + 1.5);
  }

  /** A measure from the first end, in its row. */
  private record Measure(double at, String text, int row) {}

  private List<Measure> rows() {
    List<Measure> all = new ArrayList<>();
    flat.holes()
        .forEach(
            h ->
                all.add(new Measure(h.alongMm(), say(Written.HOLE.with(size(h.diameterMm()))), 0)));
    flat.bends().forEach(b -> all.add(new Measure(b.centreMm(), say(Written.BEND.with()), 0)));
    flat.reliefs()
        .forEach(
            r ->
                all.add(
                    new Measure(r.alongMm(), say(Written.RELIEF.with(size(r.diameterMm()))), 0)));
    all.sort(Comparator.comparingDouble(Measure::at));
    List<Double> ends = new ArrayList<>();
    List<Measure> placed = new ArrayList<>();
    for (Measure m : all) {
      int row = 0;
      while (row < ends.size() && ends.get(row) > m.at - ROOM) {
        row++;
      }
      if (row == ends.size()) {
        ends.add(m.at);
      } else {
        ends.set(row, m.at);
      }
      placed.add(new Measure(m.at, m.text, row));
    }
    return placed;
  }

  private void measure(Measure m) {
    double x = SIDE + m.at;
    double foot = low - 6 - ROW * m.row;
    line(Pen.MEASURE, x, low - 1, x, foot);
    words(x, foot - 3.5, size(m.at));
    words(x, foot - 7.5, m.text);
  }

  private void line(Pen pen, double x1, double y1, double x2, double y2) {
    marks.add(new Drawing.Stroke(pen, x1, y1, x2, y2));
  }

  private void words(double x, double y, String text) {
    marks.add(new Drawing.Words(Pen.NOTE, x, y, LETTERS, text));
  }

  /** Finer than elsewhere: it is cut by this. */
  private String size(double mm) {
    int digits = world == Units.World.METRIC ? 1 : 3;
    return Units.format(Units.mm(mm), Kind.SIZE, world, digits);
  }

  private String say(Finding words) {
    return Words.of(words, world);
  }
}
