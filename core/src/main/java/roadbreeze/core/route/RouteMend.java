package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Code;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Nature;

/**
 * What mends a fault of a hose.
 *
 * @param hung the hose with it done
 */
public record RouteMend(Way way, Hung hung) {
  /** What is done. */
  public enum Way implements Code {
    SLEEVE,
    HEAT_WRAP,
    GROMMET,
    CLIPS,
    MOVE,
    ROUNDER,
    OPEN_OUT
  }

  /** More than just enough, m; nobody bends a hose to the millimetre. */
  private static final double SPARE = 0.003;

  /** A corner so near to the tight place is moved itself, m. */
  private static final double CORNER_NEAR = 0.060;

  /** A hose that would have to go farther is laid anew, m. */
  private static final double FARTHEST = 0.4;

  /** More pushes are not tried: who has not moved by then is laid anew. */
  private static final int MOST_TRIES = 60;

  /** Metal within this of a place is as good as any, m. */
  private static final double EVEN = 0.005;

  /** Everything that would help against one fault, least work first. */
  public static List<RouteMend> of(Hung hung, RouteCheck.Found found, RouteCheck check) {
    List<RouteMend> mends = new ArrayList<>();
    switch (found.fault()) {
      case CHAFES -> {
        guarded(hung, found, Guard.Kind.SLEEVE, mends);
        moved(hung, found, check).ifPresent(mends::add);
      }
      case MAYBE_NEAR -> {
        Nature nature = found.near().zone().nature();
        if (nature != Nature.MOVING && nature != Nature.HOT) {
          guarded(hung, found, Guard.Kind.SLEEVE, mends);
        }
        moved(hung, found, check).ifPresent(mends::add);
      }
      case NEAR_HOT -> {
        moved(hung, found, check).ifPresent(mends::add);
        if (found.near().gap().length() >= Hung.WRAPPED) {
          guarded(hung, found, Guard.Kind.HEAT_WRAP, mends);
        }
      }
      case NEAR_MOVING -> moved(hung, found, check).ifPresent(mends::add);
      case THROUGH -> {
        moved(hung, found, check).ifPresent(mends::add);
        if (found.near().zone().sheet()) {
          guarded(hung, found, Guard.Kind.GROMMET, mends);
        }
      }
      case HANGS_FREE, CLIP_ON_NOTHING -> clipped(hung, check).ifPresent(mends::add);
      case KINKS -> rounder(hung, found).ifPresent(mends::add);
      case BEND_HAS_NO_ROOM, FOLDED, TWISTS -> opened(hung, found).ifPresent(mends::add);
      case LOW, TRAPS_AIR -> moved(hung, found, check).ifPresent(mends::add);
    }
    return mends;
  }

  /** Clips anew, where that leaves less wrong than there is. */
  private static Optional<RouteMend> clipped(Hung hung, RouteCheck check) {
    Hung anew = new Hung(hung.route(), hung.guards(), clips(hung.route(), check));
    return trouble(check.of(anew)) < trouble(check.of(hung))
        ? Optional.of(new RouteMend(Way.CLIPS, anew))
        : Optional.empty();
  }

  private static void guarded(
      Hung hung, RouteCheck.Found found, Guard.Kind by, List<RouteMend> to) {
    List<Guard> guards = new ArrayList<>(hung.guards());
    guards.add(new Guard(by, found.near().zone().name().id()));
    to.add(new RouteMend(Way.valueOf(by.name()), new Hung(hung.route(), guards, hung.clips())));
  }

  /** The corner with the radius that the hose asks for. */
  private static Optional<RouteMend> rounder(Hung hung, RouteCheck.Found found) {
    Route route = hung.route();
    if (found.bend() < 0 || found.bend() >= route.bends().size()) {
      return Optional.empty();
    }
    List<Bend> bends = new ArrayList<>(route.bends());
    bends.set(found.bend(), new Bend(bends.get(found.bend()).at(), route.hose().leastRadius()));
    return Optional.of(new RouteMend(Way.ROUNDER, hung.through(bends)));
  }

  /** Without a corner that has no room, where the hose is the better for it. */
  private static Optional<RouteMend> opened(Hung hung, RouteCheck.Found found) {
    List<Bend> bends = hung.route().bends();
    int before = bent(hung.route());
    for (int off : new int[] {0, -1, 1}) {
      int drop = found.bend() + off;
      if (drop >= 0 && drop < bends.size()) {
        List<Bend> fewer = new ArrayList<>(bends);
        fewer.remove(drop);
        if (bent(hung.route().through(fewer)) < before) {
          return Optional.of(new RouteMend(Way.OPEN_OUT, hung.through(fewer)));
        }
      }
    }
    return Optional.empty();
  }

  /** How many faults its bends have. */
  private static int bent(Route route) {
    return new RouteCheck(List.of(), OptionalDouble.empty())
        .of(new Hung(route, List.of(), List.of())).stream()
            .mapToInt(
                f ->
                    switch (f.fault()) {
                      case KINKS, BEND_HAS_NO_ROOM, FOLDED, TWISTS -> 1;
                      default -> 0;
                    })
            .sum();
  }

