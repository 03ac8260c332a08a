package roadbreeze.server.finder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.finder.CoolerChoice;
import roadbreeze.core.finder.Found;
import roadbreeze.core.finder.Opening;
import roadbreeze.core.finder.PackChoice;
import roadbreeze.core.finder.Search;
import roadbreeze.core.finder.ThermostatChoice;
import roadbreeze.core.fit.Clearance;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.workorder.Task;
import roadbreeze.core.workorder.WorkOrder;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.parts.ThermostatPart;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.CoreSize;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.FittedCooler;
import roadbreeze.server.rig.FittedFan;
import roadbreeze.server.rig.RadiatorPart;
import roadbreeze.server.rig.RigFactory;
import roadbreeze.server.sizing.Assessment;
import roadbreeze.server.sizing.Assessor;

/** Lays a job and the catalogue out as a search of the core, and reads its finds back as builds. */
final class SearchSpace {
  /** Gap a found cooler is stood off with, foamed round, mm. */
  private static final double GAP = 20;

  /** A radiator may be this much larger than the truck's own and still go in its mounts, mm. */
  private static final double RADIATOR_SLACK = 20;

  /** And this much deeper before the fan has to give way, mm. */
  private static final double RADIATOR_DEPTH_SLACK = 26;

  /** Thermostats tried: the nearest colder ones. A hotter one helps no limit. */
  private static final int COLDER = 2;

  private static final String KEPT = "kept";

  private final FinderRequest request;
  private final JobContent job;
  private final Build base;
  private final Map<String, CoolerPart> coolers = new HashMap<>();
  private final Map<String, Build> packs = new HashMap<>();
  private final Map<String, ThermostatPart> thermostats = new HashMap<>();
  private final Map<String, List<String>> packParts = new HashMap<>();
  private long radiatorsTooLarge;
  private long fansTooLarge;
  private long fansOverCurrent;

  SearchSpace(FinderRequest request) {
    this.request = request;
    job = request.job();
    if (request.build() >= job.builds().size()) {
      throw new BadInputException("build", "this job has no build " + request.build());
    }
    base = job.builds().get(request.build()).withCoolers(List.of());
  }

  /**
   * @throws NotConvergedException if the truck has no steady state on its road to start from
   */
  Search search(PartsService parts, Assessor assessor) {
    Assessment.BuildState here = assessor.assess(job, base);
    if (here.problem() != null) {
      throw new NotConvergedException("the truck restored gives no start: " + here.problem());
    }
    List<PackChoice> packChoices = packs(parts);
    List<CoolerChoice> coolerChoices = new ArrayList<>();
    for (CoolerPart part : parts.oilCoolers()) {
      coolers.put(part.code(), part);
      coolerChoices.add(cooler(part));
    }
    return new Search(
        packChoices,
        coolerChoices,
        true,
        thermostats(parts),
        new Opening(
            RigFactory.opening(job.vehicle().cooling()),
            (job.vehicle().cooling().openingDepthMm() - GAP) / 1000,
            job.obstacles().stream().map(RigFactory::rectangle).toList(),
            Clearance.CORE_TO_METAL),
        job.haul().toCore(),
        job.vehicle().limits().toCore(),
        here.coolant().limitC(),
        here.coolant().bandK(),
        here.feed().bandK(),
        here.pan().bandK(),
        request.budget(),
        request.hours() * 60);
  }

  long radiatorsTooLarge() {
    return radiatorsTooLarge;
  }

  long fansOverCurrent() {
    return fansOverCurrent;
  }

  long fansTooLarge() {
    return fansTooLarge;
  }

  private CoolerChoice cooler(CoolerPart part) {
    Build with = base.withCoolers(List.of(fitted(part, 0, 0)));
    return new CoolerChoice(
        part.code(),
        RigFactory.fin(part),
        RigFactory.channels(part),
        part.widthMm() / 1000,
        part.heightMm() / 1000,
        part.depthMm() / 1000,
        RigFactory.bypass(part),
        Assessor.lines(job, with).hot().flowShare(),
        part.price(),
        minutes(WorkScope.Part.COOLER, WorkScope.Part.STRIPS));
  }

  private static FittedCooler fitted(CoolerPart part, double left, double bottom) {
    return new FittedCooler(part, FittedCooler.Place.FRONT, left, bottom, GAP, true, null, 1);
  }

  private List<ThermostatChoice> thermostats(PartsService parts) {
    List<ThermostatChoice> choices = new ArrayList<>();
    choices.add(
        new ThermostatChoice(
            KEPT,
            new Thermostat(base.switching().thermostatStartC(), base.switching().thermostatFullC()),
            0,
            0));
    if (request.thermostats()) {
      parts.thermostats().stream()
          .filter(p -> p.startC() < base.switching().thermostatStartC())
          .sorted(Comparator.comparingDouble(p -> -p.startC()))
          .limit(COLDER)
          .forEach(
              part -> {
                thermostats.put(part.code(), part);
                choices.add(
                    new ThermostatChoice(
                        part.code(),
                        new Thermostat(part.startC(), part.fullC()),
                        part.price(),
                        minutes(WorkScope.Part.THERMOSTAT)));
              });
    }
    return choices;
  }

