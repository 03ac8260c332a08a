package roadbreeze.core.route;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is wrong with how a hose runs, or will be. */
public enum RouteFault implements Code {
  KINKS(true, "is SIZE", "least SIZE"),
  BEND_HAS_NO_ROOM(true, "asked SIZE", "fits SIZE"),
  FOLDED(true),
  THROUGH(true, "thing NAME"),
  NEAR_MOVING(true, "thing NAME", "gap SIZE", "wanted SIZE"),
  NEAR_HOT(true, "thing NAME", "gap SIZE", "wanted SIZE"),
  CHAFES(false, "thing NAME", "gap SIZE", "wanted SIZE"),
  MAYBE_NEAR(false, "thing NAME", "gap SIZE", "known SIZE", "wanted SIZE"),
  TWISTS(false, "straight SIZE", "wanted SIZE"),
  HANGS_FREE(false, "span SIZE", "most SIZE"),
  CLIP_ON_NOTHING(false, "reach SIZE"),
  LOW(false, "under SIZE"),
  TRAPS_AIR(false, "over SIZE");

  private final boolean serious;
  private final List<Parameter> parameters;

  RouteFault(boolean serious, String... takes) {
    this.serious = serious;
    parameters = Code.takes(takes);
  }

  /** It will fail, not only wear or leak later. */
  public boolean serious() {
    return serious;
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
