package roadbreeze.server.rig;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * Where a number of the job comes from. A number without one was entered.
 *
 * @param path as in {@code vehicle.cooling.radiator.depthMm}
 */
@Embeddable
public record Origin(
    @NotBlank @Size(max = 80) String path,
    @NotNull @Enumerated(EnumType.STRING) @Column(name = "kind") Kind kind) {

  /** How good it is. */
  public enum Kind {
    MEASURED,
    DEFAULT
  }
}
