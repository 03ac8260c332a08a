package roadbreeze.server.build;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import roadbreeze.core.explain.Name;
import roadbreeze.core.line.Line;
import roadbreeze.core.line.PlannedHose;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.LinePort;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.route.Bend;
import roadbreeze.core.route.Guard;
import roadbreeze.core.route.HoseSize;
import roadbreeze.core.route.Hung;
import roadbreeze.core.route.Port;
import roadbreeze.core.route.Route;
import roadbreeze.core.route.Zone;
import roadbreeze.core.space.Pack;
import roadbreeze.server.build.Hose.HoseBend;
import roadbreeze.server.build.Hose.HoseClip;
import roadbreeze.server.build.Hose.HoseEnd;
import roadbreeze.server.build.Hose.HoseGuard;
import roadbreeze.server.message.Units;
import roadbreeze.server.nose.NoseMapper;
import roadbreeze.server.nose.NoseRemotePlace;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.parts.HosePart;
import roadbreeze.server.parts.PartMapper;

/** Hoses as people enter them, made the core's, and back. */
public final class HoseMapper {
  /** Loss of a swept 90° elbow and of an adapter or barb, velocity heads: handbook values. */
  private static final double ELBOW_LOSS = 0.9;

  private static final double ADAPTER_LOSS = 1.0;

  /** Straight through a tee: handbook value. */
  private static final double TEE_LOSS = 0.6;

  /** Of a quarter bend of six bores' radius, 17 times the friction factor of rough flow. */
  private static final double BEND_LOSS = 0.46;

  private final Build build;
  private final Setup setup;
  private final Pack pack;

  /**
   * @param setup the truck with the build on it
   */
  public HoseMapper(Build build, Setup setup) {
    this.build = build;
    this.setup = setup;
    pack = Pack.of(setup);
  }

  /**
   * The truck with a build's hoses as long as they are drawn.
   *
   * @param setup with none
   * @param nose with the places away from the pack
   */
  public static Setup withHoses(Setup setup, Build build, NoseSection nose) {
    List<PlannedHose> hoses = new ArrayList<>();
    HoseMapper mapper =
        build.lines().hoses().stream().anyMatch(Hose::drawn) ? new HoseMapper(build, setup) : null;
    for (Hose hose : build.lines().hoses()) {
      Route route = mapper == null ? null : mapper.route(hose);
      Line line = line(hose, tees(build, hose), route, thought(hose, build, nose));
      hoses.add(new PlannedHose(line, branch(build, hose)));
    }
    return setup.with(setup.fitting().withHoses(hoses));
  }

  /**
   * Which of several coolers side by side a hose serves: the one that it ends at. Of hoses that are
   * only thought there are two to each cooler, in the order of the plan.
   */
  private static int branch(Build build, Hose hose) {
    if (!build.parallel() || build.coolers().size() < 2) {
      return PlannedHose.COMMON;
    }
    List<String> coolers = build.coolers().stream().map(FittedCooler::id).toList();
    if (!hose.drawn()) {
      int cooler = build.lines().hoses().indexOf(hose) / 2;
      return cooler < coolers.size() ? cooler : PlannedHose.COMMON;
    }
    HoseEnd end = hose.from().side() == null ? hose.to() : hose.from();
    int cooler = coolers.indexOf(end.at());
    return end.side() == null || cooler < 0 ? PlannedHose.COMMON : cooler;
  }

  /** As long as the way to the place away from the pack that its cooler hangs in, or as thought. */
  private static double thought(Hose hose, Build build, NoseSection nose) {
    return Stream.of(hose.from(), hose.to())
        .filter(end -> end != null && end.side() != null)
        .flatMap(end -> build.coolers().stream().filter(c -> c.id().equals(end.at())))
        .flatMap(c -> c.remote(nose).stream())
        .mapToDouble(NoseRemotePlace::hoseM)
        .max()
        .orElse(hose.lengthM());
  }

  /**
   * @param route null where it is not drawn, or its ports are not there
   * @param thought its length then
   */
  private static Line line(Hose hose, long tees, @Nullable Route route, double thought) {
    double loss = hose.elbows() * ELBOW_LOSS + tees * TEE_LOSS;
    double bore = Units.mm(hose.bore());
    if (route == null) {
      return new Line(thought, bore, loss + hose.adapters() * ADAPTER_LOSS);
    }
    loss += joint(hose.from()) + joint(hose.to());
    loss +=
        ((hose.from().elbow() == null ? 0 : 1) + (hose.to().elbow() == null ? 0 : 1)) * ELBOW_LOSS;
    double quarters =
        route.corners().stream().mapToDouble(Route.Corner::angle).sum() / (Math.PI / 2);
    return new Line(route.fitted(), bore, loss + quarters * BEND_LOSS);
  }

  private static double joint(Hose.HoseEnd end) {
    return end.adapter() == null ? ADAPTER_LOSS : end.adapter().loss();
  }

