package roadbreeze.core.switching;

import roadbreeze.core.explain.Name;

/**
 * A fan that a switch in the coolant lets run.
 *
 * @param index among the rig's fans
 */
public record SwitchedFan(int index, Name name, FanSwitch points) {}
