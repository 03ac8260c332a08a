package roadbreeze.server.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.explain.Name;
import roadbreeze.core.route.Hung;
import roadbreeze.core.route.Route;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Hose;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.Drawing.Mark;
import roadbreeze.server.drawing.Drawing.Pen;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/** A hose on its way, seen from above and from the front, with what it is bent to. */
public final class RouteDrawing {
  /** Of a view, mm on paper. */
  private static final double WIDE = 118;

  private static final double HIGH = 100;
  private static final double SIDE = 16;
  private static final double LETTERS = 4;

  /** Of a line of words. */
  private static final double ROW = 7;

  private final Routes routes;
  private final Hose hose;
  private final Route route;
  private final Units.World world;
  private final List<Mark> marks = new ArrayList<>();

  private RouteDrawing(Routes routes, Hose hose, Route route, Units.World world) {
    this.routes = routes;
    this.hose = hose;
    this.route = route;
    this.world = world;
  }

  /**
   * @param hose its id
   * @return empty where it is not drawn
   */
  public static Optional<Drawing> of(JobContent job, Build build, String hose, Units.World world) {
    Routes routes = new Routes(job, build);
    return routes.drawn.entrySet().stream()
        .filter(e -> e.getKey().id().equals(hose))
        .findFirst()
        .map((Map.Entry<Hose, Hung> e) -> drawing(routes, e, world));
  }

  private static Drawing drawing(Routes routes, Map.Entry<Hose, Hung> drawn, Units.World world) {
    return new RouteDrawing(routes, drawn.getKey(), drawn.getValue().route(), world).drawn();
  }

  private Drawing drawn() {
    List<Route.Corner> corners = route.corners();
    double foot = SIDE + ROW * corners.size();
    view(Written.FROM_THE_FRONT, Vector3D::getY, SIDE, foot);
    // From above, what lies farther back stands higher.
    view(Written.FROM_ABOVE, Vector3D::getZ, SIDE + WIDE + 2 * SIDE, foot);
    for (int i = 0; i < corners.size(); i++) {
      Route.Corner c = corners.get(i);
      String bend = Words.of(Written.BENT_TO.with(i + 1, c.radius(), c.angle()), world);
      words(SIDE, foot - SIDE / 2 - ROW * (i + 1), bend);
    }
    double top = foot + HIGH + 2 * SIDE;
    words(SIDE, top, title());
    return new Drawing(title(), 2 * WIDE + 4 * SIDE, top + SIDE, marks);
  }

  private String title() {
    double cut = Units.mm(routes.build.lines().cutMm(route.fitted() * 1000));
    return Words.of(Written.HOSE.with(hose.name(), size(cut), size(Units.mm(hose.bore()))), world);
  }

  /** One view in its own scale, seen from the front to the right and so much up. */
  private void view(Written from, ToDoubleFunction<Vector3D> up, double left, double foot) {
    Along across = Along.of(route.line(), Vector3D::getX);
    Along rise = Along.of(route.line(), up);
    double scale = Math.min(WIDE / across.wide(), HIGH / rise.wide());
    Function<Vector3D, Vector2D> onPaper =
        p ->
            new Vector2D(
                left + (p.getX() - across.low) * scale,
                foot + (up.applyAsDouble(p) - rise.low) * scale);
    List<Vector2D> line = route.line().stream().map(onPaper).toList();
    for (int i = 1; i < line.size(); i++) {
      Vector2D a = line.get(i - 1);
      Vector2D b = line.get(i);
      marks.add(new Drawing.Stroke(Pen.CUT, a.getX(), a.getY(), b.getX(), b.getY()));
    }
    List<Route.Corner> corners = route.corners();
    for (int i = 0; i < corners.size(); i++) {
      Vector2D c = onPaper.apply(corners.get(i).at());
      marks.add(new Drawing.Circle(Pen.BEND_UP, c.getX(), c.getY(), 2));
      // Two bends behind each other are told apart by their height.
      int lower = i % 2;
      words(c.getX() + 3 + 4 * lower, c.getY() + 2 - 5 * lower, String.valueOf(i + 1));
    }
    end(line.get(0), routes.name(hose.from()));
    end(line.get(line.size() - 1), routes.name(hose.to()));
    words(left, foot + HIGH + SIDE, Words.of(from.with(), world));
  }

  /** From where to where something lies, m. */
  private record Along(double low, double high) {
    static Along of(List<Vector3D> line, ToDoubleFunction<Vector3D> axis) {
      return new Along(
          line.stream().mapToDouble(axis).min().orElse(0),
          line.stream().mapToDouble(axis).max().orElse(0));
    }

    /** Never nothing, so that a straight hose has a scale. */
    double wide() {
      return Math.max(0.05, high - low);
    }
  }

  private void end(Vector2D at, Name name) {
    marks.add(new Drawing.Circle(Pen.DRILL, at.getX(), at.getY(), 3));
    words(at.getX() + 4, at.getY() - 7, Words.of(name));
  }

  private void words(double x, double y, String text) {
    marks.add(new Drawing.Words(Pen.NOTE, x, y, LETTERS, text, false));
  }

  private String size(double metres) {
    return Units.format(metres, Kind.SIZE, world, world == Units.World.METRIC ? 0 : 2);
  }
}
