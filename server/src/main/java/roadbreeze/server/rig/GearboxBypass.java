package roadbreeze.server.rig;

import jakarta.validation.constraints.NotNull;
import roadbreeze.core.circuit.Bypass;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * The thermal bypass that some gearboxes have of their own: no oil to the coolers while it is cold.
 *
 * @param startC pan temperature at which the first oil goes to the coolers
 * @param fullC at which all of it does
 */
public record GearboxBypass(
    @NotNull BypassState state,
    @Within(min = 20, max = 110, kind = Kind.TEMPERATURE) double startC,
    @Within(min = 25, max = 130, kind = Kind.TEMPERATURE) double fullC) {

  /** What it does. */
  public enum BypassState {
    WORKING,
    STUCK_SHUT,
    STUCK_OPEN,
    PINNED
  }

  /** As the balance takes it; pinned or stuck open it acts as if absent. */
  Bypass toCore() {
    return switch (state) {
      case WORKING -> Bypass.byTemperature(startC, Math.max(fullC, startC + 1));
      case STUCK_SHUT -> Bypass.shutForGood();
      case STUCK_OPEN, PINNED -> Bypass.NONE;
    };
  }
}
