package roadbreeze.server.finder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.finder.CoolerChoice;
import roadbreeze.core.finder.Found;
import roadbreeze.core.finder.Opening;
import roadbreeze.core.finder.PackChoice;
import roadbreeze.core.finder.Result;
import roadbreeze.core.finder.Room;
import roadbreeze.core.finder.Search;
import roadbreeze.core.finder.ThermostatChoice;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.RoadWithLess;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.rig.Turn;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.HeldStretch;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.sizing.WayOut;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FanSeatData;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.build.ThermostatData;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.order.BuildScope;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.parts.CoolerPart;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.parts.PartMapper;
import roadbreeze.server.parts.RadiatorPart;
import roadbreeze.server.parts.ThermostatPart;
import roadbreeze.server.problem.Refusal;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Lays a snapshot out as a search of the core, and reads its finds back as builds. */
final class SearchSpace {
  /** Thermostats tried: the nearest colder ones. A hotter one helps no limit. */
  private static final int COLDER = 2;

  /** Sets of parts one search may try: some minutes of two cores. */
  private static final long MOST_SETS = 250_000;

  private static final String KEPT = "kept";
  private static final JsonMapper JSON = JsonMapper.shared();

  /**
   * What was measured with a tape is known to this, m; worse known things are said, not avoided.
   */
  private static final double MEASURED = 0.005;

  private final Snapshot snapshot;
  private final FinderRequest request;
  private final JobContent job;
  private final Build base;
  private final Tasks tasks;

  /** On the job's road, once it is asked for. */
  private Margins startOnRoad;

  private final Map<String, Pack> packs = new LinkedHashMap<>();
  private final Map<Room.Refusal, Long> refused = new EnumMap<>(Room.Refusal.class);

  /**
   * One choice of fans, radiator and small fixes.
   *
   * @param coolers whether searched coolers are tried in it
   * @param price of what is bought
   */
  private record Pack(Build build, List<Finding> bought, boolean coolers, double price) {}

  SearchSpace(Snapshot snapshot) {
    this.snapshot = snapshot;
    tasks = Tasks.with(snapshot.tasks());
    request = snapshot.request();
    job = request.job();
    base =
        changed(
            job.build(request.build()),
            Map.of("id", "found", "kind", Build.Kind.PLAN, "name", "Found"));
    layOut(job.setup(base));
  }

  /** A build with some of its fields changed. */
  static Build changed(Build build, Map<String, ?> changes) {
    ObjectNode tree = JSON.valueToTree(build);
    changes.forEach((field, content) -> tree.set(field, JSON.valueToTree(content)));
    return JSON.treeToValue(tree, Build.class);
  }

  /**
   * Says at once what would stop the search later.
   *
   * @throws roadbreeze.core.problem.NotConvergedException if the truck has no steady state on its
   *     road to start from
   * @throws roadbreeze.server.problem.RefusedRequestException if there is more to try than a search
   *     may take
   */
  void check() {
    start();
    started(() -> job.margins(base));
    long sets =
        packs.values().stream()
            .mapToLong(p -> (p.coolers() ? snapshot.coolers().size() : 0) + 1L)
            .sum();
    sets *= thermostats().size();
    if (sets > MOST_SETS) {
      throw Refusal.SEARCH_TOO_LARGE.refuse(sets, MOST_SETS);
    }
  }

  private Headroom start() {
    return started(() -> job.judge(base).of(job.setup(base)));
  }

  private static <T> T started(Supplier<T> start) {
    try {
      return start.get();
    } catch (RefusedException e) {
      throw Problem.NO_START.unsettled(e.finding());
    }
  }

  Search search() {
    Setup setup = job.setup(base);
    Headroom here = start();
    Truck.FrontEnd front = setup.truck().front();
    return new Search(
        packs.entrySet().stream().map(p -> choice(p.getKey(), p.getValue())).toList(),
        snapshot.coolers().stream()
            .map(part -> new CoolerChoice(part.code(), PartMapper.cooler(part), part.price()))
            .toList(),
        true,
        thermostats(),
        new Opening(
            within(front.opening(), toMetal(setup)),
            front.depth() - Search.GAP,
            setup.inOpening().stream().map(s -> s.outline().orElseThrow()).toList(),
            toMetal(setup)),
        job.point(),
        job.limits(),
        job.judge(base).coolantLimit(setup),
        here.coolant().band(),
        here.feed().band(),
        here.pan().band(),
        request.budget(),
        request.hours() * 60,
        tasks.library(),
        work(base),
        job.found().oilOrder() == OilOrder.TANK_BYPASSED);
  }

  private WorkScope work(Build build) {
    return BuildScope.of(job, build);
  }

