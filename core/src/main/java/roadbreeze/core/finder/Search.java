package roadbreeze.core.finder;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
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
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.stack.Stack;

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
 * @param mostMinutes most work that may be done
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
    double mostMinutes) {
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
        mostMinutes);
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
      if (!affordable(run, pack.cost(), pack.minutes())) {
        continue;
      }
      SteadyBalance solver = new SteadyBalance(pack.rig()).quiet();
      int tried = pack.coolers() ? coolers.size() : 0;
      for (int c = bare ? -1 : 0; c < tried && !cancelled.getAsBoolean(); c++) {
        Optional<CoolerChoice> cooler = c < 0 ? Optional.empty() : Optional.of(coolers.get(c));
        solver = tryCooler(run, solver, pack, cooler);
        progress.accept(run.tried);
      }
    }
    run.finish();
    return Result.of(run.tried, run.kept, run.fallen);
  }

  /** Everything found so far. */
  private final class Run {
    private long tried;
    private final List<Found> kept = new ArrayList<>();
    private final Map<Result.Reason, Long> fallen = new EnumMap<>(Result.Reason.class);
    private final Map<String, Found> bestOfParts = new HashMap<>();

    void fall(Result.Reason reason) {
      fallen.merge(reason, 1L, Long::sum);
    }

    /** One set of parts costs the same wherever it stands: only its best place and order count. */
    void take(Found found) {
      String parts = found.pack() + "/" + found.cooler().orElse("") + "/" + found.thermostat();
      bestOfParts.merge(parts, found, (a, b) -> b.outdoes(a) ? b : a);
    }

    void finish() {
      for (Found found : bestOfParts.values()) {
        kept.add(found);
        if (!found.keeps()) {
          boolean coolantBreaks = coolantLimit - found.coolant() < 0;
          fall(coolantBreaks ? Result.Reason.COOLANT_OVER : Result.Reason.OIL_OVER);
        }
      }
    }
  }

  private boolean affordable(Run run, double cost, double minutes) {
    if (cost > budget) {
      run.fall(Result.Reason.OVER_BUDGET);
      return false;
    }
    if (minutes > mostMinutes) {
      run.fall(Result.Reason.OVER_HOURS);
      return false;
    }
    return true;
  }

  private SteadyBalance tryCooler(
      Run run, SteadyBalance solver, PackChoice pack, Optional<CoolerChoice> cooler) {
    if (cooler.isEmpty()) {
      return tryThermostats(
          run,
          solver,
          pack,
          cooler,
          Optional.empty(),
          pack.kept().fitting().oil().order(),
          pack.keptRig());
    }
    CoolerChoice c = cooler.get();
    if (!affordable(run, pack.cost() + c.cost(), pack.minutes() + c.minutes())) {
      return solver;
    }
    if (opening.tooSmallFor(c)) {
      run.fall(Result.Reason.TOO_LARGE);
      return solver;
    }
    List<Rectangle> places = opening.places(c);
    if (places.isEmpty()) {
      run.fall(Result.Reason.BLOCKED);
    }
    SteadyBalance last = solver;
    for (Rectangle place : places) {
      Rig placed =
          pack.rig().withPack(stackWith(pack.rig().stack(), c, place), pack.rig().fanSettings());
      for (OilOrder order : orders(pack.setup())) {
        Rig rig = placed.withOilLoop(oilLoop(pack, c, order));
        last = tryThermostats(run, last, pack, cooler, Optional.of(place), order, rig);
      }
    }
    return last;
  }

  private static List<OilOrder> orders(Setup setup) {
    return setup.tank().isEmpty() ? List.of(OilOrder.TANK_BYPASSED) : List.of(OilOrder.values());
  }

  /** A cooler as the search fits it: in front of everything, stood off and foamed round. */
  public static CoolerFit fit(OilCooler part, double x, double y) {
    return new CoolerFit(
        COOLER, part, CoolerFit.Place.FRONT, x, y, GAP, true, OptionalDouble.empty(), 1);
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

  private SteadyBalance tryThermostats(
      Run run,
      SteadyBalance solver,
      PackChoice pack,
      Optional<CoolerChoice> cooler,
      Optional<Rectangle> place,
      OilOrder order,
      Rig rig) {
    SteadyBalance last = solver;
    Balance saturated = null;
    for (ThermostatChoice choice : thermostats) {
      double cost = pack.cost() + cooler.map(CoolerChoice::cost).orElse(0.0) + choice.cost();
      double minutes =
          pack.minutes() + cooler.map(CoolerChoice::minutes).orElse(0.0) + choice.minutes();
      if (choice.cost() > 0 && (cost > budget || minutes > mostMinutes)) {
        continue;
      }
      run.tried++;
      Thermostat thermostat = choice.thermostat();
      Balance balance;
      if (saturated != null && saturated.coolant() >= thermostat.fullOpen()) {
        balance = saturated; // wide open, both pass the same: the balance is the same one
      } else {
        try {
          last = last.continuedWith(rig.withCoolantLoop(rig.coolantLoop().with(thermostat)));
          balance = last.solve(point);
        } catch (NotConvergedException e) {
          run.fall(Result.Reason.NO_STEADY_STATE);
          continue;
        }
        saturated = balance.thermostatOpening() >= 1 ? balance : null;
      }
      run.take(found(pack, cooler, place, order, choice, balance, cost, minutes));
    }
    return last;
  }

  private Found found(
      PackChoice pack,
      Optional<CoolerChoice> cooler,
      Optional<Rectangle> place,
      OilOrder order,
      ThermostatChoice thermostat,
      Balance b,
      double cost,
      double minutes) {
    Margin coolant = new Margin(b.coolant(), coolantLimit, coolantBand);
    Margin feed = new Margin(b.feed(), limits.feed(), feedBand);
    Margin pan = new Margin(b.sump(), limits.pan(), panBand);
    return new Found(
        pack.id(),
        cooler.map(CoolerChoice::id),
        place,
        order,
        thermostat.id(),
        b.coolant(),
        b.feed(),
        b.sump(),
        Math.min(coolant.headroom(), Math.min(feed.headroom(), pan.headroom())),
        Math.min(coolant.sureHeadroom(), Math.min(feed.sureHeadroom(), pan.sureHeadroom())),
        cost,
        minutes);
  }
}
