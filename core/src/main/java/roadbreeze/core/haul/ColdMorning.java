package roadbreeze.core.haul;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.explain.Code;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Limits;

/**
 * A truck that stood overnight, driven off on the level: how soon its oil is warm, by each way past
 * the oil cooler in the coolant and each bypass of the auxiliary coolers.
 *
 * @param tank the way of the oil past the coolant; empty where the truck has no cooler in it
 * @param bypass of the auxiliary coolers; empty where there are none
 * @param own as the build has it
 * @param to40 until the pan passes 40 °C, s; empty within the run
 * @param to60 the same of 60 °C
 * @param coolantTo70 until the coolant passes 70 °C, where a cab heater warms, s
 * @param cruise pan at the end of the run, °C
 * @param outletTank of the radiator then, where an oil cooler in it stands, °C
 * @param opening of the thermostat then (-)
 * @param pressure that holds up in lines and coolers at the start, Pa
 */
public record ColdMorning(
    Optional<Tank> tank,
    Optional<Valve> bypass,
    boolean own,
    OptionalDouble to40,
    OptionalDouble to60,
    OptionalDouble coolantTo70,
    double cruise,
    double outletTank,
    double opening,
    double pressure) {
  /** Driven so long, s. */
  public static final double RUN = 3600;

  /** A thermal bypass that sends all oil through from here on, usual, °C. */
  private static final double OPENS = 80;

  /** A pressure bypass that gives way to so much, usual, Pa. */
  private static final double GIVES_WAY = 100e3;

  private static final double SEA_LEVEL = 0;

  // Pan and coolant, °C.
  private static final double LUKEWARM = 40;
  private static final double WARM = 60;
  private static final double CAB_WARMS = 70;

  /** Ways of the oil past the coolant. */
  public enum Tank implements Code {
    OUTLET_TANK,
    ENGINE_SIDE,
    PASSED_BY
  }

  /** What lets oil past the auxiliary coolers. */
  public enum Valve implements Code {
    NONE,
    THERMAL,
    PRESSURE
  }

  /**
   * Every way with every valve, the build's own among them.
   *
   * @param ambient and everything as cold, °C
   * @param speed on the level, m/s
   * @throws roadbreeze.core.problem.NotConvergedException if the truck cannot drive there
   */
  public static List<ColdMorning> all(Setup setup, Limits limits, double ambient, double speed) {
    List<ColdMorning> all = new ArrayList<>();
    for (Optional<Tank> tank : ways(setup.tank().isPresent(), Tank.values())) {
      for (Optional<Valve> valve : ways(!setup.fitting().coolers().isEmpty(), Valve.values())) {
        all.add(of(setup, limits, tank, valve, ambient, speed));
      }
    }
    return all;
  }

  /**
   * A setup as it is.
   *
   * @throws roadbreeze.core.problem.NotConvergedException if the truck cannot drive there
   */
  public static ColdMorning of(Setup setup, Limits limits, double ambient, double speed) {
    return of(setup, limits, Optional.empty(), Optional.empty(), ambient, speed);
  }

  /** Each of them, or nothing once where it does not apply. */
  private static <T> List<Optional<T>> ways(boolean apply, T[] all) {
    return apply ? Arrays.stream(all).map(Optional::of).toList() : List.of(Optional.empty());
  }

  private static ColdMorning of(
      Setup setup,
      Limits limits,
      Optional<Tank> tank,
      Optional<Valve> valve,
      double ambient,
      double speed) {
    Fitting own = setup.fitting();
    Fitting way = tank.map(t -> withTank(own, t)).orElse(own);
    Fitting fitting =
        valve
            .map(v -> way.withCoolers(way.coolers().stream().map(c -> with(c, v)).toList()))
            .orElse(way);
    Road level =
        new Road(
            List.of(
                Road.Point.of(0, SEA_LEVEL, speed), Road.Point.of(speed * RUN, SEA_LEVEL, speed)));
    HaulCase.Driven driven =
        new HaulCase(
                setup.with(fitting),
                Trip.of(level, ambient, false),
                HaulRun.Start.soaked(ambient),
                limits)
            .drive();
    Trace trace = driven.trace();
    Balance first = driven.balance(0).orElseThrow();
    return new ColdMorning(
        tank,
        valve,
        tank.filter(t -> t != tankOf(own)).isEmpty()
            && valve.filter(v -> v != valveOf(own)).isEmpty(),
        passes(trace, Trace.Moment::sump, LUKEWARM),
        passes(trace, Trace.Moment::sump, WARM),
        passes(trace, Trace.Moment::coolant, CAB_WARMS),
        trace.last().sump(),
        trace.last().outletTank(),
        trace.last().opening(),
        driven.rig().oilLoop().pressure(first.oilFlow(), first.driveline().engineRpm()));
  }

  private static Fitting withTank(Fitting fitting, Tank tank) {
    Fitting.OilRun oil = fitting.oil();
    OilOrder order =
        tank == Tank.PASSED_BY
            ? OilOrder.TANK_BYPASSED
            : oil.order() == OilOrder.TANK_BYPASSED ? OilOrder.AFTER_TANK : oil.order();
    OilElement.InTank.Place place =
        tank == Tank.ENGINE_SIDE
            ? OilElement.InTank.Place.ENGINE_SIDE
            : OilElement.InTank.Place.OUTLET_TANK;
    return fitting.with(oil.withOrder(order).withTankPlace(place));
  }

  private static CoolerFit with(CoolerFit cooler, Valve valve) {
    return cooler.withPart(
        switch (valve) {
          case NONE -> cooler.part().withoutBypass();
          case THERMAL -> cooler.part().openingAt(cooler.part().bypassOpens().orElse(OPENS));
          case PRESSURE ->
              cooler.part().givingWayAt(cooler.part().bypassPressure().orElse(GIVES_WAY));
        });
  }

  private static Tank tankOf(Fitting fitting) {
    return fitting.oil().order() == OilOrder.TANK_BYPASSED
        ? Tank.PASSED_BY
        : fitting.oil().tankPlace() == OilElement.InTank.Place.ENGINE_SIDE
            ? Tank.ENGINE_SIDE
            : Tank.OUTLET_TANK;
  }

  private static Valve valveOf(Fitting fitting) {
    boolean thermal = fitting.coolers().stream().anyMatch(c -> c.part().bypassOpens().isPresent());
    boolean pressure =
        fitting.coolers().stream().anyMatch(c -> c.part().bypassPressure().isPresent());
    return thermal ? Valve.THERMAL : pressure ? Valve.PRESSURE : Valve.NONE;
  }

  private static OptionalDouble passes(
      Trace trace, ToDoubleFunction<Trace.Moment> what, double temperature) {
    Trace.Moment before = trace.moments().get(0);
    for (Trace.Moment m : trace.moments()) {
      double now = what.applyAsDouble(m);
      if (now >= temperature) {
        double then = what.applyAsDouble(before);
        double share = now > then ? (temperature - then) / (now - then) : 1;
        return OptionalDouble.of(before.time() + share * (m.time() - before.time()));
      }
      before = m;
    }
    return OptionalDouble.empty();
  }
}