  private PackChoice choice(String id, Pack pack) {
    Build bare =
        changed(
            pack.build(),
            Map.of("coolers", List.of(), "oilOrder", OilOrder.AFTER_TANK, "parallel", false));
    return PackChoice.of(
        id, job.setup(pack.build()), pack.coolers(), pack.price(), work(pack.build()), work(bare));
  }

  Map<Room.Refusal, Long> refused() {
    return refused;
  }

  private List<ThermostatChoice> thermostats() {
    List<ThermostatChoice> choices = new ArrayList<>();
    choices.add(
        new ThermostatChoice(
            KEPT, new Thermostat(base.thermostat().startC(), base.thermostat().fullC()), true, 0));
    List<ThermostatPart> shelf = request.thermostats() ? snapshot.thermostats() : List.of();
    shelf.stream()
        .filter(p -> p.startC() < base.thermostat().startC())
        .sorted(Comparator.comparingDouble(p -> -p.startC()))
        .limit(COLDER)
        .forEach(
            part ->
                choices.add(
                    new ThermostatChoice(
                        part.code(),
                        new Thermostat(part.startC(), part.fullC()),
                        false,
                        part.price())));
    return choices;
  }

  private void layOut(Setup setup) {
    List<Optional<RadiatorPart>> radiators = new ArrayList<>(List.of(Optional.empty()));
    for (RadiatorPart part : request.radiators() ? snapshot.radiators() : List.<RadiatorPart>of()) {
      if (Room.takes(setup, PartMapper.radiator(part))) {
        radiators.add(Optional.of(part));
      } else {
        refused.merge(Room.Refusal.RADIATOR_TOO_LARGE, 1L, Long::sum);
      }
    }
    List<Optional<FanPart>> fans = new ArrayList<>(List.of(Optional.empty()));
    for (FanPart part : request.fans() ? snapshot.fans() : List.<FanPart>of()) {
      if (part.amps() != null && part.amps() > request.amps()) {
        refused.merge(Room.Refusal.FAN_OVER_CURRENT, 1L, Long::sum);
      } else if (Room.tooSmall(setup, PartMapper.fan(part))) {
        refused.merge(Room.Refusal.FAN_TOO_SMALL, 1L, Long::sum);
      } else if (Room.takes(setup, PartMapper.fan(part))) {
        fans.add(Optional.of(part));
      } else {
        refused.merge(Room.Refusal.FAN_TOO_LARGE, 1L, Long::sum);
      }
    }
    for (Optional<RadiatorPart> radiator : radiators) {
      for (Optional<FanPart> fan : fans) {
        addPack(radiator, fan);
      }
    }
    if (request.fixes()) {
      addFixes();
    }
  }

  private void addPack(Optional<RadiatorPart> radiator, Optional<FanPart> fan) {
    String id =
        radiator.map(RadiatorPart::code).orElse(KEPT) + "+" + fan.map(FanPart::code).orElse(KEPT);
    Build build = base;
    List<Finding> bought = new ArrayList<>();
    if (radiator.isPresent()) {
      build = changed(build, Map.of("radiator", radiator.get()));
      bought.add(Bought.PART.with(radiator.get().name()));
    }
    if (fan.isPresent()) {
      Rectangle core = job.setup(build).radiator().outline();
      FittedFan over = fitted(fan.get(), base.fans().get(0), core);
      build = changed(build, Map.of("fans", List.of(over), "marks", Map.of()));
      bought.add(Bought.PART.with(fan.get().name()));
    }
    double price =
        radiator.map(RadiatorPart::price).orElse(0.0) + fan.map(FanPart::price).orElse(0.0);
    packs.put(id, new Pack(build, bought, true, price));
  }

  /** Each small fix with and without a searched cooler, and every two together without. */
  private void addFixes() {
    List<Fix> fixes = Fixes.of(snapshot, base, refused);
    for (int i = 0; i < fixes.size(); i++) {
      Fix first = fixes.get(i);
      addFixed(List.of(first), !first.ofCooler());
      for (Fix second : fixes.subList(i + 1, fixes.size())) {
        if (!second.group().equals(first.group())) {
          addFixed(List.of(first, second), false);
        }
      }
    }
  }

  private void addFixed(List<Fix> fixes, boolean coolers) {
    Build build = base;
    for (Fix fix : fixes) {
      build = changed(build, fix.changes().apply(build));
    }
    packs.put(
        fixes.stream().map(Fix::id).collect(Collectors.joining("+", "fix:", "")),
        new Pack(
            build,
            fixes.stream().map(Fix::said).toList(),
            coolers,
            fixes.stream().mapToDouble(Fix::price).sum()));
  }

