package roadbreeze.server.route;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Name;
import roadbreeze.core.route.Hung;
import roadbreeze.core.route.OilWay;
import roadbreeze.core.route.Port;
import roadbreeze.core.route.Route;
import roadbreeze.core.route.RouteCheck;
import roadbreeze.core.route.RouteFinder;
import roadbreeze.core.route.RouteMend;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.Hose.HoseEnd;
import roadbreeze.server.build.HoseMapper;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;

/**
 * Lays hoses where nothing is in their way: straight from the ports, or by an elbow on one of them
 * or on both.
 *
 * @param hoses all of the build, those that could be laid with their way
 * @param blocked for each that could not what stands in its way, by id
 */
public record Laying(List<Hose> hoses, Map<String, List<Said.PartName>> blocked) {
  /** What a hose is called that nobody has named. */
  enum HoseName implements Code {
    JOINS;

    @Override
    public List<Parameter> parameters() {
      return Code.takes("from NAME", "to NAME");
    }
  }

  /** Length of a hose that nobody has measured, m; own default. */
  private static final double THOUGHT = 1.0;

  /** One hose laid anew between its own ends. */
  static Laying one(JobContent job, Build build, String id) {
    Routes routes = new Routes(job, build);
    List<Hose> hoses = new ArrayList<>();
    Map<String, List<Said.PartName>> blocked = new LinkedHashMap<>();
    for (Hose hose : build.lines().hoses()) {
      hoses.add(hose.id().equals(id) && hose.drawn() ? laid(routes, hose, blocked) : hose);
    }
    return new Laying(hoses, blocked);
  }

  /** Every hose that the build needs, none as it was. */
  public static Laying anew(JobContent job, Build build) {
    List<Hose> cleared =
        build.lines().hoses().stream()
            .map(h -> h.drawn() ? h.withFrom(null).withTo(null).withBends(List.of()) : h)
            .toList();
    Laying laid = all(job, build.withLines(build.lines().withHoses(cleared)));
    return new Laying(
        laid.hoses.stream().map(h -> adapted(h, build.lines().hoses())).toList(), laid.blocked);
  }

  /** With the adapters that were on the same ports before. */
  private static Hose adapted(Hose hose, List<Hose> before) {
    return hose.drawn()
        ? hose.withFrom(adapted(hose.from(), before)).withTo(adapted(hose.to(), before))
        : hose;
  }

  private static HoseEnd adapted(HoseEnd end, List<Hose> before) {
    return before.stream()
        .filter(Hose::drawn)
        .flatMap(h -> Stream.of(h.from(), h.to()))
        .filter(e -> e.at().equals(end.at()) && e.side() == end.side() && e.adapter() != null)
        .findFirst()
        .map(e -> end.withAdapter(e.adapter()))
        .orElse(end);
  }

  /** Every hose that the build needs; those that are drawn rightly stay as they are. */
  static Laying all(JobContent job, Build build) {
    Routes routes = new Routes(job, build);
    List<Hose> hoses = new ArrayList<>();
    Map<String, List<Said.PartName>> blocked = new LinkedHashMap<>();
    List<Hose> spare = new ArrayList<>(build.lines().hoses());
    int number = 0;
    for (OilWay.Run run : routes.needed()) {
      number++;
      Hose there =
          spare.stream()
              .filter(h -> run.equals(routes.run(h)) && routes.drawn.containsKey(h))
              .findFirst()
              .orElse(null);
      if (there != null) {
        spare.remove(there);
        hoses.add(there);
        continue;
      }
      Hose like = spare.stream().filter(h -> !h.drawn()).findFirst().orElse(null);
      spare.remove(like);
      Hose hose = like == null ? fresh(routes, free(number, hoses, spare)) : like;
      hose =
          hose.withName(named(routes, run))
              .withElbows(0)
              .withFrom(routes.end(run.from()))
              .withTo(routes.end(run.to()));
      Routes sofar = new Routes(job, build.withLines(build.lines().withHoses(hoses)));
      hoses.add(hose.drawn() ? laid(sofar, hose, blocked) : hose);
    }
    spare.stream().filter(Hose::drawn).forEach(hoses::add);
    return new Laying(hoses, blocked);
  }

  /** As long as one may be that cannot be drawn yet, of the bore of the first cooler's ports. */
  private static Hose fresh(Routes routes, String id) {
    double bore = routes.build.coolers().get(0).part().portBoreMm();
    return Hose.thought(id, "", THOUGHT, bore, 0, 2);
  }

  private static String named(Routes routes, OilWay.Run run) {
    return Words.of(
        HoseName.JOINS.with(routes.called(run.from()), routes.called(run.to())),
        Units.World.METRIC);
  }

  private static String free(int number, List<Hose> taken, List<Hose> spare) {
    List<Hose> all = new ArrayList<>(taken);
    all.addAll(spare);
    int n = number;
    List<String> ids = all.stream().map(Hose::id).toList();
    while (ids.contains("hose-" + n)) {
      n++;
    }
    return "hose-" + n;
  }

  private static Hose laid(Routes routes, Hose hose, Map<String, List<Said.PartName>> blocked) {
    Port from = routes.mapper.port(hose.from().bare()).orElse(null);
    Port to = routes.mapper.port(hose.to().bare()).orElse(null);
    if (from == null || to == null) {
      return hose;
    }
    RouteCheck check = routes.check(hose);
    RouteFinder.Result result =
        RouteFinder.lay(from.withElbows(), to.withElbows(), HoseMapper.size(hose), check);
    if (result instanceof RouteFinder.Result.Laid found) {
      Route route = found.route();
      Hose way =
          hose.withFrom(hose.from().leaving(from, route.from()))
              .withTo(hose.to().leaving(to, route.to()));
      return HoseMapper.entered(way, new Hung(route, List.of(), RouteMend.clips(route, check)));
    }
    List<Name> barred = ((RouteFinder.Result.Blocked) result).by();
    blocked.put(hose.id(), barred.stream().map(Said.PartName::of).toList());
    return hose;
  }
}
