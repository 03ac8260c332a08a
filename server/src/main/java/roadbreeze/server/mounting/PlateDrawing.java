package roadbreeze.server.mounting;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.radiator.Plate;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.Drawing.Pen;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** A plate that is welded in, and beside it what is cut out of the core support for it. */
final class PlateDrawing {
  private static final double SIDE = 16;
  private static final double LETTERS = 2.6;

  /** Room for measures under and over what is drawn. */
  private static final double FOOT = 26;

  private final Plate plate;
  private final Units.World world;
  private final List<Drawing.Mark> marks = new ArrayList<>();

  private PlateDrawing(Plate plate, Units.World world) {
    this.plate = plate;
    this.world = world;
  }

  /**
   * @param world of the units that are written
   */
  static Drawing of(Plate plate, Units.World world) {
    return new PlateDrawing(plate, world).drawn();
  }

  private Drawing drawn() {
    double right = outline(SIDE, plate.width() * 1000, plate.height() * 1000);
    for (Plate.Round hole : plate.holes()) {
      double x = SIDE + hole.x() * 1000;
      double y = FOOT + hole.y() * 1000;
      double radius = hole.diameter() * 500;
      marks.add(new Drawing.Circle(Pen.DRILL, x, y, radius));
      line(x - radius - 1.5, y, x + radius + 1.5, y);
      line(x, y - radius - 1.5, x, y + radius + 1.5);
    }
    Plate.Round first = plate.holes().get(0);
    words(
        SIDE + plate.width() * 500,
        FOOT + plate.height() * 1000 + 9,
        Words.of(Written.PLUGS.with(plate.holes().size(), size(first.diameter())), world));
    double top = FOOT + plate.height() * 1000;
    for (Plate.Notch notch : plate.notch()) {
      double left = right + 2 * SIDE + 8;
      right = outline(left, notch.depth() * 1000, notch.height() * 1000);
      words(
          left + notch.depth() * 500,
          FOOT + notch.height() * 1000 + 9,
          Words.of(Written.CUT_OUT.with(size(notch.bottom())), world));
      top = Math.max(top, FOOT + notch.height() * 1000);
    }
    return new Drawing(title(), right + 2 * SIDE, top + 20, marks);
  }

  private String title() {
    return Words.of(Written.PLATE.with(plate.what(), plate.side()), world);
  }

  /** A cut rectangle with its two measures; gives its right edge. */
  private double outline(double left, double width, double height) {
    double right = left + width;
    double top = FOOT + height;
    cut(left, FOOT, right, FOOT);
    cut(right, FOOT, right, top);
    cut(right, top, left, top);
    cut(left, top, left, FOOT);
    line(left, FOOT - 1, left, FOOT - 9);
    line(right, FOOT - 1, right, FOOT - 9);
    line(left, FOOT - 8, right, FOOT - 8);
    words((left + right) / 2, FOOT - 13, size(width / 1000));
    line(left - 1, FOOT, left - 7, FOOT);
    line(left - 1, top, left - 7, top);
    line(left - 6, FOOT, left - 6, top);
    words(left - 6, top + 3, size(height / 1000));
    return right;
  }

  private void cut(double x1, double y1, double x2, double y2) {
    marks.add(new Drawing.Stroke(Pen.CUT, x1, y1, x2, y2));
  }

  private void line(double x1, double y1, double x2, double y2) {
    marks.add(new Drawing.Stroke(Pen.MEASURE, x1, y1, x2, y2));
  }

  private void words(double x, double y, String text) {
    marks.add(new Drawing.Words(Pen.NOTE, x, y, LETTERS, text));
  }

  private String size(double metres) {
    return Units.format(metres, Kind.SIZE, world, world == Units.World.METRIC ? 1 : 3);
  }
}
