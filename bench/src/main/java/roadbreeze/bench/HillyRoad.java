package roadbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Name;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;

/** Ninety minutes of hills on a hot day, and three builds of the worked truck for it. */
final class HillyRoad {
  static final HaulRun.Start START = new HaulRun.Start(95, 75, 80);

  static final List<SwitchedFan> SWITCHED =
      List.of(new SwitchedFan(0, Name.of(Name.Noun.MAIN_FAN), new FanSwitch(104, 100)));

  private static final double KILOMETRE = 1000;

  private HillyRoad() {}

  /** Climbs, moors, falls and a stop at idle, at changing speeds. */
  static Trip lasting(double seconds) {
    return lasting(seconds, 38);
  }

  /**
   * @param ambient at its start all day, °C
   */
  static Trip lasting(double seconds, double ambient) {
    double[] speeds = {75 / 3.6, 60 / 3.6, 90 / 3.6, 75 / 3.6};
    double[] grades = {0.05, 0.005, 0.05, -0.04};
    List<Road.Point> points = new ArrayList<>();
    double time = 0;
    double elevation = 600;
    for (int i = 0; ; i++) {
      double speed = speeds[i / 6 % speeds.length];
      Road.Point point = Road.Point.of(i * KILOMETRE, elevation, speed);
      points.add(i % 16 == 8 ? point.stopping(Road.Stop.idling(120)) : point);
      if (time >= seconds) {
        return Trip.of(new Road(points), ambient, true);
      }
      time += KILOMETRE / speed + (i % 16 == 8 ? 120 : 0);
      elevation += KILOMETRE * grades[i / 8 % grades.length];
    }
  }

  /** As found, with a cooler, and with a cooler and a colder thermostat. */
  static List<Rig> builds() {
    Rig cooled = WorkedCase.rig(true);
    return List.of(
        WorkedCase.rig(false),
        cooled,
        cooled.withCoolantLoop(cooled.coolantLoop().with(new Thermostat(82, 91))));
  }

  /** Four trucks of a yard: without a cooler and with one, each with two thermostats. */
  static List<Setup> setups() {
    return Stream.of(false, true)
        .map(WorkedCase::setup)
        .flatMap(s -> Stream.of(s, s.with(s.fitting().with(new Thermostat(82, 91)))))
        .toList();
  }
}
