package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.server.problem.Within;

/** A truck, named by its work. */
@Embeddable
public record Vehicle(
    @NotBlank @Size(max = 80) String name,
    @NotNull @Enumerated(EnumType.STRING) Kind kind,
    @Within(min = 500, max = 40000, unit = "kg") double massKg,
    @Within(min = 0.004, max = 0.3) double rollingCoefficient,
    @Within(min = 0.3, max = 15, unit = "m²") double dragAreaM2,
    @NotNull @Valid @Embedded EngineData engine,
    @NotNull @Valid @Embedded GearboxData gearbox,
    @NotNull @Valid @Embedded CoolingData cooling,
    @NotNull @Valid @Embedded LimitData limits) {

  /** What the truck is, for the defaults of an intake. */
  public enum Kind {
    PETROL_UTILITY,
    DIESEL_UTILITY,
    MEDIUM_DIESEL,
    PLOUGH_PICKUP
  }
}
