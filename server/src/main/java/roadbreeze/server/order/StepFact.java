package roadbreeze.server.order;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What the earlier stations have decided for a step. */
enum StepFact implements Code {
  PART("part TEXT", "code TEXT"),
  COOLER_AT("left SIZE", "up SIZE", "gap SIZE"),
  COOLER_AWAY,
  FLAT("length SIZE", "quantity COUNT"),
  BEND("number COUNT", "at SIZE", "angle ANGLE"),
  HOLE("at SIZE", "across SIZE", "drill SIZE"),
  SCREW("piece TEXT", "thread TEXT", "length SIZE", "torque TORQUE"),
  SCREW_ON_STUD("piece TEXT", "thread TEXT", "torque TORQUE"),
  HOSE("bore SIZE", "cut SIZE", "fitted SIZE"),
  JOINT("hose TEXT", "port TEXT", "torque TORQUE"),
  CLAMPS("clamps WORD"),
  OIL("more VOLUME"),
  OIL_IN_ALL("all VOLUME"),
  LEVEL_WINDOW("from TEMPERATURE", "to TEMPERATURE"),
  COOLANT("share PERCENT", "freezes TEMPERATURE", "boils TEMPERATURE"),
  COOLANT_IN_ALL("all VOLUME"),
  THERMOSTAT("start TEMPERATURE", "full TEMPERATURE"),
  CAP("pressure PRESSURE"),
  FAN("fan TEXT", "draws CURRENT"),
  FUSE("thing TEXT", "fuse CURRENT"),
  SWITCHES("fan TEXT", "on TEMPERATURE", "off TEMPERATURE"),
  ORDER_OPEN("lines COUNT"),
  TIGHT_BEFORE("port TEXT", "thing TEXT");

  private final List<Parameter> parameters;

  StepFact(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
