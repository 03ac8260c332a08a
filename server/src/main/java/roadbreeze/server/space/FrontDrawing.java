package roadbreeze.server.space;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.space.Pack;
import roadbreeze.server.build.Build;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.Drawing.Mark;
import roadbreeze.server.drawing.Drawing.Pen;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** Where one thing stands before the pack, from the front and from the side, with its measures. */
public final class FrontDrawing {
  /** Of the two views, mm on paper. */
  private static final double WIDE = 150;

  private static final double SIDE_WIDE = 60;
  private static final double HIGH = 110;
  private static final double EDGE = 16;
  private static final double LETTERS = 4;
  private static final double SMALL = 2.8;

  /** What is drawn narrower than this has no room for its name, mm. */
  private static final double NAMED = 16;

  /** What stands nearer before the pack than this is drawn too, m. */
  private static final double BEFORE = 0.25;

  /** What is off or open while the front is worked on. */
  private static final Set<Solid.What> OFF =
      EnumSet.of(Solid.What.GRILLE, Solid.What.BUMPER, Solid.What.BONNET);

  private static final double TOUCHES = 1e-9;

  private final Units.World world;
  private final List<Mark> marks = new ArrayList<>();

  private FrontDrawing(Units.World world) {
    this.world = world;
  }

  /**
   * @param id of a piece of the pack or of something in the nose
   * @return empty where nothing of that id stands there
   */
  public static Optional<Drawing> of(JobContent job, Build build, String id, Units.World world) {
    Setup setup = job.setup(build);
    List<Thing> things = new ArrayList<>();
    Pack.of(setup).pieces().forEach(p -> things.add(new Thing(p.name(), p.box())));
    setup.standing().stream()
        .filter(s -> !OFF.contains(s.what()))
        .forEach(s -> things.add(new Thing(s.name(), s.shape().bounds())));
    Thing core =
        things.stream().filter(t -> t.name.equals(Assembly.RADIATOR)).findFirst().orElseThrow();
    return things.stream()
        .filter(t -> t.name.id().equals(id))
        .findFirst()
        .map(shown -> new FrontDrawing(world).drawn(shown, core, beside(things, shown, core)));
  }

  /** Something with the upright box round it. */
  private record Thing(Name name, Box box) {}

  /** Cores, and what stands close before them. */
  private static List<Thing> beside(List<Thing> things, Thing shown, Thing core) {
    return things.stream()
        .filter(t -> !t.equals(shown) && !t.equals(core))
        .filter(t -> t.box.back() <= core.box.back() && t.box.back() >= core.box.z() - BEFORE)
        .toList();
  }

  private Drawing drawn(Thing thing, Thing behind, List<Thing> others) {
    Box shown = thing.box;
    Box core = behind.box;
    double low = Math.min(core.y(), shown.y());
    double top = Math.max(core.top(), shown.top());
    double left = Math.min(core.x(), shown.x());
    double right = Math.max(core.right(), shown.right());
    double front = Math.max(core.z() - BEFORE, Math.min(shown.z(), frontOf(others)));
    double back = Math.max(core.back(), shown.back());
    View face = new View(left, right, WIDE, low, top, EDGE, true);
    View side = new View(front, back, SIDE_WIDE, low, top, WIDE + 3 * EDGE, false);
    for (View view : List.of(face, side)) {
      others.forEach(o -> view.box(o, Pen.NOTE));
      view.box(behind, Pen.BEND_DOWN);
      view.box(thing, Pen.CUT);
    }
    double foot = 2 * EDGE - EDGE / 2;
    measure(face.x(core.x()), foot, face.x(shown.x()), foot);
    words(face.x(Math.max(core.x(), shown.x())) + 2, foot - 1, size(shown.x() - core.x()));
    double middle = face.x(shown.x() + shown.width() / 2);
    measure(middle, face.y(core.y()), middle, face.y(shown.y()));
    words(middle + 2, face.y((core.y() + shown.y()) / 2), size(shown.y() - core.y()));
    double next =
        others.stream()
            .map(Thing::box)
            .filter(b -> b.z() >= shown.back() - TOUCHES && overlaps(b, shown))
            .mapToDouble(Box::z)
            .min()
            .orElse(core.z());
    String gap = size(Math.max(0, next - shown.back()));
    words(side.x(front), foot - 1, Words.of(Written.GAP_BEHIND.with(gap), world));
    double head = Math.max(face.y(top), side.y(top));
    words(face.x(left), head + 6, Words.of(Written.FROM_THE_FRONT.with(), world));
    words(side.x(front), head + 6, Words.of(Written.FROM_THE_SIDE.with(), world));
    return new Drawing(
        Words.of(Written.STANDS.with(), world), WIDE + SIDE_WIDE + 5 * EDGE, head + EDGE, marks);
  }

  private static double frontOf(List<Thing> things) {
    return things.stream().mapToDouble(t -> t.box.z()).min().orElse(Double.POSITIVE_INFINITY);
  }

  private static boolean overlaps(Box a, Box b) {
    return a.x() < b.right() && b.x() < a.right() && a.y() < b.top() && b.y() < a.top();
  }

  /** One view on paper, in its own scale; what lies outside of it is left out. */
  private final class View {
    private final double from;
    private final double to;
    private final double low;
    private final double top;
    private final double left;
    private final double scale;
    private final boolean front;

    View(double from, double to, double wide, double low, double top, double left, boolean front) {
      this.from = from;
      this.to = to;
      this.low = low;
      this.top = top;
      this.left = left;
      this.front = front;
      scale = Math.min(wide / (to - from), HIGH / (top - low));
    }

    double x(double along) {
      return left + (along - from) * scale;
    }

    double y(double up) {
      return 2 * EDGE + (up - low) * scale;
    }

    void box(Thing thing, Pen pen) {
      Box b = thing.box;
      double x1 = x(Math.max(from, front ? b.x() : b.z()));
      double x2 = x(Math.min(to, front ? b.right() : b.back()));
      double y1 = y(Math.max(low, b.y()));
      double y2 = y(Math.min(top, b.top()));
      if (x2 > x1 && y2 > y1) {
        stroke(pen, x1, y1, x2, y1);
        stroke(pen, x2, y1, x2, y2);
        stroke(pen, x2, y2, x1, y2);
        stroke(pen, x1, y2, x1, y1);
        if (front && x2 - x1 > NAMED) {
          marks.add(
              new Drawing.Words(Pen.NOTE, x1 + 2, y1 + 2, SMALL, Words.of(thing.name), false));
        }
      }
    }
  }

  private void stroke(Pen pen, double x1, double y1, double x2, double y2) {
    marks.add(new Drawing.Stroke(pen, x1, y1, x2, y2));
  }

  private void measure(double x1, double y1, double x2, double y2) {
    marks.add(new Drawing.Stroke(Pen.TWIST, x1, y1, x2, y2));
    marks.add(new Drawing.Circle(Pen.DRILL, x1, y1, 0.8));
    marks.add(new Drawing.Circle(Pen.DRILL, x2, y2, 0.8));
  }

  private void words(double x, double y, String text) {
    marks.add(new Drawing.Words(Pen.NOTE, x, y, LETTERS, text, false));
  }

  private String size(double metres) {
    return Units.format(metres, Kind.SIZE, world, world == Units.World.METRIC ? 0 : 2);
  }
}