  /** A point of the hose moved off, if that leaves nothing worse than it was. */
  private static Optional<RouteMend> moved(Hung hung, RouteCheck.Found found, RouteCheck check) {
    double before = trouble(check.of(hung));
    return pushes(found)
        .flatMap(push -> pushed(hung, found, push))
        .limit(MOST_TRIES)
        .filter(
            h -> {
              List<RouteCheck.Found> now = check.of(h);
              return !stillThere(found, now) && trouble(now) < before;
            })
        .findFirst()
        .map(h -> new RouteMend(Way.MOVE, h));
  }

  private static boolean stillThere(RouteCheck.Found found, List<RouteCheck.Found> now) {
    return now.stream()
        .anyMatch(
            f ->
                f.near() == null || found.near() == null
                    ? f.fault() == found.fault()
                    : f.near().zone().equals(found.near().zone()));
  }

  private static double trouble(List<RouteCheck.Found> found) {
    return found.stream().mapToDouble(f -> f.fault().serious() ? 10 : 1).sum();
  }

  /** The steps that would take the hose off what it is too near to, shortest first. */
  private static Stream<Vector3D> pushes(RouteCheck.Found found) {
    if (found.near() == null) {
      double by = 0.02 + found.finding().amount(found.fault() == RouteFault.LOW ? "under" : "over");
      double sign = found.fault() == RouteFault.LOW ? 1 : -1;
      return Stream.of(new Vector3D(0, sign * by, 0));
    }
    Near near = found.near();
    double wanted = near.zone().surely() + SPARE;
    double gap = near.gap().length();
    List<Vector3D> ways = new ArrayList<>();
    if (gap > 0) {
      Vector3D off = near.gap().from().subtract(near.gap().to()).normalize();
      for (double more : new double[] {1, 1.5, 2.5}) {
        ways.add(off.scalarMultiply((wanted - gap) * more));
      }
    }
    Box box = near.zone().shape().bounds();
    for (Axis axis : Axis.values()) {
      double at = axis.of(near.gap().from());
      ways.add(axis.along().scalarMultiply(box.high(axis) + wanted - at));
      ways.add(axis.along().scalarMultiply(box.low(axis) - wanted - at));
    }
    return ways.stream()
        .filter(w -> w.getNorm() < FARTHEST)
        .sorted((a, b) -> Double.compare(a.getNorm(), b.getNorm()));
  }

  /** The hose with the corner that is near pushed, or with one more where it is too near. */
  private static Stream<Hung> pushed(Hung hung, RouteCheck.Found found, Vector3D push) {
    Route route = hung.route();
    List<Bend> bends = route.bends();
    List<Hung> ways = new ArrayList<>();
    for (int i = 0; i < bends.size(); i++) {
      if (bends.get(i).at().distance(found.at()) < CORNER_NEAR + push.getNorm()) {
        List<Bend> next = new ArrayList<>(bends);
        next.set(i, bends.get(i).at(bends.get(i).at().add(push)));
        ways.add(hung.through(next));
      }
    }
    for (int i = 1; i < bends.size(); i++) {
      List<Bend> next = new ArrayList<>(bends);
      next.set(i - 1, bends.get(i - 1).at(bends.get(i - 1).at().add(push)));
      next.set(i, bends.get(i).at(bends.get(i).at().add(push)));
      ways.add(hung.through(next));
    }
    List<Bend> more = new ArrayList<>(bends);
    more.add(place(route, found.at()), new Bend(found.at().add(push), route.hose().leastRadius()));
    ways.add(hung.through(more));
    return ways.stream();
  }

  /** Between which corners a place of the hose lies. */
  private static int place(Route route, Vector3D at) {
    MiddleLine line = new MiddleLine(route.line());
    double along = line.nearest(at);
    int before = 0;
    for (Bend bend : route.bends()) {
      before += line.nearest(bend.at()) < along ? 1 : 0;
    }
    return before;
  }

  /** Clips so that nothing hangs free, each where metal is nearest. */
  public static List<Double> clips(Route route, RouteCheck check) {
    MiddleLine line = new MiddleLine(route.line());
    int spans = (int) Math.ceil(line.length() / RouteCheck.SPAN - 1e-6);
    double even = line.length() / spans;
    // How far each may slide without any span growing too long.
    double play = (RouteCheck.SPAN - even) / 2;
    List<Double> clips = new ArrayList<>();
    for (int i = 1; i < spans; i++) {
      double best = i * even;
      double least = check.toMetal(line.at(best));
      for (int k = -4; k <= 4; k++) {
        double there = i * even + play * k / 4;
        double far = check.toMetal(line.at(there));
        if (far < least - EVEN) {
          least = far;
          best = there;
        }
      }
      clips.add(Math.round(best * 1000) / 1000.0);
    }
    return clips;
  }
}
