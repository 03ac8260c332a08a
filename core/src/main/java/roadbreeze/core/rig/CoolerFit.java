package roadbreeze.core.rig;

import java.util.Optional;
import roadbreeze.core.explain.Name;
import roadbreeze.core.stack.Rectangle;

/**
 * An oil cooler where it stands, m.
 *
 * @param turn as seen from the front
 * @param gap between it and the core behind
 * @param sealed the gap is closed round its rim, so that no air gets round the cooler
 * @param ownFan empty where it has none
 * @param ratingFactor measured over estimated conductance, 1 where no rating is known
 */
public record CoolerFit(
    Name name,
    OilCooler part,
    Place place,
    Turn turn,
    double x,
    double y,
    double gap,
    boolean sealed,
    Optional<OwnFan> ownFan,
    double ratingFactor) {

  /** Where in depth, or away from the pack altogether. */
  public enum Place {
    FRONT,
    BEHIND_CONDENSER,
    BEHIND_RADIATOR,
    ELSEWHERE
  }

  public Rectangle outline() {
    boolean onEnd = turn.onEnd();
    return new Rectangle(
        x, y, onEnd ? part.height() : part.width(), onEnd ? part.width() : part.height());
  }

  public CoolerFit withPart(OilCooler other) {
    return new CoolerFit(name, other, place, turn, x, y, gap, sealed, ownFan, ratingFactor);
  }

  public CoolerFit withGap(double newGap, boolean closed) {
    return new CoolerFit(name, part, place, turn, x, y, newGap, closed, ownFan, ratingFactor);
  }

  /** At another place of the pack; a fan that blew it away from there stays there. */
  public CoolerFit standing(Place there, Turn turned, double left, double low, double newGap) {
    Optional<OwnFan> fan = place == Place.ELSEWHERE ? Optional.empty() : ownFan;
    return new CoolerFit(name, part, there, turned, left, low, newGap, sealed, fan, ratingFactor);
  }

  /** Of its own fan. */
  Name fanName() {
    return new Name(name.id() + "-fan", Name.Noun.OIL_COOLER_FAN, name.number(), null);
  }

  /** With its own fan at rest. */
  public CoolerFit withoutOwnFan() {
    return new CoolerFit(
        name, part, place, turn, x, y, gap, sealed, Optional.empty(), ratingFactor);
  }

  /** Away from the pack, with a fan of its own. */
  public CoolerFit elsewhere(OwnFan fan) {
    return new CoolerFit(
        name, part, Place.ELSEWHERE, turn, 0, 0, gap, sealed, Optional.of(fan), ratingFactor);
  }
}
