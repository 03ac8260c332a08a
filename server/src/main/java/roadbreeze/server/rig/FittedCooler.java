package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.problem.Within;

/**
 * An oil cooler where it stands.
 *
 * @param gapMm between it and the core behind
 * @param sealed the gap is closed round its rim, so that no air gets round the cooler
 * @param ownFanM3s free-air flow of its own fan, null without one
 * @param ratingFactor measured over estimated conductance, 1 where no rating is known
 */
@Embeddable
public record FittedCooler(
    @NotNull @Valid @Embedded CoolerPart part,
    @NotNull @Enumerated(EnumType.STRING) Place place,
    @Within(min = -1000, max = 2000, unit = "mm") double leftMm,
    @Within(min = -1000, max = 2000, unit = "mm") double bottomMm,
    @Within(min = 0, max = 300, unit = "mm") double gapMm,
    boolean sealed,
    @Within(min = 0.02, max = 2, unit = "m³/s") Double ownFanM3s,
    @Within(min = 0.3, max = 3) double ratingFactor) {

  /** Where in depth, or away from the pack altogether. */
  public enum Place {
    FRONT,
    BEHIND_CONDENSER,
    BEHIND_RADIATOR,
    ELSEWHERE
  }

  public FittedCooler withPart(CoolerPart newPart) {
    return new FittedCooler(
        newPart, place, leftMm, bottomMm, gapMm, sealed, ownFanM3s, ratingFactor);
  }

  public FittedCooler at(Place newPlace, double left, double bottom) {
    return new FittedCooler(part, newPlace, left, bottom, gapMm, sealed, ownFanM3s, ratingFactor);
  }

  public FittedCooler withGap(double gap, boolean closed) {
    return new FittedCooler(part, place, leftMm, bottomMm, gap, closed, ownFanM3s, ratingFactor);
  }

  public FittedCooler withOwnFan(Double flow) {
    return new FittedCooler(part, place, leftMm, bottomMm, gapMm, sealed, flow, ratingFactor);
  }
}
