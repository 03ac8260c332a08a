package roadbreeze.server.drawing;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is written on a drawing. */
public enum Written implements Code {
  TITLE("part TEXT", "count COUNT", "width TEXT", "thickness TEXT", "metal TEXT"),
  CHANNEL("part TEXT", "web TEXT", "leg TEXT", "thickness TEXT", "metal TEXT"),
  BENT_UP("bend COUNT", "angle ANGLE"),
  BENT_DOWN("bend COUNT", "angle ANGLE"),
  BEND,
  TWISTED("angle ANGLE"),
  HOLE("diameter TEXT"),
  /** For a socket. */
  RELIEF("diameter TEXT"),
  PLATE("what WORD", "side WORD"),
  PLUGS("count COUNT", "diameter TEXT"),
  CUT_OUT("from TEXT"),
  HOSE("part TEXT", "cut TEXT", "bore TEXT"),
  BENT_TO("bend COUNT", "radius SIZE", "angle ANGLE"),
  FROM_ABOVE,
  FROM_THE_FRONT,
  FROM_THE_SIDE,
  STANDS,
  GAP_BEHIND("gap TEXT"),
  PINOUT,
  NO_WIRE,
  JOINT,
  BAR;

  private final List<Parameter> parameters;

  Written(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
