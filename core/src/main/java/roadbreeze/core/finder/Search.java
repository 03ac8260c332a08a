package roadbreeze.core.finder;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.LongConsumer;
import java.util.stream.IntStream;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.OilLoop;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Name;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Turn;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.workorder.TaskLibrary;
import roadbreeze.core.workorder.WorkScope;

/**
 * What is searched, where, against which limits.
 *
 * @param packs fans, radiators and small fixes; the first is the truck restored
 * @param coolers that may stand in the opening
 * @param bare whether the truck without a searched cooler is tried, too
 * @param thermostats the first is the one the truck keeps
 * @param coolantLimit at this altitude, °C
 * @param coolantBand half widths of the nine-in-ten bands, K, those of the truck restored
 * @param budget most that may be spent
 * @param mostMinutes most work that may be done, beyond the build the search starts from
 * @param tasks that work is made of
 * @param start work on the truck as found to come to that build
 * @param tankBypassed as found, the in-tank cooler is out of the oil's way
 */
public record Search(
    List<PackChoice> packs,
    List<CoolerChoice> coolers,
    boolean bare,
    List<ThermostatChoice> thermostats,
    Opening opening,
    OperatingPoint point,
    Limits limits,
    double coolantLimit,
    double coolantBand,
    double feedBand,
    double panBand,
    double budget,
    double mostMinutes,
    TaskLibrary tasks,
    WorkScope start,
    boolean tankBypassed) {
  /** What the searched cooler becomes. */
  public static final Name COOLER = Name.of("found-cooler", Name.Noun.OIL_COOLER, 0);

  /** Gap it is stood off with, m. */
  public static final double GAP = 0.020;

  public Search {
    packs = List.copyOf(packs);
    coolers = List.copyOf(coolers);
    thermostats = List.copyOf(thermostats);
  }

  /** The share of the work that one of several workers takes: every n-th cooler. */
  public Search part(int index, int count) {
    List<CoolerChoice> mine =
        IntStream.range(0, coolers.size())
            .filter(i -> i % count == index)
            .mapToObj(coolers::get)
            .toList();
    return new Search(
        packs,
        mine,
        bare && index == 0,
        thermostats,
        opening,
        point,
        limits,
        coolantLimit,
        coolantBand,
        feedBand,
        panBand,
        budget,
        mostMinutes,
        tasks,
        start,
        tankBypassed);
  }

  /** Sets of parts there are to try, places and orders apart. */
  public long sets() {
    return packs.stream().mapToLong(this::sets).sum();
  }

  private long sets(PackChoice pack) {
    return ((bare ? 1 : 0) + (pack.coolers() ? coolers.size() : 0)) * (long) thermostats.size();
  }

  /**
   * Works every candidate out.
   *
   * @param progress told the number of candidates done, now and then
   * @param cancelled asked now and then; true ends the search with what it has
   */
  public Result run(LongConsumer progress, BooleanSupplier cancelled) {
    Run run = new Run();
    for (PackChoice pack : packs) {
      SteadyBalance solver = new SteadyBalance(pack.rig()).quiet();
      int coolersHere = pack.coolers() ? coolers.size() : 0;
      for (int c = bare ? -1 : 0; c < coolersHere && !cancelled.getAsBoolean(); c++) {
        Optional<CoolerChoice> cooler = c < 0 ? Optional.empty() : Optional.of(coolers.get(c));
        solver = tryCooler(run, solver, pack, cooler);
        progress.accept(run.tried);
      }
    }
    return run.result();
  }

  /** Everything found so far. */
  private final class Run {
    private final Labour labour = new Labour(tasks, start, tankBypassed);
    private long sets;
    private long tried;
    private final Map<Result.Reason, Long> fallen = new EnumMap<>(Result.Reason.class);
    private final List<Found> bestOfParts = new ArrayList<>();

    /** A set of parts is left out untried. */
    void fall(Result.Reason reason) {
      sets++;
      fallen.merge(reason, 1L, Long::sum);
    }

    Result result() {
      for (Found found : bestOfParts) {
        sets++;
        found.breaks().ifPresent(why -> fallen.merge(why, 1L, Long::sum));
      }
      return Result.of(sets, tried, bestOfParts, fallen);
    }
  }

  private SteadyBalance tryCooler(
      Run run, SteadyBalance solver, PackChoice pack, Optional<CoolerChoice> cooler) {
    List<ThermostatChoice> within = new ArrayList<>();
    for (ThermostatChoice choice : thermostats) {
      double cost = pack.cost() + cooler.map(CoolerChoice::cost).orElse(0.0) + choice.cost();
      if (cost > budget) {
        run.fall(Result.Reason.OVER_BUDGET);
      } else if (leastMinutes(run, pack, cooler, choice) > mostMinutes) {
        run.fall(Result.Reason.OVER_HOURS);
      } else {
        within.add(choice);
      }
    }
    if (within.isEmpty()) {
      return solver;
    }
    if (cooler.isEmpty()) {
      OilOrder order = pack.kept().fitting().oil().order();
      return tryThermostats(
          run,
          solver,
          pack,
          within,
          List.of(new Way(Optional.empty(), order, pack.keptRig())),
          cooler);
    }
    CoolerChoice c = cooler.get();
    List<Rectangle> places = opening.tooSmallFor(c) ? List.of() : opening.places(c);
    if (places.isEmpty()) {
      Result.Reason why = opening.tooSmallFor(c) ? Result.Reason.TOO_LARGE : Result.Reason.BLOCKED;
      within.forEach(t -> run.fall(why));
      return solver;
    }
    List<Way> ways = new ArrayList<>();
    for (Rectangle place : places) {
      Rig placed =
          pack.rig().withPack(stackWith(pack.rig().stack(), c, place), pack.rig().fanSettings());
      for (OilOrder order : orders(pack.setup())) {
        ways.add(new Way(Optional.of(place), order, placed.withOilLoop(oilLoop(pack, c, order))));
      }
    }
    return tryThermostats(run, solver, pack, within, ways, cooler);
  }

  /** One way a set of parts can be fitted. */
  private record Way(Optional<Rectangle> place, OilOrder order, Rig rig) {}

  /** Of the quickest order that this truck can have. */
  private static double leastMinutes(
      Run run, PackChoice pack, Optional<CoolerChoice> cooler, ThermostatChoice thermostat) {
    return orders(pack.setup()).stream()
        .mapToDouble(order -> run.labour.minutes(pack, cooler.isPresent(), order, thermostat))
        .min()
        .orElseThrow();
  }

  private static List<OilOrder> orders(Setup setup) {
    if (setup.truck().oil().tankConductance().isEmpty()) {
      return List.of(setup.fitting().oil().order());
    }
    // A radiator without an oil cooler leaves the truck's lines to be joined past it.
    return setup.tank().isEmpty() ? List.of(OilOrder.TANK_BYPASSED) : List.of(OilOrder.values());
  }

  /** A cooler as the search fits it: in front of everything, stood off and foamed round. */
  public static CoolerFit fit(OilCooler part, double x, double y) {
    return new CoolerFit(
        COOLER, part, CoolerFit.Place.FRONT, Turn.AS_DRAWN, x, y, GAP, true, Optional.empty(), 1);
  }

  /** The pack with the cooler in front of everything. */
  public static Stack stackWith(Stack pack, CoolerChoice cooler, Rectangle place) {
    List<Layer> layers = new ArrayList<>();
    layers.add(Assembly.layer(fit(cooler.part(), place.x(), place.y())));
    layers.addAll(pack.layers());
    return pack.withLayers(layers);
  }

  /** The oil's way with the cooler in it. */
  public static OilLoop oilLoop(PackChoice pack, CoolerChoice cooler, OilOrder order) {
    OilLoop bare = pack.rig().oilLoop();
    OilElement auxiliary = new OilElement.PackCooler(COOLER.id(), cooler.part().bypass());
    return bare.with(
        Assembly.circuit(pack.setup(), true),
        Assembly.stages(List.of(OilStage.of(auxiliary)), pack.setup().tank(), order));
  }

  /** One set of parts costs the same wherever it stands: only its best place and order count. */
  private SteadyBalance tryThermostats(
      Run run,
      SteadyBalance solver,
      PackChoice pack,
      List<ThermostatChoice> within,
      List<Way> ways,
      Optional<CoolerChoice> cooler) {
    SteadyBalance last = solver;
    Map<String, Found> best = new HashMap<>();
    for (Way way : ways) {
      Balance saturated = null;
      for (ThermostatChoice choice : within) {
        double minutes = run.labour.minutes(pack, cooler.isPresent(), way.order(), choice);
        if (minutes > mostMinutes) {
          continue;
        }
        run.tried++;
        Thermostat thermostat = choice.thermostat();
        Balance balance;
        if (saturated != null && saturated.coolant() >= thermostat.fullOpen()) {
          balance = saturated; // wide open, both pass the same: the balance is the same one
        } else {
          try {
            Rig rig = way.rig();
            last = last.continuedWith(rig.withCoolantLoop(rig.coolantLoop().with(thermostat)));
            balance = last.solve(point);
          } catch (NotConvergedException e) {
            continue;
          }
          saturated = balance.thermostatOpening() >= 1 ? balance : null;
        }
        best.merge(
            choice.id(),
            found(pack, cooler, way, choice, balance, minutes),
            (a, b) -> b.outdoes(a) ? b : a);
      }
    }
    for (ThermostatChoice choice : within) {
      Found found = best.get(choice.id());
      if (found == null) {
        run.fall(Result.Reason.NO_STEADY_STATE);
      } else {
        run.bestOfParts.add(found);
      }
    }
    return last;
  }

  private Found found(
      PackChoice pack,
      Optional<CoolerChoice> cooler,
      Way way,
      ThermostatChoice thermostat,
      Balance b,
      double minutes) {
    return new Found(
        pack.id(),
        cooler.map(CoolerChoice::id),
        way.place(),
        way.order(),
        thermostat.id(),
        new Margins(
            new Margin(b.coolant(), coolantLimit, coolantBand),
            new Margin(b.feed(), limits.feed(), feedBand),
            new Margin(b.sump(), limits.pan(), panBand)),
        pack.cost() + cooler.map(CoolerChoice::cost).orElse(0.0) + thermostat.cost(),
        minutes);
  }
}
