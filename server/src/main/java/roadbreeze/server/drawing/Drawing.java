package roadbreeze.server.drawing;

import java.util.ArrayList;
import java.util.List;

/**
 * What is drawn, in mm from the lower left corner, up and to the right.
 *
 * @param title of the sheet
 */
public record Drawing(String title, double width, double height, List<Mark> marks) {
  public Drawing {
    marks = List.copyOf(marks);
  }

  /** What a line is for, which is how it looks. */
  public enum Pen {
    CUT(0.5, false, 7),
    DRILL(0.5, false, 5),
    BEND_UP(0.35, false, 3),
    BEND_DOWN(0.35, true, 3),
    TWIST(0.25, true, 4),
    MEASURE(0.18, false, 8),
    NOTE(0.18, false, 8);

    private final double width;
    private final boolean dashed;
    private final int colour;

    Pen(double width, boolean dashed, int colour) {
      this.width = width;
      this.dashed = dashed;
      this.colour = colour;
    }

    /** mm. */
    double width() {
      return width;
    }

    boolean dashed() {
      return dashed;
    }

    /** Number of its colour in DXF. */
    int colour() {
      return colour;
    }
  }

  /** Several on one sheet, from left to right; an empty sheet where there are none. */
  public static Drawing beside(List<Drawing> drawings) {
    List<Mark> all = new ArrayList<>();
    List<String> titles = new ArrayList<>();
    double x = 0;
    double height = 0;
    for (Drawing d : drawings) {
      for (Mark mark : d.marks) {
        all.add(mark.moved(x, 0));
      }
      titles.add(d.title);
      x += d.width;
      height = Math.max(height, d.height);
    }
    return new Drawing(String.join("; ", titles), Math.max(1, x), Math.max(1, height), all);
  }

  /** The same, made smaller where it is larger than a room, mm. */
  public Drawing within(double wide, double high) {
    double factor = Math.min(1, Math.min(wide / width, high / height));
    return new Drawing(
        title, width * factor, height * factor, marks.stream().map(m -> m.scaled(factor)).toList());
  }

  /** One stroke or word. */
  public sealed interface Mark {
    Pen pen();

    /** The same so far to the right and up, mm. */
    Mark moved(double right, double up);

    /** The same so much larger, from the lower left corner. */
    Mark scaled(double by);
  }

  /** From place to place. */
  public record Stroke(Pen pen, double x1, double y1, double x2, double y2) implements Mark {
    @Override
    public Mark moved(double right, double up) {
      return new Stroke(pen, x1 + right, y1 + up, x2 + right, y2 + up);
    }

    @Override
    public Mark scaled(double by) {
      return new Stroke(pen, x1 * by, y1 * by, x2 * by, y2 * by);
    }
  }

  /** Round its middle. */
  public record Circle(Pen pen, double x, double y, double radius) implements Mark {
    @Override
    public Mark moved(double right, double up) {
      return new Circle(pen, x + right, y + up, radius);
    }

    @Override
    public Mark scaled(double by) {
      return new Circle(pen, x * by, y * by, radius * by);
    }
  }

  /** Anticlockwise round its middle, degrees from the right. */
  public record Arc(Pen pen, double x, double y, double radius, double from, double to)
      implements Mark {
    @Override
    public Mark moved(double right, double up) {
      return new Arc(pen, x + right, y + up, radius, from, to);
    }

    @Override
    public Mark scaled(double by) {
      return new Arc(pen, x * by, y * by, radius * by, from, to);
    }
  }

  /**
   * Words at their foot.
   *
   * @param x of their middle, or of where they begin
   * @param size height of its capitals
   */
  public record Words(Pen pen, double x, double y, double size, String text, boolean centred)
      implements Mark {
    /** Centred on a place. */
    public Words(Pen pen, double x, double y, double size, String text) {
      this(pen, x, y, size, text, true);
    }

    @Override
    public Mark moved(double right, double up) {
      return new Words(pen, x + right, y + up, size, text, centred);
    }

    @Override
    public Mark scaled(double by) {
      return new Words(pen, x * by, y * by, size * by, text, centred);
    }
  }
}
