package roadbreeze.core.rig;

import roadbreeze.core.explain.Name;

/**
 * A fan that a switch lets run.
 *
 * @param index among the rig's fans
 */
public record SwitchedFan(int index, Name name, FanSwitch points) {
  /** It blows an oil cooler alone. */
  public boolean ofCooler() {
    return name.noun() == Name.Noun.OIL_COOLER_FAN;
  }

  /** The same with points that are so much higher, K. */
  public SwitchedFan later(double by) {
    return new SwitchedFan(index, name, points.later(by));
  }
}
