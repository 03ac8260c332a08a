package roadbreeze.server.line;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.Hose;

/** What of a build's hoses and brackets does not go with its first cooler, or is not planned. */
public enum CoolerMismatch implements Code {
  HOSE_BORE("hose TEXT", "bore SIZE", "ports SIZE"),
  NO_HOSES,
  NO_BRACKETS;

  /** Bores closer than this are one bore, mm. */
  private static final double SAME_BORE = 0.6;

  private final List<Parameter> parameters;

  CoolerMismatch(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  static List<Finding> of(Build build) {
    List<Finding> found = new ArrayList<>();
    if (build.coolers().isEmpty()) {
      return found;
    }
    FittedCooler cooler = build.coolers().get(0);
    double ports = cooler.part().portBoreMm();
    for (Hose hose : build.lines().hoses()) {
      if (Math.abs(hose.bore() - ports) > SAME_BORE) {
        found.add(HOSE_BORE.with(hose.name(), hose.bore() / 1000, ports / 1000));
      }
    }
    if (build.lines().hoses().isEmpty()) {
      found.add(NO_HOSES.with());
    }
    if (cooler.place() == CoolerFit.Place.FRONT && build.mounting().brackets().isEmpty()) {
      found.add(NO_BRACKETS.with());
    }
    return found;
  }
}