  /**
   * A find as a build that can be entered.
   *
   * @param whole its verdict is worked out by itself, band and all; else it is as sure as the truck
   *     that the search started from
   */
  FinderState.Pick pick(Result.Merit merit, Found found, boolean whole) {
    Build build = build(found);
    Verdict verdict = whole ? Verdict.onRoad(job, build) : Verdict.of(job, build, found.margins());
    return new FinderState.Pick(
        merit,
        build,
        Said.of(bought(found)),
        verdict.overRatings(),
        verdict.clashes(),
        verdict.standing(),
        verdict.coolant(),
        verdict.feed(),
        verdict.pan(),
        found.headroom(),
        found.cost(),
        found.minutes());
  }

  private List<Finding> bought(Found found) {
    List<Finding> bought = new ArrayList<>();
    found
        .cooler()
        .map(this::cooler)
        .ifPresent(
            part ->
                bought.add(
                    Bought.COOLER.with(part.name(), found.order().said(job.rig().hasTank()))));
    bought.addAll(packs.get(found.pack()).bought());
    thermostat(found).ifPresent(part -> bought.add(Bought.PART.with(part.name())));
    return bought;
  }

  private Build build(Found found) {
    Map<String, Object> changes = new HashMap<>();
    if (found.cooler().isPresent()) {
      CoolerPart part = cooler(found.cooler().get());
      changes.put("coolers", List.of(fitted(part, found.place().orElseThrow())));
      changes.put("oilOrder", found.order());
      changes.put("parallel", false);
    }
    thermostat(found)
        .ifPresent(
            part -> changes.put("thermostat", new ThermostatData(part.startC(), part.fullC())));
    return changed(packs.get(found.pack()).build(), changes);
  }

  private Optional<ThermostatPart> thermostat(Found found) {
    return snapshot.thermostats().stream()
        .filter(t -> t.code().equals(found.thermostat()))
        .findFirst();
  }

  /** The job's haul is a road: what is found on its worst stretch is driven over it. */
  boolean hasRoad() {
    return job.haul().journey() != null;
  }

  /** A find on the job's road, as sure as the truck that the search started from. */
  Optional<Found> onRoad(Found found) {
    if (startOnRoad == null) {
      startOnRoad = started(() -> job.margins(base));
    }
    try {
      Outcome outcome = job.driven(build(found)).drive().outcome();
      return Optional.of(
          found.with(
              new Margins(
                  margin(outcome.coolant(), startOnRoad.coolant()),
                  margin(outcome.feed(), startOnRoad.feed()),
                  margin(outcome.pan(), startOnRoad.pan()))));
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }

  private static Margin margin(Outcome.Peak peak, Margin start) {
    return new Margin(peak.value(), peak.limit(), start.band());
  }

  private CoolerPart cooler(String code) {
    return snapshot.coolers().stream().filter(c -> c.code().equals(code)).findFirst().orElseThrow();
  }

  private static FittedCooler fitted(CoolerPart part, Rectangle place) {
    return new FittedCooler(
        Search.COOLER.id(),
        part,
        CoolerFit.Place.FRONT,
        Turn.AS_DRAWN,
        false,
        millimetres(place.x()),
        millimetres(place.y()),
        millimetres(Search.GAP),
        true,
        null,
        null,
        null,
        1);
  }

  private static double millimetres(double metres) {
    return Math.round(metres * 1e4) / 10.0;
  }

  /** What would be enough with the best parts of the opening: less mass, slower, or cooler air. */
  List<Said> instead(Found best) {
    Build build = build(best);
    Setup setup = job.setup(build);
    List<Finding> ways =
        WayOut.of(
            hasRoad()
                ? new RoadWithLess(job.driven(build))
                : new HeldStretch(
                    setup, job.point(), job.limits(), job.judge(build).coolantLimit(setup)));
    return Said.of(ways.isEmpty() ? List.of(WayOut.ANOTHER_TRUCK.with()) : ways);
  }

  /** The fan takes the first one's place and switch, over the whole core. */
  private static FittedFan fitted(FanPart part, FittedFan first, Rectangle core) {
    return new FittedFan(
        first.id(),
        part,
        FittedFan.Mount.PULLER,
        true,
        core.x() * 1000,
        core.y() * 1000,
        core.width() * 1000,
        core.height() * 1000,
        100,
        false,
        part.kind() == FanUnit.Type.ELECTRIC ? first.switchPoints() : null,
        FanSeatData.AS_IT_WAS);
  }

  /**
   * What a core keeps from metal, even where that was measured by its plus-minus too far off, m.
   */
  private static double toMetal(Setup setup) {
    return Clearance.CORE_TO_METAL
        + setup.inOpening().stream()
            .mapToDouble(Solid::plusMinus)
            .filter(known -> known <= MEASURED)
            .max()
            .orElse(0);
  }

  /** The sides of an opening are metal too. */
  private static Rectangle within(Rectangle opening, double side) {
    return new Rectangle(
        opening.x() + side,
        opening.y() + side,
        opening.width() - 2 * side,
        opening.height() - 2 * side);
  }
}
