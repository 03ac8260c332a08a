package roadbreeze.server.order;

import java.util.Map;

/** How long the yard's own work takes beside what is usual, as it was measured. */
public interface YardPace {
  /**
   * Of a family of tasks.
   *
   * @param ratio of minutes measured to minutes that are usual, the median (-)
   * @param count of steps that were measured
   */
  record Pace(double ratio, int count) {
    /** Fewer say more of the day than of the yard. */
    static final int ENOUGH = 3;

    boolean counts() {
      return count >= ENOUGH;
    }
  }

  /** By family; those alone that anything was measured of. */
  Map<String, Pace> paces();
}
