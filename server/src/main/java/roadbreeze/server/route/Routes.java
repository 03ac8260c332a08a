package roadbreeze.server.route;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.LinePort;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.route.ClampAccess;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.core.route.DrainBack;
import roadbreeze.core.route.Hung;
import roadbreeze.core.route.OilWay;
import roadbreeze.core.route.OilWay.Stop;
import roadbreeze.core.route.Port;
import roadbreeze.core.route.RouteCheck;
import roadbreeze.core.space.Pack;
import roadbreeze.core.space.ToolAccess;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.Hose.HoseEnd;
import roadbreeze.server.build.HoseMapper;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.parts.HosePart;

/** A build's hoses in its truck's nose. */
public final class Routes {
  /** A cooler that keeps more of its oil is as good as full (-). */
  private static final double MUCH = 0.25;

  final JobContent job;
  final Build build;
  final HoseMapper mapper;
  final Map<Hose, Hung> drawn;
  final Setup setup;
  private final ToolAccess access;

  public Routes(JobContent job, Build build) {
    this.job = job;
    this.build = build;
    setup = job.setup(build);
    mapper = new HoseMapper(build, setup);
    drawn = mapper.drawn();
    access = new ToolAccess(setup.standing(), Pack.of(setup).pieces());
  }

  /** What a hose is held against: what stands there, and the other hoses. */
  RouteCheck check(Hose hose) {
    return new RouteCheck(mapper.zones(hose), setup.bumperLow());
  }

  /** The hoses that the build needs. */
  List<OilWay.Run> needed() {
    return OilWay.of(
        build.oilOrder(),
        setup.tank().isPresent(),
        build.coolers().stream().map(FittedCooler::id).toList(),
        build.parallel());
  }

  /** The run that a hose is; null where an end of it is unknown. */
  @Nullable
  OilWay.Run run(Hose hose) {
    Stop from = stop(hose.from());
    Stop to = stop(hose.to());
    return from == null || to == null ? null : new OilWay.Run(from, to);
  }

  @Nullable
  private Stop stop(@Nullable HoseEnd end) {
    if (end == null) {
      return null;
    }
    if (end.side() != null) {
      return new Stop.OfCooler(end.at(), end.side());
    }
    return job.nose().ports().stream()
        .filter(p -> p.id().equals(end.at()))
        .findFirst()
        .map(p -> new Stop.Own(p.what()))
        .orElse(null);
  }

  /** The port that a stop of the oil's way is; null where nobody has measured it. */
  @Nullable
  HoseEnd end(Stop stop) {
    if (stop instanceof Stop.OfCooler c) {
      return HoseEnd.bare(c.id(), c.side());
    }
    LinePort.What what = ((Stop.Own) stop).what();
    return job.nose().ports().stream()
        .filter(p -> p.what() == what)
        .findFirst()
        .map(p -> HoseEnd.bare(p.id(), null))
        .orElse(null);
  }

  /**
   * Where the hose starts that brings oil to a cooler, or ends that takes it on; empty where that
   * is not measured.
   */
  public Optional<Vector3D> otherEnd(String cooler, CoolerPorts.Side side) {
    Stop here = new Stop.OfCooler(cooler, side);
    return needed().stream()
        .filter(run -> here.equals(side == CoolerPorts.Side.IN ? run.to() : run.from()))
        .map(run -> end(side == CoolerPorts.Side.IN ? run.from() : run.to()))
        .filter(Objects::nonNull)
        .flatMap(end -> mapper.port(end).stream())
        .map(Port::at)
        .findFirst();
  }

  /**
   * How a driver gets on the clamp at an end of a hose, with everything in; empty where its port is
   * not in the nose.
   */
  Optional<ClampAccess> clamp(Hose hose, HoseEnd end) {
    double outside = HoseMapper.size(hose).outside();
    return mapper.port(end).map(port -> ClampAccess.of(port, outside, access, this::fitted));
  }

  /** A thing that the work puts in: a cooler or a fan of the build. */
  private boolean fitted(Name thing) {
    return setup.fitting().coolers().stream().anyMatch(c -> c.name().equals(thing))
        || setup.fitting().fans().stream().anyMatch(f -> f.name().equals(thing));
  }

  /** What a person calls the port that an end is on. */
  Name name(HoseEnd end) {
    return called(stop(end));
  }

  /** What a person calls a stop. */
  Name called(Stop stop) {
    if (stop instanceof Stop.OfCooler c) {
      int index = build.coolers().stream().map(FittedCooler::id).toList().indexOf(c.id());
      boolean in = c.side() == CoolerPorts.Side.IN;
      Name.Noun noun = in ? Name.Noun.COOLER_INLET : Name.Noun.COOLER_OUTLET;
      return Name.of(c.id(), noun, index);
    }
    LinePort.What what = ((Stop.Own) stop).what();
    return job.nose().ports().stream()
        .filter(p -> p.what() == what)
        .findFirst()
        .map(p -> Name.given(p.id(), Name.Noun.LINE_PORT, p.name()))
        .orElse(
            Name.of(
                switch (what) {
                  case FEED_LINE -> Name.Noun.FEED_LINE;
                  case RETURN_LINE -> Name.Noun.RETURN_LINE;
                  case TANK_IN -> Name.Noun.TANK_INLET;
                  case TANK_OUT -> Name.Noun.TANK_OUTLET;
                }));
  }

