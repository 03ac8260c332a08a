package roadbreeze.core.rig;

import java.util.OptionalDouble;
import roadbreeze.core.explain.Name;
import roadbreeze.core.stack.Rectangle;

/**
 * An oil cooler where it stands, m.
 *
 * @param gap between it and the core behind
 * @param sealed the gap is closed round its rim, so that no air gets round the cooler
 * @param ownFan free-air flow of its own fan, m³/s
 * @param ratingFactor measured over estimated conductance, 1 where no rating is known
 */
public record CoolerFit(
    Name name,
    OilCooler part,
    Place place,
    double x,
    double y,
    double gap,
    boolean sealed,
    OptionalDouble ownFan,
    double ratingFactor) {

  /** Where in depth, or away from the pack altogether. */
  public enum Place {
    FRONT,
    BEHIND_CONDENSER,
    BEHIND_RADIATOR,
    ELSEWHERE
  }

  public Rectangle outline() {
    return new Rectangle(x, y, part.width(), part.height());
  }

  public CoolerFit withPart(OilCooler other) {
    return new CoolerFit(name, other, place, x, y, gap, sealed, ownFan, ratingFactor);
  }

  public CoolerFit withGap(double newGap, boolean closed) {
    return new CoolerFit(name, part, place, x, y, newGap, closed, ownFan, ratingFactor);
  }

  /** With its own fan at rest. */
  public CoolerFit withoutOwnFan() {
    return new CoolerFit(
        name, part, place, x, y, gap, sealed, OptionalDouble.empty(), ratingFactor);
  }

  /** Away from the pack, with a fan of its own. */
  public CoolerFit elsewhere(double fan) {
    return new CoolerFit(
        name, part, Place.ELSEWHERE, 0, 0, gap, sealed, OptionalDouble.of(fan), ratingFactor);
  }
}
