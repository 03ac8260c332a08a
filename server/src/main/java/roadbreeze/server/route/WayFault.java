package roadbreeze.server.route;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is wrong with how a build's hoses are joined, or with what they are cut from. */
public enum WayFault implements Code {
  NOT_JOINED("from NAME", "to NAME"),
  JOINS_NOTHING_NEEDED("hose NAME"),
  BACKWARDS("hose NAME"),
  TAKEN_TWICE("port NAME"),
  PORT_UNKNOWN("port NAME"),
  PORT_GONE("hose NAME"),
  TANK_OPEN,
  DRAINS_BACK("cooler NAME", "oil VOLUME"),
  NOT_FOR_OIL("hose NAME", "stock TEXT"),
  NO_PRESSURE_RATING("hose NAME", "stock TEXT"),
  NO_HEAT_RATING("hose NAME", "stock TEXT"),
  PRESSURE_OVER("hose NAME", "rated PRESSURE", "reaches PRESSURE"),
  HEAT_OVER("hose NAME", "rated TEMPERATURE", "reaches TEMPERATURE");

  private final List<Parameter> parameters;

  WayFault(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
