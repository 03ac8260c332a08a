package roadbreeze.server.route;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.core.route.Hung;
import roadbreeze.core.route.Near;
import roadbreeze.core.route.OilWay;
import roadbreeze.core.route.Port;
import roadbreeze.core.route.Route;
import roadbreeze.core.route.RouteCheck;
import roadbreeze.core.route.RouteMend;
import roadbreeze.core.space.Neighbour;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.Hose.HoseEnd;
import roadbreeze.server.build.HoseMapper;
import roadbreeze.server.message.Said;
import roadbreeze.server.nose.NosePort;
import roadbreeze.server.space.SpaceResult.Place;

/**
 * A build's hoses as they run.
 *
 * @param ports that hoses can be joined to
 * @param faults of how they are joined, and of what they are cut from
 * @param remarks of what works but is better otherwise
 */
public record RouteResult(
    List<HoseRoute> hoses, List<RoutePort> ports, List<Said> faults, List<Said> remarks) {
  /** How many things near a hose are told. */
  private static final int NEAR = 6;

  /** Farther off nothing is told, m. */
  private static final double REACH = 0.15;

  /**
   * A hose as it runs.
   *
   * @param line its middle from port to port
   * @param fittedMm from port to port, slack for what rocks included
   * @param cutMm with what is left on both ends
   */
  public record HoseRoute(
      String hose,
      List<Place> line,
      double outsideMm,
      double leastRadiusMm,
      List<RouteCorner> corners,
      double fittedMm,
      double cutMm,
      List<RouteNear> near,
      List<RouteTrouble> troubles) {}

  /**
   * A corner as it comes out.
   *
   * @param bend id of the hose's own, null for one that a port asks for
   */
  public record RouteCorner(
      @Nullable String bend, Place at, double radiusMm, double degrees, double arcMm) {}

  /** The shortest way from a hose to something that stands there. */
  public record RouteNear(
      String thing,
      double gapMm,
      double wantedMm,
      double plusMinusMm,
      Neighbour.State state,
      Place from,
      Place to) {
    public static RouteNear of(Near n) {
      return new RouteNear(
          n.zone().name().id(),
          n.gap().length() * 1000,
          n.zone().wanted() * 1000,
          n.zone().plusMinus() * 1000,
          n.state(),
          Place.of(n.gap().from()),
          Place.of(n.gap().to()));
    }
  }

  /** Something that is wrong. */
  public record RouteTrouble(Said said, boolean serious, Place at) {
    static RouteTrouble of(RouteCheck.Found found) {
      return new RouteTrouble(
          Said.of(found.finding()), found.fault().serious(), Place.of(found.at()));
    }
  }

  /** Something that is wrong, with what mends it. */
  public record Mendable(RouteTrouble trouble, List<Mending> mends) {}

  /** What mends it, and the hose with that done. */
  public record Mending(RouteMend.Way way, Hose hose) {}

  /** A port with where it is and which way it looks. */
  public record RoutePort(HoseEnd end, Said.PartName name, Place at, Direction looks) {}

  static RouteResult of(Routes routes) {
    List<HoseRoute> hoses = new ArrayList<>();
    for (Map.Entry<Hose, Hung> drawn : routes.drawn.entrySet()) {
      hoses.add(route(routes, drawn.getKey(), drawn.getValue()));
    }
    return new RouteResult(
        hoses, ports(routes), Said.of(routes.faults()), Said.of(routes.drainBack()));
  }

  private static HoseRoute route(Routes routes, Hose hose, Hung hung) {
    RouteCheck check = routes.check(hose);
    Route route = hung.route();
    double fitted = route.fitted() * 1000;
    return new HoseRoute(
        hose.id(),
        route.line().stream().map(Place::of).toList(),
        route.hose().outside() * 1000,
        route.hose().leastRadius() * 1000,
        route.corners().stream().map(c -> corner(hose, c)).toList(),
        fitted,
        routes.build.lines().cutMm(fitted),
        Near.of(route, check.zones(), REACH).stream().limit(NEAR).map(RouteNear::of).toList(),
        check.of(hung).stream().map(RouteTrouble::of).toList());
  }

  private static RouteCorner corner(Hose hose, Route.Corner c) {
    boolean own = c.bend() >= 0 && c.bend() < hose.bends().size();
    return new RouteCorner(
        own ? hose.bends().get(c.bend()).id() : null,
        Place.of(c.at()),
        c.radius() * 1000,
        Math.toDegrees(c.angle()),
        c.arc() * 1000);
  }

  /** What is wrong with one hose, as in its route, and what mends that; none of one not drawn. */
  static List<Mendable> mends(Routes routes, String id) {
    List<Mendable> all = new ArrayList<>();
    routes.drawn.forEach(
        (hose, hung) -> {
          if (hose.id().equals(id)) {
            RouteCheck check = routes.check(hose);
            for (RouteCheck.Found found : check.of(hung)) {
              List<Mending> mends =
                  RouteMend.of(hung, found, check).stream()
                      .map(m -> new Mending(m.way(), HoseMapper.entered(hose, m.hung())))
                      .toList();
              all.add(new Mendable(RouteTrouble.of(found), mends));
            }
          }
        });
    return all;
  }

  private static List<RoutePort> ports(Routes routes) {
    List<RoutePort> ports = new ArrayList<>();
    for (NosePort own : routes.job.nose().ports()) {
      Name name = Name.given(own.id(), Name.Noun.LINE_PORT, own.name());
      add(routes, HoseEnd.bare(own.id(), null), name, ports);
    }
    for (FittedCooler cooler : routes.build.coolers()) {
      for (CoolerPorts.Side side : CoolerPorts.Side.values()) {
        Name name = routes.called(new OilWay.Stop.OfCooler(cooler.id(), side));
        add(routes, HoseEnd.bare(cooler.id(), side), name, ports);
      }
    }
    return ports;
  }

  private static void add(Routes routes, HoseEnd end, Name name, List<RoutePort> to) {
    Port port = routes.mapper.port(end).orElse(null);
    if (port != null) {
      to.add(new RoutePort(end, Said.PartName.of(name), Place.of(port.at()), port.looks()));
    }
  }
}
