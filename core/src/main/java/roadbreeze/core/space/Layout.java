package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Name;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.FanFit;
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
    List<Obstacle> obstacles,
    List<FanPlace> fans) {

  /** Where in depth a cooler stands. */
  public enum Depth {
    FRONT,
    BEHIND_CONDENSER,
    BEHIND_RADIATOR
  }

  /** A cooler with the gap to the core behind it. */
  public record Cooler(Name name, Rectangle outline, double depth, double gap, Depth place) {}

  /** Something in the opening. */
  public record Obstacle(Name name, Rectangle outline, boolean movable) {}

  /** A fan's outline; pushers stand in front of the pack. */
  public record FanPlace(Name name, Rectangle outline, boolean pusher) {}

  /** Share of the radiator's face that the opening lets air to, over 1 where it is larger (-). */
  double openShare() {
    return Assembly.openShare(
        opening, obstacles.stream().map(Obstacle::outline).toList(), radiator);
  }

  /** What stands where on a truck with a build on it. */
  public static Layout of(Setup setup) {
    Truck.FrontEnd front = setup.truck().front();
    List<Cooler> coolers = new ArrayList<>();
    for (CoolerFit c : setup.fitting().coolers()) {
      if (c.place() != CoolerFit.Place.ELSEWHERE) {
        coolers.add(
            new Cooler(
                c.name(), c.outline(), c.part().depth(), c.gap(), Depth.valueOf(c.place().name())));
      }
    }
    for (OtherCooler o : setup.fitting().others()) {
      if (o.place() != CoolerFit.Place.ELSEWHERE) {
        coolers.add(
            new Cooler(
                o.name(),
                o.core().outline(),
                o.core().depth(),
                front.coreGap(),
                Depth.valueOf(o.place().name())));
      }
    }
    List<FanFit> fans = setup.fitting().fans();
    return new Layout(
        front.opening(),
        front.depth(),
        front.coreGap(),
        front.fanToCore(),
        front.tipGap(),
        fans.stream().anyMatch(f -> f.part().kind().onEngine()),
        setup.radiator().outline(),
        coolers,
        setup.obstacles().stream()
            .map(o -> new Obstacle(o.name(), o.outline(), o.movable()))
            .toList(),
        fans.stream().map(f -> new FanPlace(f.name(), f.outline(), f.pusher())).toList());
  }
}
