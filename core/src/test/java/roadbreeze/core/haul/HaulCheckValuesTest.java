package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Name;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.vehicle.Powertrain;

/** Check values of the haul in time, worked truck: coolant, outlet tank, sump. */
class HaulCheckValuesTest {
  private static final double CLOSE = 0.3;
  private static final List<SwitchedFan> SWITCHED =
      List.of(new SwitchedFan(0, Name.of(Name.Noun.MAIN_FAN), new FanSwitch(104, 100)));
  private static final HaulRun.Start START = new HaulRun.Start(95, 75, 80);

  /** 6 % at 75 km/h for as long as it takes. */
  private static Trip climb() {
    Road.Point foot = Road.Point.of(0, 600, 75 / 3.6).climbing(0.06);
    return Trip.of(new Road(List.of(foot, Road.Point.of(14_100, 600, 20))), 38, true);
  }

  private static void stands(Trace trace, double time, double... wanted) {
    Trace.Moment at = trace.at(time);
    assertThat(new double[] {at.coolant(), at.outletTank(), at.sump()})
        .as("at %s s", time)
        .containsExactly(wanted, within(CLOSE));
  }

  @ParameterizedTest
  @CsvSource({
    "false, 60, 100.74, 92.27, 85.77",
    "false, 180, 105.69, 96.81, 96.42",
    "false, 300, 107.82, 98.81, 103.57",
    "false, 672, 109.99, 100.88, 113.00",
    "true, 60, 101.79, 93.55, 81.01",
    "true, 180, 107.60, 98.74, 84.49",
    "true, 300, 109.55, 100.52, 87.07",
    "true, 672, 110.85, 101.73, 90.26"
  })
  void aConstantClimb(boolean cooled, double time, double coolant, double tank, double sump) {
    Trace trace = HaulRun.of(WorkedCase.rig(cooled), climb(), START, List.of(), 0);
    stands(trace, time, coolant, tank, sump);
  }

  @Test
  void aColderThermostatIsColderAtTheFootAndTheSameAtTheTop() {
    Rig rig = WorkedCase.rig(false);
    Rig colder = rig.withCoolantLoop(rig.coolantLoop().with(new Thermostat(82, 91)));
    Trace trace = HaulRun.of(colder, climb(), new HaulRun.Start(87, 70, 80), List.of(), 0);
    stands(trace, 60, 96.33, 88.43, 84.86);
    stands(trace, 180, 104.43, 95.68, 95.10);
    stands(trace, 300, 107.38, 98.40, 102.57);
    stands(trace, 672, 109.94, 100.82, 112.74);
  }

  /** 14 km at 5.5 %, the fan switched at 104 and 100. */
  private static Trace switchedClimb(Road.Stop stop) {
    Road.Point top = Road.Point.of(14_000, 1370, 75 / 3.6);
    Road road =
        new Road(List.of(Road.Point.of(0, 600, 75 / 3.6), stop == null ? top : top.stopping(stop)));
    return HaulRun.of(
        WorkedCase.rig(true), Trip.of(road, 38, true), START, SWITCHED, HaulRun.USUAL_HYSTERESIS);
  }

  @Test
  void aFanIsSwitchedOnAClimb() {
    Trace trace = switchedClimb(null);
    assertThat(trace.switchings()).hasSize(1);
    assertThat(trace.switchings().get(0).time()).isCloseTo(32.5, within(3.0));
    stands(trace, 60, 105.15, 96.60, 82.57);
    stands(trace, 180, 106.44, 97.81, 84.92);
    stands(trace, 300, 106.98, 98.32, 86.22);
    stands(trace, 480, 107.31, 98.66, 87.06);
    stands(trace, 670, 107.47, 98.84, 87.25);
  }

  @Test
  void atTheTopItIdlesWithItsFan() {
    Trace trace = switchedClimb(Road.Stop.idling(300));
    stands(trace, 702, 100.10, 84.04, 85.11);
    stands(trace, 732, 98.91, 97.73, 85.58);
    stands(trace, 792, 101.20, 100.25, 87.14);
    stands(trace, 852, 103.50, 102.52, 88.78);
    stands(trace, 971, 101.08, 100.19, 88.88);
    assertThat(trace.switchings()).hasSize(4);
    double[] times = {702.5, 865.5, 888.5};
    for (int i = 0; i < times.length; i++) {
      assertThat(trace.switchings().get(i + 1).time()).isCloseTo(times[i], within(3.0));
    }
  }

