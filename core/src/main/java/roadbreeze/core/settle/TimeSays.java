package roadbreeze.core.settle;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is said in disputes that only a road in time, or a cold morning, decides. */
public enum TimeSays implements Code {
  TANK,
  TANK_FIRST,
  TANK_LAST,
  TANK_BYPASSED,
  TANK_ENGINE_SIDE,
  COLD_WARMS("ambient TEMPERATURE", "lukewarm PERIOD", "warm PERIOD"),
  COLD_LUKEWARM("ambient TEMPERATURE", "lukewarm PERIOD", "pan TEMPERATURE"),
  COLD_STAYS("ambient TEMPERATURE", "pan TEMPERATURE"),
  TANK_STANDS_IN("coolant TEMPERATURE", "open PERCENT"),
  LEAK_CANNOT_MIX,
  LEAK_MIXES,
  ANOTHER_COOLER,
  TANK_TAKES("heat POWER"),
  TANK_HEATS("heat POWER"),
  TANK_KEEPS_WARM("within DIFFERENCE", "sooner PERIOD"),
  TANK_WARM_AND_MOST,
  TANK_COSTS("headroom DIFFERENCE"),
  TANK_NEAREST("within DIFFERENCE", "ambient TEMPERATURE"),
  TANK_MOST("ambient TEMPERATURE"),
  TANK_OTHERWISE,

  THERMOSTAT,
  THERMOSTAT_FITTED("start TEMPERATURE"),
  THERMOSTAT_COLDER("start TEMPERATURE"),
  AT_THE_FOOT("coolant TEMPERATURE"),
  WIDE_OPEN_FOR("open PERIOD"),
  LOUD_FOR("loud PERIOD"),
  CAB_WARMS("ambient TEMPERATURE", "after PERIOD"),
  CAB_STAYS_COLD("ambient TEMPERATURE"),
  WEARS_AND_EMITS,
  COLDER_WORTH("gain DIFFERENCE"),
  COLDER_SAME("apart DIFFERENCE"),
  COLDER_NOT_NEEDED("sure DIFFERENCE", "gain DIFFERENCE"),
  COLDER_OTHERWISE,
  FITTED_OTHERWISE,

  SWITCHING,
  SWITCH_AS_SET,
  SWITCH_FIXED,
  SWITCH_ADJUSTABLE,
  SWITCH_BY_HAND,
  SWITCHES_AT("on TEMPERATURE", "off TEMPERATURE"),
  TURNED_ON_AT("gauge TEMPERATURE"),
  SWITCH_MIXED,
  STARTS_TIMES("starts COUNT"),
  CANNOT_BE_SET,
  NEEDS_A_BOX,
  FORGOTTEN("coolant TEMPERATURE"),
  OVERRIDES,
  SWITCH_LEAST_NOISE("loud PERIOD"),
  SWITCH_MOST("gain DIFFERENCE"),
  SWITCH_ALIKE("apart DIFFERENCE"),
  SWITCH_OTHERWISE,

  EARLY,
  EARLY_NEVER,
  EARLY_FOOT,
  EARLY_BEFORE("before PERIOD"),
  EARLY_WORTH("gain DIFFERENCE"),
  EARLY_SAME("gain DIFFERENCE"),
  EARLY_OTHERWISE_WORTH,
  EARLY_OTHERWISE;

  private final List<Parameter> parameters;

  TimeSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
