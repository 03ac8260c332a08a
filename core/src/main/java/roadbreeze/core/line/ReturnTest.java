package roadbreeze.core.line;

import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/**
 * Which of the two oil lines at a tank leaves it, by thermometer: the one nearer to the tank's own
 * temperature does, whether the tank cools the oil or heats it. The warmer line alone tells
 * nothing.
 */
public final class ReturnTest {
  private ReturnTest() {}

  /** What three readings tell. */
  public enum Says implements Code {
    CONFIRMED("outlet TEMPERATURE", "tank TEMPERATURE"),
    OTHER_WAY_ROUND("inlet TEMPERATURE", "tank TEMPERATURE"),
    LINES_ALIKE("differ DIFFERENCE", "wanted DIFFERENCE"),
    TANK_ALIKE("differ DIFFERENCE", "wanted DIFFERENCE");

    private final List<Parameter> parameters;

    Says(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** Lines nearer to each other than this tell nothing, K. */
  private static final double LINES = 3;

  /** A tank nearer than this to the farther line tells nothing, K. */
  private static final double TANK = 6;

  /**
   * @param inlet at the port that is taken for the tank's inlet, °C
   * @param outlet at the port that is taken for its outlet, °C
   * @param tank between the two, °C
   */
  public static Finding of(double inlet, double outlet, double tank) {
    double apart = Math.abs(inlet - outlet);
    if (apart < LINES) {
      return Says.LINES_ALIKE.with(apart, LINES);
    }
    double farther = Math.max(Math.abs(inlet - tank), Math.abs(outlet - tank));
    if (farther < TANK) {
      return Says.TANK_ALIKE.with(farther, TANK);
    }
    return Math.abs(outlet - tank) < Math.abs(inlet - tank)
        ? Says.CONFIRMED.with(outlet, tank)
        : Says.OTHER_WAY_ROUND.with(inlet, tank);
  }
}
