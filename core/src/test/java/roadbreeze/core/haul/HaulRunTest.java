package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.HeatExchange;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Name;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.vehicle.Powertrain;
import roadbreeze.core.vehicle.Surface;

/** Analytic cases, invariants and random roads of the haul in time. */
class HaulRunTest {
  private static final HaulRun.Start WARM = new HaulRun.Start(95, 80, 85);
  private static final double SPEED = 60 / 3.6;

  private static Rig clutched(FanDrive.Clutched clutch) {
    return WorkedCase.rig(
        WorkedCase.stack(true),
        WorkedCase.stages(true),
        new FanSetting(clutch, 1),
        new Thermostat(90, 99));
  }

  private static final FanDrive.Belt BELT = new FanDrive.Belt(1.1, 2600, 2600, 6000, 0.25, 0.9);

  private static Road level(Road.Point... points) {
    List<Road.Point> all = new ArrayList<>(List.of(points));
    double end = all.get(all.size() - 1).distance() + 20_000;
    all.add(Road.Point.of(end, all.get(0).elevation(), SPEED));
    return new Road(all);
  }

  private static Road.Point from(double distance) {
    return Road.Point.of(distance, 600, SPEED);
  }

  private static Trace run(Rig rig, Road road, double ambient) {
    return HaulRun.of(rig, Trip.of(road, ambient, true), WARM, List.of(), 0);
  }

  private static Trace run(Road road) {
    return run(WorkedCase.rig(true), road, 38);
  }

  @Test
  void aSaturatedClimbIsTheSteadyBalance() {
    FanDrive.Viscous viscous = new FanDrive.Viscous(BELT, 60, 90);
    for (Rig rig : List.of(WorkedCase.rig(false), WorkedCase.rig(true), clutched(viscous))) {
      Road climb = level(Road.Point.of(0, 600, 75 / 3.6).climbing(0.06));
      Road long_ = new Road(List.of(climb.points().get(0), Road.Point.of(90_000, 600, SPEED)));
      Trace.Moment end = run(rig, long_, 38).last();
      Balance steady =
          new SteadyBalance(rig).solve(new OperatingPoint(0.06, 75 / 3.6, 38, 600, true));
      assertThat(end.coolant()).isCloseTo(steady.coolant(), within(0.02));
      assertThat(end.sump()).isCloseTo(steady.sump(), within(0.02));
      assertThat(end.feed()).isCloseTo(steady.feed(), within(0.02));
      assertThat(end.engagement()).isCloseTo(steady.fanEngagement(), within(0.01));
    }
  }

