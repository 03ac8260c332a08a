package roadbreeze.core.place;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Shape;
import roadbreeze.core.stack.Rectangle;

/**
 * Where a box at one depth may stand, by the place of its lower left corner on a fine grid.
 *
 * <p>No place of a box moves farther than its corner does, so a box that has enough to spare in the
 * middle of a field has enough in all of it, and one that lacks much lacks in all of it: only along
 * the borders are fields cut small.
 *
 * @param room for the box as a whole, seen from the front, m
 * @param free by row and column
 */
public record FreeGround(Rectangle room, int columns, int rows, BitSet free) {
  /** Between two places, m. */
  public static final double STEP = 0.005;

  /** Rounding, m. */
  private static final double SAME = 1e-9;

  /** Something that a box keeps a distance from, m. */
  public record Keep(Shape shape, double distance) {
    /** A box that stands there is clear of it. */
    boolean clear(Box box) {
      return !Gap.nearer(box, shape, distance - SAME);
    }
  }

  /**
   * @param room for the box as a whole, seen from the front
   * @param box its size and its depth
   */
  public static FreeGround of(Rectangle room, Box box, List<Keep> keeps) {
    double across = room.width() - box.width();
    double up = room.height() - box.height();
    if (across < -SAME || up < -SAME) {
      return new FreeGround(room, 0, 0, new BitSet());
    }
    int columns = 1 + (int) Math.floor(across / STEP + SAME);
    int rows = 1 + (int) Math.floor(up / STEP + SAME);
    FreeGround ground = new FreeGround(room, columns, rows, new BitSet(columns * rows));
    ground.survey(0, 0, columns, rows, box, keeps);
    return ground;
  }

  public double x(int column) {
    return room.x() + column * STEP;
  }

  public double y(int row) {
    return room.y() + row * STEP;
  }

  public boolean isFree(int column, int row) {
    return free.get(row * columns + column);
  }

  /** A box moved so that its corner is at a place of the grid. */
  public Box at(Box box, int column, int row) {
    return new Box(x(column), y(row), box.z(), box.width(), box.height(), box.depth());
  }

  private void survey(int column, int row, int wide, int high, Box box, List<Keep> keeps) {
    int middleColumn = column + wide / 2;
    int middleRow = row + high / 2;
    Box here = at(box, middleColumn, middleRow);
    // From the middle to the farthest corner of the field.
    double reach =
        STEP
            * Math.hypot(
                Math.max(middleColumn - column, column + wide - 1 - middleColumn),
                Math.max(middleRow - row, row + high - 1 - middleRow));
    List<Keep> near = new ArrayList<>();
    for (Keep keep : keeps) {
      double far = here.apart(keep.shape().bounds());
      if (far >= keep.distance() + reach) {
        continue;
      }
      double gap = far;
      if (far > 0 || !(keep.shape() instanceof Box)) {
        // How deep a box stands in a thing that is none is not known: only whether it does.
        gap = Math.max(0, Gap.between(here, keep.shape()).length());
      }
      if (gap < keep.distance() - reach - SAME) {
        return;
      }
      if (gap < keep.distance() + reach - SAME) {
        near.add(keep);
      }
    }
    if (near.isEmpty()) {
      for (int r = row; r < row + high; r++) {
        free.set(r * columns + column, r * columns + column + wide);
      }
    } else if (wide > 1 || high > 1) {
      int half = wide > 1 ? wide / 2 : 1;
      int halfUp = high > 1 ? high / 2 : 1;
      survey(column, row, half, halfUp, box, near);
      if (wide > half) {
        survey(column + half, row, wide - half, halfUp, box, near);
      }
      if (high > halfUp) {
        survey(column, row + halfUp, half, high - halfUp, box, near);
      }
      if (wide > half && high > halfUp) {
        survey(column + half, row + halfUp, wide - half, high - halfUp, box, near);
      }
    }
  }
}
