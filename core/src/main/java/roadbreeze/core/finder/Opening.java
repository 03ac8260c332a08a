package roadbreeze.core.finder;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import roadbreeze.core.stack.Rectangle;

/**
 * The front opening that a cooler must stand in.
 *
 * @param depth room in front of the pack, m
 * @param obstacles what stands in the opening
 * @param clearance least distance from an obstacle, m
 */
public record Opening(Rectangle face, double depth, List<Rectangle> obstacles, double clearance) {
  /** Step between places tried, m. Air and temperature change little over it. */
  public static final double STEP = 0.16;

  public Opening {
    obstacles = List.copyOf(obstacles);
  }

  boolean tooSmallFor(CoolerChoice cooler) {
    return cooler.part().width() > face.width() + 1e-9
        || cooler.part().height() > face.height() + 1e-9
        || cooler.part().depth() > depth + 1e-9;
  }

  /** Lower left corners where a cooler clears every obstacle: a grid with both edges in it. */
  List<Rectangle> places(CoolerChoice cooler) {
    List<Rectangle> places = new ArrayList<>();
    for (double x : steps(face.x(), face.right() - cooler.part().width())) {
      for (double y : steps(face.y(), face.top() - cooler.part().height())) {
        Rectangle place = new Rectangle(x, y, cooler.part().width(), cooler.part().height());
        if (obstacles.stream().noneMatch(o -> near(place, o))) {
          places.add(place);
        }
      }
    }
    return places;
  }

  private boolean near(Rectangle a, Rectangle b) {
    double gap = clearance - 1e-9;
    return a.x() < b.right() + gap
        && b.x() < a.right() + gap
        && a.y() < b.top() + gap
        && b.y() < a.top() + gap;
  }

  private static TreeSet<Double> steps(double low, double high) {
    TreeSet<Double> steps = new TreeSet<>();
    for (double at = low; at < high - STEP / 4; at += STEP) {
      steps.add(at);
    }
    steps.add(Math.max(low, high));
    return steps;
  }
}