  private static long tees(Build build, Hose hose) {
    return build.lines().in(hose).stream()
        .filter(in -> in.what() == Inline.What.SENSOR_TEE)
        .count();
  }

  /** A hose as it runs, null where it is not drawn or its ports are not there. */
  @Nullable
  public Route route(Hose hose) {
    Port from = hose.from() == null ? null : port(hose.from()).orElse(null);
    Port to = hose.to() == null ? null : port(hose.to()).orElse(null);
    if (from == null || to == null || from.at().distance(to.at()) < 1e-6) {
      return null;
    }
    List<Bend> bends =
        hose.bends().stream()
            .map(
                b ->
                    new Bend(
                        NoseMapper.point(b.acrossMm(), b.upMm(), b.backMm()),
                        Units.mm(b.radiusMm())))
            .toList();
    return new Route(from, bends, to, size(hose));
  }

  /** The same with how it is held and guarded. */
  @Nullable
  public Hung hung(Hose hose) {
    Route route = route(hose);
    return route == null
        ? null
        : new Hung(
            route,
            hose.guards().stream().map(g -> new Guard(g.kind(), g.thing())).toList(),
            hose.clips().stream().map(c -> Units.mm(c.atMm())).toList());
  }

  /** Of its sheet; as usual hose of its bore where that says nothing. */
  public static HoseSize size(Hose hose) {
    HosePart stock = hose.stock();
    HoseSize usual = HoseSize.usual(Units.mm(hose.bore()));
    return stock == null
        ? usual
        : new HoseSize(
            usual.bore(),
            Units.mm(stock.outsideMm()),
            stock.minRadiusMm() == null ? usual.leastRadius() : Units.mm(stock.minRadiusMm()));
  }

  /** A port of the truck's own lines or of a cooler that stands in the pack. */
  public Optional<Port> port(HoseEnd end) {
    // An elbow turns a hose aside; there is none that turns it on or back.
    return bare(end)
        .map(
            p ->
                end.elbow() == null || end.elbow().axis() == p.looks().axis()
                    ? p
                    : p.elbowed(end.elbow()));
  }

  private Optional<Port> bare(HoseEnd end) {
    for (LinePort own : setup.truck().front().nose().ports()) {
      if (own.name().id().equals(end.at()) && end.side() == null) {
        return Optional.of(new Port(own.name(), own.at(), own.looks(), own.rocks()));
      }
    }
    for (int i = 0; i < build.coolers().size() && end.side() != null; i++) {
      FittedCooler cooler = build.coolers().get(i);
      CoolerFit fit = setup.fitting().coolers().get(i);
      if (cooler.id().equals(end.at()) && cooler.place() != CoolerFit.Place.ELSEWHERE) {
        return Optional.of(
            PartMapper.ports(cooler.part(), cooler.portsSwapped())
                .port(fit, pack.box(fit.name()), end.side()));
      }
    }
    return Optional.empty();
  }

  /** A hose as it runs now. */
  public static Hose entered(Hose hose, Hung hung) {
    List<HoseBend> bends = bends(hung.route().bends());
    List<HoseGuard> guards = new ArrayList<>();
    for (Guard g : hung.guards()) {
      guards.add(new HoseGuard("guard-" + (guards.size() + 1), g.kind(), g.from()));
    }
    List<HoseClip> clips = new ArrayList<>();
    for (double at : hung.clips()) {
      clips.add(new HoseClip("clip-" + (clips.size() + 1), NoseMapper.mm(at)));
    }
    return hose.withBends(bends).withGuards(guards).withClips(clips);
  }

  private static List<HoseBend> bends(List<Bend> bends) {
    List<HoseBend> entered = new ArrayList<>();
    for (Bend b : bends) {
      entered.add(
          new HoseBend(
              "bend-" + (entered.size() + 1),
              NoseMapper.mm(Axis.ACROSS.of(b.at())),
              NoseMapper.mm(Axis.UP.of(b.at())),
              NoseMapper.mm(Axis.BACK.of(b.at())),
              NoseMapper.mm(b.radius())));
    }
    return entered;
  }

  /** The hoses of the build that are drawn, as they run. */
  public Map<Hose, Hung> drawn() {
    Map<Hose, Hung> drawn = new LinkedHashMap<>();
    for (Hose hose : build.lines().hoses()) {
      Hung hung = hung(hose);
      if (hung != null) {
        drawn.put(hose, hung);
      }
    }
    return drawn;
  }

  /** What a hose keeps out of: what stands in the nose, the pack, and the other hoses. */
  public List<Zone> zones(Hose hose) {
    List<Zone> zones = new ArrayList<>(Zone.of(setup, pack));
    drawn()
        .forEach(
            (other, hung) -> {
              if (!other.id().equals(hose.id())) {
                zones.add(new Zone(name(other), hung.route().tube(), Nature.HOSE, false, 0));
              }
            });
    return zones;
  }

  /** What a hose is called. */
  public static Name name(Hose hose) {
    return Name.given(hose.id(), Name.Noun.HOSE, hose.name());
  }
}
