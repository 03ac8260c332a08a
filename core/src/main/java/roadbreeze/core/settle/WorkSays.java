package roadbreeze.core.settle;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is said in disputes about how the work is done. */
public enum WorkSays implements Code {
  HOLD,
  HOLD_BRACKETS,
  HOLD_RODS,
  HOLD_SHAKES("frequency FREQUENCY", "least FREQUENCY"),
  HOLD_STRESS("stress STRESS", "most STRESS"),
  HOLD_NOT_DRAWN,
  HOLD_NO_FIGURE,
  HOLD_REASON("gap SIZE", "gain DIFFERENCE"),
  HOLD_OTHERWISE,

  CLAMP,
  CLAMP_SPRING,
  CLAMP_LINED,
  CLAMP_PLAIN,
  CLAMP_FOLLOWS("shrinks SIZE"),
  CLAMP_LOOSENS("shrinks SIZE"),
  CLAMP_CUTS,
  CLAMP_STANDS("pressure PRESSURE"),
  CLAMP_REASON("hot TEMPERATURE", "cold TEMPERATURE", "shrinks SIZE"),
  CLAMP_OTHERWISE,

  CIRCUIT,
  CIRCUIT_FIXED,
  CIRCUIT_ADJUSTABLE,
  CIRCUIT_MANUAL,
  CIRCUIT_MIXED,
  CIRCUIT_MADE_OF("parts COUNT", "wires COUNT"),
  CIRCUIT_STOPS("stops COUNT", "all COUNT"),
  CIRCUIT_SAVED("stops COUNT", "left COUNT"),
  CIRCUIT_FIXED_AT("at TEMPERATURE"),
  CIRCUIT_FORGOTTEN,
  CIRCUIT_REASON("stops COUNT", "left COUNT"),
  CIRCUIT_OTHERWISE,

  FILL,
  FILL_FUNNEL,
  FILL_VACUUM,
  FILL_NECK,
  FILL_HEADER,
  FILL_HIGHEST,
  FILL_DAY("day TIME"),
  FILL_COOLS_AGAIN,
  FILL_TIGHT("vacuum PRESSURE"),
  FILL_OPEN_HOT,
  FILL_TANK_HIGHEST,
  FILL_PORT,
  FILL_REASON("funnel TIME", "vacuum TIME"),
  FILL_OTHERWISE,

  GASKET,
  GASKET_DRY,
  GASKET_SEALED,
  GASKET_DAY("day TIME"),
  GASKET_FACES,
  GASKET_SETS,
  GASKET_REASON("longer TIME"),
  GASKET_OTHERWISE,

  RETURN,
  RETURN_FEEL,
  RETURN_MANUAL,
  RETURN_THERMOMETER,
  RETURN_DIFFERS("differ DIFFERENCE"),
  RETURN_MISLEADS,
  RETURN_READS("differ DIFFERENCE", "tank DIFFERENCE"),
  RETURN_OF_THIS_TRUCK,
  RETURN_TELLS("differ DIFFERENCE"),
  RETURN_DOES_NOT("differ DIFFERENCE"),
  RETURN_OTHERWISE;

  private final List<Parameter> parameters;

  WorkSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
