package roadbreeze.core.sizing;

import java.util.Arrays;
import java.util.List;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.vehicle.Rpm;

/** Air through the pack of a truck that stands and idles: what fans are told apart by in a yard. */
public final class StandingAir {
  /** Grip of a belt fan's clutch, share of its pulley: hot, as it stands in a queue. Own figure. */
  private static final double GRIP = 0.9;

  private StandingAir() {}

  /**
   * Electric fans run whole; one on the engine turns with the idling engine.
   *
   * @param ambient °C
   * @param altitude m
   * @return m³/s through the face
   */
  public static double of(Setup setup, double ambient, double altitude) {
    Rig rig = Assembly.rig(setup);
    double[] speed = new double[rig.stack().fans().size()];
    Arrays.fill(speed, 1);
    List<FanFit> fans = setup.fitting().fans();
    double idleRpm = Rpm.fromRadPerSecond(setup.truck().powertrain().engine().idleSpeed());
    for (int i = 0; i < fans.size(); i++) {
      speed[i] = fans.get(i).speedShare() * share(fans.get(i).part(), idleRpm);
    }
    return AirFlow.cold(rig.stack(), Air.at(ambient, altitude), 0, speed).totalFlow(rig.stack());
  }

  private static double share(FanUnit fan, double idleRpm) {
    return fan.kind().onEngine()
        ? GRIP * fan.pulleyRatio().getAsDouble() * idleRpm / fan.referenceRpm().getAsDouble()
        : 1;
  }
}
