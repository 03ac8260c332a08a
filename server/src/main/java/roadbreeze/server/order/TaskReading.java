package roadbreeze.server.order;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.row.Row;

/**
 * A number that is read while a task is done.
 *
 * @param title of its field
 * @param kind of quantity; its bounds and its value are SI, °C where it is a temperature
 * @param goesTo where in the job it belongs, null where it only stands in the record
 * @param low least that can be true, null where nothing is known
 * @param high most that can be true, null where nothing is known
 */
public record TaskReading(
    @NotNull @Pattern(regexp = TaskData.ID) @Size(max = 40) String id,
    @NotBlank @Size(max = 80) String title,
    @NotNull Kind kind,
    @Nullable Goes goesTo,
    @Nullable Double low,
    @Nullable Double high)
    implements Row {

  /** Where a reading belongs. */
  public enum Goes implements Code {
    COOLANT_FOUND,
    COOLANT_OUT,
    COOLANT_MIX,
    COOLANT_IN,
    OIL_OUT,
    OIL_IN,
    STEERING_IN,
    HYDRAULIC_IN,
    THERMOSTAT_OPENS,
    THERMOSTAT_FULL,
    CORE_GAP,
    SHROUD_GAP,
    FAN_CURRENT,
    WIRE_CURRENT,
    CAP_HOLDS,
    PRESSURE_LOST,
    FAN_ON,
    FAN_OFF,
    PAN_AT_LEVEL,
    FILTER_FITTED
  }
}
