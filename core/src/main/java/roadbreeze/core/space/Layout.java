package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanSeat;
import roadbreeze.core.rig.OtherCooler;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.stack.Rectangle;

/**
 * What stands where, lengths in m.
 *
 * @param opening front opening seen from the front
 * @param openingDepth room in front of the pack
 * @param coreGap between the truck's own cores
 * @param fanToCore from the blades of the main fan to the radiator
 * @param tipGap from its blade tips to the shroud
 * @param fanOnEngine the main fan rocks with the engine
 * @param solids that stand in the nose
 * @param inOpening outlines of those that the air has to go round
 */
public record Layout(
    Rectangle opening,
    double openingDepth,
    double coreGap,
    double fanToCore,
    double tipGap,
    boolean fanOnEngine,
    Rectangle radiator,
    List<Cooler> coolers,
    List<Solid> solids,
    List<Rectangle> inOpening,
    List<FanPlace> fans) {

  /** Where in depth a cooler stands. */
  public enum Depth {
    FRONT,
    BEHIND_CONDENSER,
    BEHIND_RADIATOR
  }

  /** A cooler with the gap to the core behind it. */
  public record Cooler(Name name, Box box, double gap, Depth place) {
    public Rectangle outline() {
      return new Rectangle(box.x(), box.y(), box.width(), box.height());
    }

    public double depth() {
      return box.depth();
    }
  }

  /** A fan's outline; pushers stand in front of the pack. */
  public record FanPlace(Name name, Rectangle outline, boolean pusher) {}

  /** Share of the radiator's face that the opening lets air to, over 1 where it is larger (-). */
  double openShare() {
    return Assembly.openShare(opening, inOpening, radiator);
  }

  /** What stands where on a truck with a build on it. */
  public static Layout of(Setup setup) {
    Truck.FrontEnd front = setup.truck().front();
    Pack pack = Pack.of(setup);
    List<Cooler> coolers = new ArrayList<>();
    for (CoolerFit c : setup.fitting().coolers()) {
      if (c.place() != CoolerFit.Place.ELSEWHERE) {
        coolers.add(
            new Cooler(c.name(), pack.box(c.name()), c.gap(), Depth.valueOf(c.place().name())));
      }
    }
    for (OtherCooler o : setup.fitting().others()) {
      if (o.place() != CoolerFit.Place.ELSEWHERE) {
        coolers.add(
            new Cooler(
                o.name(), pack.box(o.name()), front.coreGap(), Depth.valueOf(o.place().name())));
      }
    }
    List<FanFit> fans = setup.fitting().fans();
    FanSeat seat = setup.fitting().seat();
    return new Layout(
        front.opening(),
        front.depth(),
        front.coreGap(),
        setup.fanToCore() - seat.spacer(),
        tipGap(front, seat),
        setup.fitting().fanOnEngine(),
        setup.radiator().outline(),
        coolers,
        setup.standing(),
        setup.inOpening().stream().map(s -> s.outline().orElseThrow()).toList(),
        fans.stream().map(f -> new FanPlace(f.name(), f.outline(), f.pusher())).toList());
  }

  /** The narrowest place all round where that was measured. */
  private static double tipGap(Truck.FrontEnd front, FanSeat seat) {
    return front
        .tips()
        .map(t -> t.shifted(seat.shroudRight(), seat.shroudUp()).least())
        .orElse(front.tipGap());
  }
}
