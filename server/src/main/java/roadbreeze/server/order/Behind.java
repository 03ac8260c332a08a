package roadbreeze.server.order;

import java.util.Map;

/**
 * Work that is done when the rest is put in order.
 *
 * @param done minutes that its wait lasts yet, by the id of each time that a step was done
 * @param minutes of work since the first day began
 */
public record Behind(Map<String, Integer> done, int minutes) {
  /** Nothing is done yet. */
  public static final Behind NOTHING = new Behind(Map.of(), 0);

  public Behind {
    done = Map.copyOf(done);
  }
}