  private List<PackChoice> packs(PartsService parts) {
    List<Optional<RadiatorPart>> radiators = new ArrayList<>();
    radiators.add(Optional.empty());
    if (request.radiators()) {
      for (RadiatorPart part : parts.radiators()) {
        if (fits(part)) {
          radiators.add(Optional.of(part));
        } else {
          radiatorsTooLarge++;
        }
      }
    }
    List<Optional<FanPart>> fans = new ArrayList<>();
    fans.add(Optional.empty());
    if (request.fans()) {
      for (FanPart part : parts.fans()) {
        if (part.amps() != null && part.amps() > request.amps()) {
          fansOverCurrent++;
        } else if (fits(part)) {
          fans.add(Optional.of(part));
        } else {
          fansTooLarge++;
        }
      }
    }
    List<PackChoice> choices = new ArrayList<>();
    for (Optional<RadiatorPart> radiator : radiators) {
      for (Optional<FanPart> fan : fans) {
        choices.add(pack(radiator, fan));
      }
    }
    return choices;
  }

  private PackChoice pack(Optional<RadiatorPart> radiator, Optional<FanPart> fan) {
    String id =
        radiator.map(RadiatorPart::code).orElse(KEPT) + "+" + fan.map(FanPart::code).orElse(KEPT);
    Build build = base;
    List<String> bought = new ArrayList<>();
    Set<WorkScope.Part> scope = EnumSet.noneOf(WorkScope.Part.class);
    if (radiator.isPresent()) {
      build = build.withRadiator(radiator.get());
      bought.add(radiator.get().name());
      scope.add(WorkScope.Part.RADIATOR);
    }
    if (fan.isPresent()) {
      build =
          build.withFans(
              List.of(
                  FittedFan.over(RigFactory.radiator(job.vehicle().cooling(), build), fan.get())));
      bought.add(fan.get().name());
      scope.add(WorkScope.Part.FAN_SWAP);
    }
    packs.put(id, build);
    packParts.put(id, bought);
    return new PackChoice(
        id,
        RigFactory.rig(job.vehicle(), job.trailer(), job.obstacles(), build, 1),
        radiator.map(RadiatorPart::price).orElse(0.0) + fan.map(FanPart::price).orElse(0.0),
        minutes(scope.toArray(WorkScope.Part[]::new)));
  }

  private boolean fits(RadiatorPart part) {
    CoreSize own = job.vehicle().cooling().radiator();
    double spare = job.vehicle().cooling().fanToCoreMm() - 1000 * Clearance.FAN_TO_CORE;
    return part.widthMm() <= own.widthMm() + RADIATOR_SLACK
        && part.heightMm() <= own.heightMm() + RADIATOR_SLACK
        && part.depthMm() <= own.depthMm() + Math.min(spare, RADIATOR_DEPTH_SLACK);
  }

  /** Blades inside the core; a fan on the engine only where one is now, with its pulley. */
  private boolean fits(FanPart part) {
    CoreSize own = job.vehicle().cooling().radiator();
    boolean onEngine = part.kind() != FanPart.Kind.ELECTRIC;
    boolean engineHasOne =
        base.fans().stream().anyMatch(f -> f.part().kind() != FanPart.Kind.ELECTRIC);
    return part.diameterMm() <= own.heightMm()
        && part.diameterMm() * part.count() <= own.widthMm()
        && (!onEngine || engineHasOne);
  }

  /** Work beyond what restoring takes anyway. */
  private static double minutes(WorkScope.Part... parts) {
    double with = 0;
    for (Task task : WorkOrder.plan(new WorkScope(Set.of(parts)))) {
      with += task.minutes();
    }
    for (Task task : WorkOrder.plan(new WorkScope(Set.of()))) {
      with -= task.minutes();
    }
    return with;
  }

  /** A find as a build that can be entered, named after what it is there for. */
  FinderState.Pick pick(String merit, Found found, Assessor assessor) {
    Build build = packs.get(found.pack());
    List<String> bought = new ArrayList<>();
    if (found.cooler().isPresent()) {
      CoolerPart part = coolers.get(found.cooler().get());
      Rectangle place = found.place().orElseThrow();
      build =
          build
              .withCoolers(List.of(fitted(part, round(place.x()), round(place.y()))))
              .withOilOrder(Build.OilOrder.valueOf(found.order().name()));
      bought.add(part.name() + orderText(found));
    }
    bought.addAll(packParts.get(found.pack()));
    ThermostatPart thermostat = thermostats.get(found.thermostat());
    if (thermostat != null) {
      build =
          build.withSwitching(
              build.switching().withThermostat(thermostat.startC(), thermostat.fullC()));
      bought.add(thermostat.name());
    }
    Build plan = build.named(Build.Kind.PLAN, "Found");
    // The verdict is worked out whole for the few that are shown, band and all.
    Assessment.BuildState state = assessor.assess(job, plan);
    return new FinderState.Pick(
        merit,
        plan,
        bought,
        state.standing(),
        state.coolant(),
        state.feed(),
        state.pan(),
        found.headroom(),
        found.cost(),
        found.minutes());
  }

  private static String orderText(Found found) {
    return switch (found.order()) {
      case AFTER_TANK -> ", after the in-tank cooler";
      case BEFORE_TANK -> ", before the in-tank cooler";
      case TANK_BYPASSED -> ", in-tank cooler bypassed";
    };
  }

  private static double round(double metres) {
    return Math.round(metres * 1e4) / 10.0;
  }

  /**
   * What would be enough with the best parts of the opening: less mass, slower, or the cool of the
   * night.
   */
  List<String> instead(Found best, Assessor assessor) {
    FinderState.Pick pick = pick("", best, assessor);
    Build build = pick.build();
    List<String> ways = new ArrayList<>();
    WayOut.of(job, build, pick.coolant().limitC()).forEach(way -> ways.add(way.text()));
    if (ways.isEmpty()) {
      ways.add(
          String.format(
              Locale.ROOT,
              "Neither half the trailer, half the speed nor 20 K cooler air is enough on this road: it"
                  + " asks for another truck."));
    }
    return ways;
  }
}
