package roadbreeze.server.build;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * A thing that is there for its wiring alone.
 *
 * @param sensor where it feels its temperature
 * @param onC where it comes on; nothing to a gauge
 * @param amps that it draws
 */
public record ExtraDevice(
    @Id String id,
    @NotNull What what,
    @NotBlank @Size(max = 40) String name,
    @NotNull FanSensor sensor,
    @Within(min = 30, max = 150, kind = Kind.TEMPERATURE) double onC,
    @Within(min = 0.1, max = 100, kind = Kind.CURRENT) double amps)
    implements Row {
  /** What it is. */
  public enum What implements Code {
    GAUGE,
    WARNING_LAMP,
    PUMP
  }
}
