package roadbreeze.core.fit;

import java.util.List;
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
  public record Cooler(String name, Rectangle outline, double depth, double gap, Depth place) {}

  /** Something in the opening. */
  public record Obstacle(String name, Rectangle outline, boolean movable) {}

  /** A fan's outline; pushers stand in front of the pack. */
  public record FanPlace(String name, Rectangle outline, boolean pusher) {}
}