  /** Everything that is wrong with how hoses are joined and with what they are cut from. */
  List<Finding> faults() {
    List<Finding> found = new ArrayList<>();
    if (build.coolers().isEmpty()) {
      return found;
    }
    List<OilWay.Run> runs = needed();
    List<OilWay.Run> there = new ArrayList<>();
    for (Hose hose : build.lines().hoses()) {
      stock(hose, found);
      if (!hose.drawn()) {
        continue;
      }
      OilWay.Run run = run(hose);
      if (run == null || !drawn.containsKey(hose)) {
        found.add(WayFault.PORT_GONE.with(HoseMapper.name(hose)));
      } else if (there.contains(run)) {
        found.add(WayFault.TAKEN_TWICE.with(called(run.from())));
      } else if (runs.contains(run) || tankLoop(run)) {
        there.add(run);
      } else if (OilWay.backwards(run, runs)) {
        found.add(WayFault.BACKWARDS.with(HoseMapper.name(hose)));
      } else {
        found.add(WayFault.JOINS_NOTHING_NEEDED.with(HoseMapper.name(hose)));
      }
    }
    for (OilWay.Run run : runs) {
      for (Stop stop : List.of(run.from(), run.to())) {
        if (end(stop) == null) {
          Finding unknown = WayFault.PORT_UNKNOWN.with(called(stop));
          if (!found.contains(unknown)) {
            found.add(unknown);
          }
        }
      }
      if (!there.contains(run)) {
        found.add(WayFault.NOT_JOINED.with(called(run.from()), called(run.to())));
      }
    }
    boolean bypassed = setup.tank().isPresent() && build.oilOrder() == OilOrder.TANK_BYPASSED;
    if (bypassed && !build.lines().tankCapped() && there.stream().noneMatch(Routes::tankLoop)) {
      found.add(WayFault.TANK_OPEN.with());
    }
    return found;
  }

  /** Coolers that run empty while the truck is parked: it works, but each start waits. */
  List<Finding> drainBack() {
    List<Finding> found = new ArrayList<>();
    Pack pack = Pack.of(setup);
    for (int i = 0; i < build.coolers().size(); i++) {
      String id = build.coolers().get(i).id();
      CoolerFit fit = setup.fitting().coolers().get(i);
      double share = 0;
      int out = 0;
      for (Map.Entry<Hose, Hung> hung : drawn.entrySet()) {
        for (HoseEnd end : List.of(hung.getKey().from(), hung.getKey().to())) {
          Port port = end.at().equals(id) ? mapper.port(end).orElse(null) : null;
          if (port != null && DrainBack.runsOut(port, hung.getValue().route())) {
            out++;
            share = Math.max(share, DrainBack.over(pack.box(fit.name()), port));
          }
        }
      }
      // Where oil runs out by one hose, air must come in by the other.
      if (out > 1 && share > MUCH) {
        found.add(WayFault.DRAINS_BACK.with(fit.name(), share * fit.part().channels().volume()));
      }
    }
    return found;
  }

  /** Joins the two ports of a tank that the oil goes past. */
  private static boolean tankLoop(OilWay.Run run) {
    return List.of(run.from(), run.to())
        .containsAll(
            List.of(new Stop.Own(LinePort.What.TANK_IN), new Stop.Own(LinePort.What.TANK_OUT)));
  }

  /** A rating that is not known is asked for, never guessed. */
  private void stock(Hose hose, List<Finding> found) {
    HosePart stock = hose.stock();
    if (stock == null) {
      return;
    }
    if (stock.carries() != HosePart.Carries.GEARBOX_OIL) {
      found.add(WayFault.NOT_FOR_OIL.with(HoseMapper.name(hose), stock.name()));
    }
    double pump = job.rig().foundLines().pumpMaxKpa();
    if (stock.ratedKpa() == null) {
      found.add(WayFault.NO_PRESSURE_RATING.with(HoseMapper.name(hose), stock.name()));
    } else if (stock.ratedKpa() < pump) {
      found.add(
          WayFault.PRESSURE_OVER.with(HoseMapper.name(hose), stock.ratedKpa() * 1e3, pump * 1e3));
    }
    double hottest = job.limits().feed();
    if (stock.ratedC() == null) {
      found.add(WayFault.NO_HEAT_RATING.with(HoseMapper.name(hose), stock.name()));
    } else if (stock.ratedC() < hottest) {
      found.add(WayFault.HEAT_OVER.with(HoseMapper.name(hose), stock.ratedC(), hottest));
    }
  }
}
