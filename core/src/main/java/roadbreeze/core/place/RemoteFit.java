package roadbreeze.core.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.nose.RemotePlace;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.Turn;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.space.Corner;

/**
 * A cooler with a fan of its own held against a place away from the pack.
 *
 * @param turn that needs the least room
 * @param lacks what the place has too little of; none where it fits
 */
public record RemoteFit(RemotePlace place, Turn turn, List<Finding> lacks) {
  /** Too little room. */
  public enum Lack implements Code {
    WIDTH("is SIZE", "wanted SIZE"),
    HEIGHT("is SIZE", "wanted SIZE"),
    DEPTH("is SIZE", "wanted SIZE");

    private final List<Parameter> parameters;

    Lack(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** Metal round a screw of an ear, m; own default. */
  private static final double ROUND_EAR = 0.010;

  /** A hose's own end on a port before it turns, m; own default. */
  private static final double ON_PORT = 0.030;

  /** A fan with its relay, fuse and loom, beside what any place takes, s; own default. */
  private static final double WIRED = 60 * 60;

  public static RemoteFit of(RemotePlace place, OilCooler part, PlaceFinder.Asked asked) {
    return Stream.of(Turn.AS_DRAWN, Turn.QUARTER_LEFT)
        .map(turn -> of(place, turn, part, asked))
        .min(Comparator.comparingDouble(RemoteFit::missing))
        .orElseThrow();
  }

  private static RemoteFit of(
      RemotePlace place, Turn turn, OilCooler part, PlaceFinder.Asked asked) {
    double mouth = ON_PORT + asked.hose().leastRadius() + asked.hose().outside() / 2;
    CoolerPorts.Look look = asked.ports().look();
    double wide = Math.max(part.width(), asked.ears().across() + 2 * ROUND_EAR);
    double high = Math.max(part.height(), asked.ears().up() + 2 * ROUND_EAR);
    double deep = part.depth() + Clearance.PUSHER_DEPTH + 2 * PlaceFinder.AIR;
    switch (look) {
      case ASIDE -> {
        // Past the core's end, not past the ear beside it.
        double ends = part.passes() % 2 == 0 ? 1 : 2;
        wide = Math.max(wide, part.width() + ends * mouth);
      }
      case UP -> high += mouth;
      case FORWARD -> deep = Math.max(deep, part.depth() + Clearance.PUSHER_DEPTH + mouth);
    }
    List<Finding> lacks = new ArrayList<>();
    double known = place.plusMinus();
    lack(Lack.WIDTH, place.width() - known, turn.onEnd() ? high : wide, lacks);
    lack(Lack.HEIGHT, place.height() - known, turn.onEnd() ? wide : high, lacks);
    lack(Lack.DEPTH, place.depth() - known, deep, lacks);
    return new RemoteFit(place, turn, List.copyOf(lacks));
  }

  private static void lack(Lack what, double is, double wanted, List<Finding> lacks) {
    if (is < wanted) {
      lacks.add(what.with(is, wanted));
    }
  }

  public boolean fits() {
    return lacks.isEmpty();
  }

  private double missing() {
    return lacks.stream().mapToDouble(l -> l.amount("wanted") - l.amount("is")).sum();
  }

  /** Holes to be drilled, where there are too few for its ears. */
  public int toDrill() {
    return Math.max(0, Corner.values().length - place.holes());
  }

  /** Of hands for brackets, holes and the fan's wiring, s. */
  public double time() {
    return Place.time(Corner.values().length - toDrill(), toDrill(), List.of()) + WIRED;
  }
}