  @Test
  void orWithItsFanDead() {
    Trace trace = switchedClimb(new Road.Stop(300, Optional.of(Powertrain.Standing.NEUTRAL), true));
    stands(trace, 702, 107.41, 106.15, 88.29);
    stands(trace, 732, 108.43, 107.28, 89.42);
    stands(trace, 792, 110.50, 109.36, 91.65);
    stands(trace, 852, 112.58, 111.45, 93.82);
    stands(trace, 971, 116.71, 115.59, 98.02);
  }

  @Test
  void orHeldInGear() {
    Trace trace =
        switchedClimb(new Road.Stop(300, Optional.of(Powertrain.Standing.IN_GEAR), false));
    double[] times = {706.5, 791.5, 817.5, 900.5, 927};
    for (int i = 0; i < times.length; i++) {
      assertThat(trace.switchings().get(i + 1).time()).isCloseTo(times[i], within(3.0));
    }
    trace.moments().stream()
        .filter(m -> m.time() > 690)
        .forEach(m -> assertThat(m.feed()).isBetween(110.5, 115.0));
  }

  /** With a cooler in front and no bypass the pan of a cold morning stays cold for long. */
  @ParameterizedTest
  @CsvSource({"tank, -7.00, -0.77, 5.01", "bypassed, -6.39, 0.89, 7.21"})
  void aColdMorningWithACooler(String way, double s1, double s2, double s3) {
    Road road = new Road(List.of(Road.Point.of(0, 600, 60 / 3.6), Road.Point.of(20_100, 600, 60)));
    Rig rig = cold(WorkedCase.setup(true).fitting(), way);
    HaulRun.Start soaked = HaulRun.Start.soaked(-20);
    Trace trace =
        HaulRun.of(rig, Trip.of(road, -20, false), soaked, SWITCHED, HaulRun.USUAL_HYSTERESIS);
    assertThat(trace.at(300).sump()).isCloseTo(s1, within(CLOSE));
    assertThat(trace.at(600).sump()).isCloseTo(s2, within(CLOSE));
    assertThat(trace.at(1200).sump()).isCloseTo(s3, within(CLOSE));
  }

  private static Rig cold(String way) {
    return cold(WorkedCase.fitting(), way);
  }

  private static Rig cold(Fitting f, String way) {
    Fitting.OilRun oil = f.oil();
    Fitting.OilRun plate =
        new Fitting.OilRun(
            oil.order(),
            OilElement.InTank.Place.ENGINE_SIDE,
            oil.parallel(),
            oil.bypassPinned(),
            oil.coolers(),
            oil.hoses(),
            List.of(),
            Optional.empty());
    return Assembly.rig(
        new Setup(
            WorkedCase.truck(),
            switch (way) {
              case "bypassed" -> f.with(OilOrder.TANK_BYPASSED);
              case "engine" -> f.with(plate);
              default -> f;
            }));
  }

  @ParameterizedTest
  @CsvSource({
    "tank, 34.52, -15.46, -6.73, 80.20, -8.25, 1.44, 88.94, 0.16, 11.59",
    "bypassed, 34.47, -20.00, -4.82, 80.01, -20.00, 6.31, 89.02, -6.56, 22.40",
    "engine, 29.98, -20.00, 5.14, 65.34, -20.00, 37.87, 90.00, -13.73, 79.50"
  })
  void aColdMorning(
      String way,
      double c1,
      double t1,
      double s1,
      double c2,
      double t2,
      double s2,
      double c3,
      double t3,
      double s3) {
    Road road = new Road(List.of(Road.Point.of(0, 600, 60 / 3.6), Road.Point.of(20_100, 600, 60)));
    Trip trip = Trip.of(road, -20, false);
    Trace trace =
        HaulRun.of(
            cold(way), trip, new HaulRun.Start(-20, -20, -20), SWITCHED, HaulRun.USUAL_HYSTERESIS);
    stands(trace, 300, c1, t1, s1);
    stands(trace, 600, c2, t2, s2);
    stands(trace, 1200, c3, t3, s3);
  }
}
