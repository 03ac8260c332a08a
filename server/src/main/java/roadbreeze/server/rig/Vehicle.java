package roadbreeze.server.rig;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** A truck, named by its work. */
@RecordBuilder
public record Vehicle(
    @NotBlank @Size(max = 80) String name,
    @NotNull Type kind,
    @Within(min = 500, max = 40000, kind = Kind.MASS) double massKg,
    @Within(min = 0.004, max = 0.3) double rollingCoefficient,
    @Within(min = 0.3, max = 15, kind = Kind.AREA) double dragAreaM2,
    @NotNull @Valid EngineData engine,
    @NotNull @Valid GearboxData gearbox,
    @NotNull @Valid CoolingData cooling,
    @NotNull @Valid LimitData limits)
    implements VehicleBuilder.With {

  /** What the truck is, for the defaults of an intake. */
  public enum Type {
    PETROL_UTILITY,
    DIESEL_UTILITY,
    MEDIUM_DIESEL,
    PLOUGH_PICKUP
  }
}
