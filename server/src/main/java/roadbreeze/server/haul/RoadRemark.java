package roadbreeze.server.haul;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What was done to a recorded road so that it can be driven. */
enum RoadRemark implements Code {
  SMOOTHED("recorded COUNT", "left COUNT", "before ALTITUDE", "after ALTITUDE"),
  TURNED,
  SPIKES("heights COUNT"),
  FILLED("heights COUNT"),
  GAPS("gaps COUNT", "longest DISTANCE"),
  TRACKS("tracks COUNT", "taken DISTANCE"),
  SPEEDS_RECORDED,
  SPEED_USUAL("speed SPEED");

  private final List<Parameter> parameters;

  RoadRemark(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
