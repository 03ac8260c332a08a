package roadbreeze.server.line;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.line.OilLines;
import roadbreeze.core.line.OilNetwork;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.Hose;

/** What of a build does not go with its coolers, or is not planned. */
public enum CoolerMismatch implements Code {
  HOSE_BORE("hose TEXT", "bore SIZE", "ports SIZE"),
  NOT_RATED("cooler NAME"),
  OVER_RATING("cooler NAME", "rated PRESSURE", "reaches PRESSURE"),
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

  /**
   * @param lines what they do, for the pressure at each
   */
  static List<Finding> of(Build build, OilLines lines) {
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
    rated(build, lines, found);
    if (build.lines().hoses().isEmpty()) {
      found.add(NO_HOSES.with());
    }
    if (cooler.place() == CoolerFit.Place.FRONT && build.mounting().brackets().isEmpty()) {
      found.add(NO_BRACKETS.with());
    }
    return found;
  }

  /** A rating that is not known is asked for, never guessed. */
  private static void rated(Build build, OilLines lines, List<Finding> found) {
    for (int i = 0; i < build.coolers().size(); i++) {
      FittedCooler cooler = build.coolers().get(i);
      Name name = Name.of(cooler.id(), Name.Noun.OIL_COOLER, i);
      if (cooler.part().ratedKpa() == null) {
        found.add(NOT_RATED.with(name));
        continue;
      }
      double rated = cooler.part().ratedKpa() * 1000;
      double reaches = lines.reaches(OilNetwork.What.COOLER, i);
      if (reaches > rated) {
        found.add(OVER_RATING.with(name, rated, reaches));
      }
    }
  }
}