  /** Hills, winds, surfaces, stops and habits drawn at random; heat is neither lost nor made. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void energyCloses(long seed) {
    Random random = new Random(seed);
    List<Road.Point> points = new ArrayList<>();
    double elevation = 600;
    for (int i = 0; i < 12; i++) {
      Road.Point point =
          Road.Point.of(i * 900, elevation, (30 + 50 * random.nextDouble()) / 3.6)
              .on(Surface.values()[random.nextInt(2)], -5 + 10 * random.nextDouble());
      Optional<Powertrain.Standing> engine =
          random.nextInt(4) == 0
              ? Optional.empty()
              : Optional.of(Powertrain.Standing.values()[random.nextInt(3)]);
      points.add(
          random.nextInt(3) == 0
              ? point.stopping(
                  new Road.Stop(200 * random.nextDouble(), engine, random.nextBoolean()))
              : point);
      elevation += 900 * (-0.06 + 0.13 * random.nextDouble());
    }
    FanDrive.Clutched clutch =
        random.nextBoolean()
            ? new FanDrive.Viscous(BELT, 60, 90)
            : new FanDrive.Controlled(BELT, 95, 105, 0.5, false);
    Rig rig = random.nextBoolean() ? clutched(clutch) : WorkedCase.rig(random.nextBoolean());
    Trip trip =
        new Trip(
            new Road(points),
            new Weather(12, 36, 9, 600),
            List.of(
                new Trip.Change(0, Habits.usual(random.nextBoolean())),
                new Trip.Change(5000 * random.nextDouble(), Habits.usual(false).heldIn(3))));
    SwitchedFan fan =
        new SwitchedFan(
            0,
            Name.of(Name.Noun.MAIN_FAN),
            new FanSwitch(98, 93, FanSensor.values()[random.nextInt(FanSensor.values().length)]));
    Trace trace = HaulRun.of(rig, trip, WARM, rig.clutchedFan() < 0 ? List.of(fan) : List.of(), 3);
    Trace.Ledger heat = trace.ledger();
    assertThat(heat.in() - heat.shed()).isCloseTo(heat.stored(), within(1e-4 * heat.in()));
    assertThat(trace.last().distance()).isCloseTo(9900, within(0.5));
    assertThat(trace.moments()).isSortedAccordingTo((a, b) -> Double.compare(a.time(), b.time()));
    assertThat(trace.moments()).allMatch(m -> m.coolant() > 20 && m.coolant() < 200);
  }

  @Test
  void aFanSwitchesWhereTheTraceMeetsItsPoint() {
    Road climb = level(from(0).climbing(0.05));
    SwitchedFan fan = new SwitchedFan(0, Name.of(Name.Noun.MAIN_FAN), new FanSwitch(100, 96));
    SwitchedFan late = new SwitchedFan(0, fan.name(), new FanSwitch(100, 96, FanSensor.ON_HOSE));
    Trip trip = Trip.of(climb, 38, true);
    Trace atOnce = HaulRun.of(WorkedCase.rig(true), trip, WARM, List.of(fan), 0);
    double first = atOnce.switchings().get(0).time();
    assertThat(atOnce.switchings().get(0).on()).isTrue();
    assertThat(atOnce.at(first).coolant()).isCloseTo(100, within(0.02));
    Trace lagging = HaulRun.of(WorkedCase.rig(true), trip, WARM, List.of(late), 0);
    double later = lagging.switchings().get(0).time();
    // A sensor behind a rise of r K/s by 40 s reads at most 40·r too little.
    assertThat(later).isBetween(first + 5, first + 45);
    assertThat(lagging.at(later).coolant()).isGreaterThan(100.5);
  }

  @Test
  void aGearChangesWhereTheThinningAirLeavesTooLittleTorque() {
    Road road =
        new Road(List.of(Road.Point.of(0, 600, 70 / 3.6), Road.Point.of(16_000, 1600, SPEED)));
    Trip trip = Trip.of(road, 38, true);
    Rig rig = WorkedCase.rig(true).withMass(6400);
    List<Trace.Moment> moments = HaulRun.of(rig, trip, WARM, List.of(), 0).moments();
    List<Trace.Moment> before = moments.stream().filter(m -> m.gear() == 3).toList();
    List<Trace.Moment> after = moments.stream().filter(m -> m.gear() == 2).toList();
    assertThat(before.size() + after.size()).isEqualTo(moments.size());
    Trace.Moment last = before.get(before.size() - 1);
    assertThat(after.get(0).time()).isGreaterThanOrEqualTo(last.time());
    // The gearbox's own rule, asked just before and just behind that place.
    HeatExchange exchange = HeatExchange.of(rig, Factors.NOMINAL, trip.at(0, 0, 0), 1);
    exchange.at(new HeatExchange.State(95, 85, last.sump(), 1));
    double place = last.distance();
    assertThat(exchange.gearAt(trip.at(0, place - 30, last.time()), last.sump())).isEqualTo(3);
    assertThat(exchange.gearAt(trip.at(0, place + 30, last.time()), last.sump())).isEqualTo(2);
  }

  @Test
  void windAheadCostsPowerAndBringsAir() {
    Trace still = run(level(from(0)));
    Trace against = run(level(from(0).on(Surface.ASPHALT, 8)));
    Trace behind = run(level(from(0).on(Surface.ASPHALT, -8)));
    assertThat(against.last().fuelPower()).isGreaterThan(1.05 * still.last().fuelPower());
    assertThat(behind.last().fuelPower()).isLessThan(0.98 * still.last().fuelPower());
    // On a climb the ram air counts for more than the drag: hotter with the wind from behind.
    Road.Point foot = from(0).climbing(0.06);
    double calm = run(level(foot)).last().coolant();
    assertThat(run(level(foot.on(Surface.ASPHALT, -12))).last().coolant()).isGreaterThan(calm + 1);
    assertThat(run(level(foot.on(Surface.ASPHALT, 8))).last().coolant()).isLessThan(calm);
  }

  @Test
  void softGroundIsHotterThanAsphalt() {
    double asphalt = run(level(from(0))).last().sump();
    double gravel = run(level(from(0).on(Surface.GRAVEL, 0))).last().sump();
    double sand = run(level(from(0).on(Surface.SAND, 0))).last().sump();
    assertThat(gravel).isGreaterThan(asphalt + 0.3);
    assertThat(sand).isGreaterThan(gravel);
  }

  @Test
  void downhillTheFuelIsCutAndTheEngineCools() {
    Road down = level(from(0).climbing(-0.06));
    Trace.Moment end = run(WorkedCase.rig(false), down, 38).last();
    assertThat(end.fuelPower()).isZero();
    assertThat(end.coolant()).isLessThan(95);
    Road gentle = level(from(0).climbing(-0.02));
    double little = run(WorkedCase.rig(false), gentle, 38).last().fuelPower();
    assertThat(little).isBetween(1.0, run(level(from(0))).last().fuelPower());
  }

  @Test
  void aParkedTruckSoaksTowardsTheAirUnderItsBonnet() {
    Road road = level(from(0), from(1000).stopping(Road.Stop.off(7200)));
    Trace trace = run(road);
    double stopped =
        trace.moments().stream().filter(m -> m.speed() == 0).findFirst().orElseThrow().time();
    Trace.Moment before = trace.at(stopped);
    Trace.Moment after = trace.at(stopped + 7190);
    // The block falls in C_e/G_block = 7333 s by e, towards air that is up to 25 K warmer at first.
    double left = (after.coolant() - 38) / (before.coolant() - 38);
    assertThat(left).isBetween(Math.exp(-7190 / 7333.0), Math.exp(-7190 / 7333.0) + 0.08);
    assertThat(after.outletTank()).isLessThan(before.outletTank());
    assertThat(after.engineRpm()).isZero();
  }

  @Test
  void aHotEngineRestsSoonerAtAFasterIdleAndNotAtAllWithItOff() {
    Trace.Moment idle = rested(Road.Stop.idling(300));
    Trace.Moment fast =
        rested(new Road.Stop(300, Optional.of(Powertrain.Standing.FAST_IDLE), false));
    Trace.Moment off = rested(Road.Stop.off(300));
    assertThat(fast.coolant()).isLessThan(idle.coolant() - 1);
    assertThat(off.coolant()).isGreaterThan(idle.coolant() + 10);
    assertThat(off.engineRpm()).isZero();
  }

  /** A minute into a stop after nine kilometres of climb. */
  private static Trace.Moment rested(Road.Stop stop) {
    Trace trace = run(level(from(0).climbing(0.07), from(9000).stopping(stop)));
    double stood =
        trace.moments().stream().filter(m -> m.speed() == 0).findFirst().orElseThrow().time();
    return trace.at(stood + 60);
  }

