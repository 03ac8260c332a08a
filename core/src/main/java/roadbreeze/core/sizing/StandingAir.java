package roadbreeze.core.sizing;

import java.util.List;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.vehicle.Rpm;

/** Air through the pack of a truck that stands: what fans are told apart by in a yard, m³/s. */
public final class StandingAir {
  private StandingAir() {}

  /**
   * At idle: electric fans run whole, one on the engine turns with it, gripped.
   *
   * @param ambient °C
   * @param altitude m
   */
  public static double idling(Setup setup, double ambient, double altitude) {
    Rig rig = Assembly.rig(setup);
    double idle = setup.truck().powertrain().engine().idleSpeed();
    double[] speed =
        rig.fanSettings().stream()
            .mapToDouble(f -> f.condition() * f.drive().gripped(idle))
            .toArray();
    return through(rig, speed, Air.at(ambient, altitude));
  }

  /** With one fan as it runs. Coolers' own fans stand: the oil is cold. */
  public static double of(Setup setup, FanRun run, Air air) {
    Rig rig = Assembly.rig(setup);
    List<FanFit> fans = setup.fitting().fans();
    double[] speed = new double[rig.fanSettings().size()];
    for (int i = 0; i < fans.size(); i++) {
      FanSetting setting = rig.fanSettings().get(i);
      boolean electric = setting.drive() instanceof FanDrive.Electric;
      if (fans.get(i).name().id().equals(run.fan())) {
        speed[i] = setting.condition() * ratio(setting.drive(), run);
      } else if (run.helpers() && electric) {
        speed[i] = setting.condition();
      }
    }
    return through(rig, speed, air);
  }

  /** Of a fan as it runs, over the reference speed of its curve, were it in good order (-). */
  static double ratio(FanDrive drive, FanRun run) {
    if (drive instanceof FanDrive.Electric) {
      return run.voltageShare();
    }
    return run.engineRpm().isPresent()
        ? drive.gripped(Rpm.toRadPerSecond(run.engineRpm().getAsDouble()))
        : 1;
  }

  private static double through(Rig rig, double[] speed, Air air) {
    return AirFlow.cold(rig.stack(), air, 0, speed).totalFlow(rig.stack());
  }
}
