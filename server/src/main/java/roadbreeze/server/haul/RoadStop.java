package roadbreeze.server.haul;

import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.haul.Road;
import roadbreeze.core.vehicle.Powertrain;
import roadbreeze.server.problem.Within;

/**
 * Standing at a point of a road before it is left.
 *
 * @param fansDead no electric fan runs; else they go on as they are switched
 */
public record RoadStop(
    @Within(min = 0, max = 720, kind = Kind.PERIOD) double minutes,
    @NotNull EngineAtRest engine,
    boolean fansDead) {

  /** What the engine does meanwhile. */
  public enum EngineAtRest {
    IDLE(Powertrain.Standing.NEUTRAL),
    IDLE_IN_GEAR(Powertrain.Standing.IN_GEAR),
    FAST_IDLE(Powertrain.Standing.FAST_IDLE),
    OFF(null);

    private final Powertrain.Standing standing;

    EngineAtRest(Powertrain.Standing standing) {
      this.standing = standing;
    }
  }

  Road.Stop toCore() {
    return new Road.Stop(minutes * 60, Optional.ofNullable(engine.standing), fansDead);
  }
}
