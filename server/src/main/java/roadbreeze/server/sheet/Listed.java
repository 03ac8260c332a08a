package roadbreeze.server.sheet;

import java.util.List;
import roadbreeze.core.explain.Code;

/** Lines of a work sheet: what to fit and what to fill. */
public enum Listed implements Code {
  COOLER("part TEXT", "code TEXT", "ports TEXT", "order WORD"),
  COOLER_KEPT("part TEXT", "code TEXT", "ports TEXT", "order WORD"),
  HOSE("bore SIZE", "length LENGTH"),
  SMALL_PARTS("lines COUNT"),
  LOOM("lines COUNT"),
  RADIATOR("part TEXT", "code TEXT"),
  CHARGE_AIR_COOLER("part TEXT", "code TEXT"),
  NEW_PUMP("part TEXT", "code TEXT"),
  CLUTCH("from TEMPERATURE", "full TEMPERATURE"),
  CLUTCH_CONTROLLER("from TEMPERATURE", "full TEMPERATURE"),
  OVERRIDE,
  COOLER_FAN("flow AIRFLOW"),
  SEALS,
  PULLER("part TEXT", "code TEXT"),
  PUSHER("part TEXT", "code TEXT"),
  FAN_REPAIRED("from PERCENT", "to PERCENT"),
  THERMOSTAT("start TEMPERATURE", "full TEMPERATURE", "was TEMPERATURE"),
  PUMP("kept PERCENT"),
  SUCTION_HOSE("kept PERCENT"),
  CAP("pressure PRESSURE", "kept PERCENT"),
  SENSOR("low DIFFERENCE"),
  FUSE("fan TEXT", "draws CURRENT", "fuse CURRENT"),
  FUSE_TOO_LARGE("fan TEXT", "draws CURRENT"),
  OUT_PART("part TEXT"),
  OUT_RADIATOR,
  OUT_CHARGE_AIR_COOLER,
  OUT_PUMP,
  OUT_THERMOSTAT("start TEMPERATURE"),
  OIL("more VOLUME"),
  COOLANT("glycol PERCENT", "freezes TEMPERATURE", "boils TEMPERATURE");

  private final List<Parameter> parameters;

  Listed(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
