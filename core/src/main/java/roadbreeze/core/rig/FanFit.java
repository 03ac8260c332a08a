package roadbreeze.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Name;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Rectangle;

/**
 * A fan where it stands.
 *
 * @param outline of its shroud, or of the square round its blades without one
 * @param speedShare of its proper speed that it reaches
 * @param held its driver's switch holds a controlled clutch fully gripped
 * @param switched by the coolant, where a switch of its own is set
 * @param measuredFactor of its pressure in this truck over its sheet's, by an air traverse at the
 *     core; empty if none was taken
 * @param seat how it is set in its shroud
 * @param blows how its blades meet the air
 */
@RecordBuilder
public record FanFit(
    Name name,
    FanUnit part,
    boolean pusher,
    boolean shrouded,
    Rectangle outline,
    double speedShare,
    boolean held,
    Optional<FanSwitch> switched,
    OptionalDouble measuredFactor,
    FanSeat seat,
    Blows blows)
    implements FanFitBuilder.With {

  /** A puller on a shroud over the whole of a core. */
  public static FanFit over(Rectangle core, FanUnit part) {
    return new FanFit(
        Name.of("main-fan", Name.Noun.MAIN_FAN, 0),
        part,
        false,
        true,
        core,
        1,
        false,
        Optional.empty(),
        OptionalDouble.empty(),
        FanSeat.AS_IT_WAS,
        Blows.AS_MADE);
  }

  /**
   * @param unmeasured factor on its pressure if no traverse measured it
   */
  Fan fan(double unmeasured) {
    FanCurve own = curve();
    double factor = measuredFactor.orElse(unmeasured);
    Fan.Mount mount =
        pusher ? Fan.Mount.PUSHER : shrouded ? Fan.Mount.SHROUDED_PULLER : Fan.Mount.BARE_PULLER;
    return new Fan(
        name,
        new FanCurve(own.shutoffPressure() * factor, own.freeFlow(), own.estimated()),
        shrouded ? outline : discs(),
        mount);
  }

  /** Its sheet's, as it comes out by how its blades meet the air. */
  public FanCurve curve() {
    return blows.of(part.curve());
  }

  /** Share of its proper speed at which it pulls air the way that it should. */
  public double serving() {
    return blows == Blows.WRONG_WAY ? 0 : speedShare;
  }

  /** Without a shroud only the blades' discs are served: a square of their area in their middle. */
  private Rectangle discs() {
    double side = part.diameter() * Math.sqrt(Math.PI * part.count()) / 2;
    return new Rectangle(
        outline.x() + (outline.width() - side) / 2,
        outline.y() + (outline.height() - side) / 2,
        side,
        side);
  }
}
