package roadbreeze.server.wiring;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is ordered for a loom. */
enum LoomSaid implements Code {
  WIRE("length LENGTH", "size TEXT", "colour WORD"),
  TERMINAL("count COUNT", "kind WORD", "size TEXT"),
  SEAL("count COUNT", "size TEXT"),
  GUARD("count COUNT", "kind WORD", "amps CURRENT"),
  PART("count COUNT", "name TEXT"),
  CLAMPS("count COUNT", "bore SIZE"),
  BOX,
  RELAY("count COUNT"),
  CHANGE_OVER("count COUNT"),
  CONTROLLER("count COUNT"),
  MODULE("count COUNT"),
  DIODE("count COUNT"),
  CONTACT("count COUNT", "kind WORD"),
  LOAD("count COUNT", "kind WORD"),
  SLEEVE("length LENGTH", "diameter SIZE"),
  HEAT_SLEEVE("length LENGTH", "diameter SIZE"),
  CLIP("count COUNT", "diameter SIZE"),
  GROMMET("count COUNT", "diameter SIZE");

  private final List<Parameter> parameters;

  LoomSaid(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
