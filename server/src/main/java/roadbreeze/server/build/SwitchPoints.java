package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.server.problem.Within;

/**
 * When a fan is switched on, and off again.
 *
 * @param sensor what its switch feels
 * @param withAirConditioning it runs too while the air conditioning does
 */
@RecordBuilder
public record SwitchPoints(
    @Within(min = 40, max = 130, kind = Kind.TEMPERATURE) double onC,
    @Within(min = 40, max = 130, kind = Kind.TEMPERATURE) double offC,
    @NotNull FanSensor sensor,
    boolean withAirConditioning)
    implements SwitchPointsBuilder.With {
  public static SwitchPoints of(FanSwitch points) {
    return new SwitchPoints(
        points.on(), points.off(), points.sensor(), points.withAirConditioning());
  }

  FanSwitch toCore() {
    return new FanSwitch(onC, offC, sensor, withAirConditioning);
  }
}