  @Test
  void weatherFollowsTheHourTheHeightAndThePlace() {
    Weather day = new Weather(10, 30, 15, 0);
    assertThat(day.ambient(0, 0)).isCloseTo(30, within(1e-9));
    assertThat(day.ambient(12 * 3600, 0)).isCloseTo(10, within(1e-9));
    assertThat(day.ambient(0, 1000)).isCloseTo(23.5, within(1e-9));
    Road known =
        new Road(
            List.of(
                Road.Point.of(0, 0, 20).at(40),
                Road.Point.of(1000, 0, 20),
                Road.Point.of(2000, 0, 20).at(20)));
    Trip trip = new Trip(known, day, Habits.usual(false));
    assertThat(trip.at(0, 500, 0).ambient()).isCloseTo(35, within(1e-9));
    assertThat(trip.at(1, 1500, 0).ambient()).isCloseTo(25, within(1e-9));
  }

  @Test
  void whatTheDriverDoesCountsFromItsPlaceOn() {
    Road climb = level(from(0).climbing(0.06));
    Habits usual = Habits.usual(true);
    List<Trip.Change> off =
        List.of(new Trip.Change(0, usual), new Trip.Change(6000, usual.withAirConditioning(false)));
    Rig rig = WorkedCase.rig(true);
    Trace plain = run(rig, climb, 38);
    Trace acted =
        HaulRun.of(rig, new Trip(climb, Weather.steady(38, 600), off), WARM, List.of(), 0);
    double there = 6000 / SPEED;
    assertThat(acted.at(there - 5).coolant())
        .isCloseTo(plain.at(there - 5).coolant(), within(0.05));
    assertThat(acted.last().coolant()).isLessThan(plain.last().coolant() - 1);
  }
}
