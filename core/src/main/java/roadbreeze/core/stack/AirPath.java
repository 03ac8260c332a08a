package roadbreeze.core.stack;

import java.util.List;

/**
 * All cells that share layers and fans: they run at one velocity, so the balance treats them as
 * one.
 *
 * @param area of its cells together, m²
 * @param layers indices into {@link Stack#layers()}, front to back
 * @param fans indices into {@link Stack#fans()}
 * @param ram false behind something that takes the ram air, or away from the front
 */
public record AirPath(double area, List<Integer> layers, List<Integer> fans, boolean ram) {
  public AirPath {
    layers = List.copyOf(layers);
    fans = List.copyOf(fans);
  }
}
