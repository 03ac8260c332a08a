package roadbreeze.server.trip;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.haul.ColdMorning;
import roadbreeze.server.build.Build;

/**
 * How soon a cold truck's oil is warm by one way of it, driven on the level at 60 km/h.
 *
 * @param tank the way past the coolant, null where there is no oil cooler in it
 * @param bypass of the auxiliary coolers, null where there are none
 * @param own as the build has it
 * @param to40S until the pan passes 40 °C, null if not within the hour; as the next two
 * @param coolantTo70S until the coolant passes 70 °C and the cab warms
 * @param panAfterAnHourC at cruise
 * @param firstKpa that holds up in lines and coolers at the start
 */
public record ColdRow(
    @Nullable ColdMorning.Tank tank,
    @Nullable ColdMorning.Valve bypass,
    boolean own,
    @Nullable Double to40S,
    @Nullable Double to60S,
    @Nullable Double coolantTo70S,
    double panAfterAnHourC,
    double firstKpa) {
  private static final double SPEED = 60 / 3.6;

  /**
   * @throws roadbreeze.core.problem.RefusedException if it cannot be driven so
   */
  static List<ColdRow> all(ColdRequest request) {
    Build build = request.job().build(request.build());
    return ColdMorning.all(
            request.job().setup(build), request.job().limits(), request.ambientC(), SPEED)
        .stream()
        .map(ColdRow::of)
        .toList();
  }

  private static ColdRow of(ColdMorning c) {
    return new ColdRow(
        c.tank().orElse(null),
        c.bypass().orElse(null),
        c.own(),
        boxed(c.to40()),
        boxed(c.to60()),
        boxed(c.coolantTo70()),
        c.cruise(),
        c.pressure() / 1000);
  }

  private static @Nullable Double boxed(OptionalDouble value) {
    return value.isPresent() ? Double.valueOf(value.getAsDouble()) : null;
  }
}
