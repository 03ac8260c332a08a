package roadbreeze.core.wiring;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What can be wrong with a circuit, or is worth knowing of it. */
public enum WiringFault implements Code {
  KEEPS_ENGINE_ALIVE(Weight.BAD, "of NAME", "volts VOLTAGE"),
  KEEPS_COMPRESSOR_ON(Weight.BAD, "of NAME", "volts VOLTAGE"),
  ASKS_FOR_AIR(Weight.BAD, "of NAME", "volts VOLTAGE"),
  FEEDS_JOINED(Weight.BAD, "of NAME", "line WORD", "volts VOLTAGE"),
  SHORT(Weight.BAD, "of NAME", "current CURRENT"),
  CHATTERS(Weight.BAD, "of NAME"),
  EARTH_SHARED(Weight.BAD, "of NAME", "lifts VOLTAGE", "reads DIFFERENCE"),
  NEVER_RUNS(Weight.BAD, "of NAME"),
  RUNS_COLD(Weight.BAD, "of NAME"),
  IDLE_TRIGGER(Weight.BAD, "of NAME"),
  BLOWS_WRONG_WAY(Weight.BAD, "of NAME"),
  BLADES_BACKWARDS(Weight.BAD, "of NAME", "flow SHARE"),
  MUCH_LOST(Weight.MINOR, "of NAME", "lost VOLTAGE", "allowed VOLTAGE"),
  WIRE_HOT(Weight.BAD, "of NAME", "temperature TEMPERATURE", "most TEMPERATURE"),
  WIRE_UNPROTECTED(Weight.BAD, "of NAME", "guard CURRENT", "carries CURRENT"),
  NO_WIRE(Weight.BAD, "of NAME", "surround TEMPERATURE"),
  GUARD_SMALL(Weight.BAD, "of NAME", "guard CURRENT", "wanted CURRENT"),
  GUARD_STARTS(Weight.MINOR, "of NAME", "guard CURRENT", "first CURRENT", "over DURATION"),
  RESETS_ITSELF(Weight.MINOR, "of NAME"),
  RELAY_SMALL(Weight.BAD, "of NAME", "current CURRENT", "bears CURRENT"),
  START_TOGETHER(Weight.MINOR, "of NAME", "other NAME", "current CURRENT"),
  NO_EARTH_IN_RUBBER(Weight.BAD, "of NAME"),
  ALTERNATOR_UNKNOWN(Weight.MINOR),
  ALTERNATOR_SHORT(Weight.BAD, "drawn CURRENT", "spare CURRENT", "lasts TIME"),
  ALTERNATOR_SERVES(Weight.GOOD, "drawn CURRENT", "spare CURRENT"),
  RUNS_ON(Weight.MINOR, "of NAME", "current CURRENT", "after PERIOD", "share SHARE"),
  RUNS_DRY(Weight.BAD, "of NAME", "current CURRENT", "after PERIOD", "share SHARE"),
  BOX_FULL(Weight.BAD, "drawn CURRENT", "spare CURRENT"),
  BOX_UNKNOWN(Weight.MINOR, "drawn CURRENT"),
  BOX_LOW(Weight.MINOR, "up SIZE", "wanted SIZE"),
  BOX_OPENS_UP(Weight.BAD),
  BOX_UNSEALED(Weight.MINOR),
  BOX_HOT(Weight.BAD, "thing NAME", "gap SIZE", "wanted SIZE"),
  ADJUSTER_BURIED(Weight.BAD, "of NAME", "thing NAME"),
  ADJUSTER_AHEAD(Weight.MINOR, "of NAME", "thing NAME"),
  ADJUSTER_DEEP(Weight.MINOR, "of NAME", "deep SIZE", "arm SIZE"),
  SWITCH_AWAY(Weight.BAD, "of NAME", "place WORD"),
  PROBE_WANTED(Weight.MINOR, "of NAME"),
  PROBE_OF_OTHER(Weight.BAD, "of NAME", "felt WORD"),
  PROBE_RANGE(Weight.BAD, "of NAME", "on TEMPERATURE", "most TEMPERATURE"),
  PROBE_NO_SWITCH(Weight.BAD, "of NAME"),
  PROBE_IS_SWITCH(Weight.BAD, "of NAME"),
  PROBE_SWITCHES_AT(Weight.BAD, "of NAME", "at TEMPERATURE", "on TEMPERATURE"),
  ADAPTER_WANTED(Weight.MINOR, "of NAME", "bore SIZE"),
  BORE_UNKNOWN(Weight.MINOR, "of NAME"),
  ADAPTER_BORE(Weight.BAD, "of NAME", "adapter SIZE", "bore SIZE"),
  ADAPTER_THREAD(Weight.BAD, "of NAME", "probe TEXT", "adapter TEXT"),
  ADAPTER_NO_ROOM(Weight.MINOR, "of NAME", "straight SIZE", "wanted SIZE"),
  HOSE_CUT(Weight.GOOD, "of NAME", "cut SIZE");

  /** How much it matters. */
  public enum Weight {
    /** It must be mended. */
    BAD,
    /** It is to be known, and may be left. */
    MINOR,
    GOOD
  }

  private final Weight weight;
  private final List<Parameter> parameters;

  WiringFault(Weight weight, String... takes) {
    this.weight = weight;
    this.parameters = Code.takes(takes);
  }

  public Weight weight() {
    return weight;
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
