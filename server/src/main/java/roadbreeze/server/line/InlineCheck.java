package roadbreeze.server.line;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.line.OilLines;
import roadbreeze.core.line.OilNetwork;
import roadbreeze.core.route.Coupling;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.HoseMapper;
import roadbreeze.server.build.Inline;

/** What is wrong with what sits in a build's hoses. */
enum InlineCheck implements Code {
  ARROW_BACKWARDS("hose NAME"),
  IN_NO_HOSE,
  NOT_CHOSEN("hose NAME"),
  PORTS_OTHER("filter TEXT", "ports SIZE", "bore SIZE"),
  OVER_RATING("filter TEXT", "rated PRESSURE", "reaches PRESSURE"),
  COUNTED_LOADED("filter TEXT"),
  NEEDS_ADAPTERS("filter TEXT", "ports TEXT"),
  TEE_READS_RETURN("hose NAME"),
  BYPASS_NOT_SET;

  /** Bores closer than this are one bore, mm. */
  private static final double SAME_BORE = 0.8;

  private final List<Parameter> parameters;

  InlineCheck(String... takes) {
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
    for (Inline in : build.lines().inline()) {
      Hose hose =
          build.lines().hoses().stream()
              .filter(h -> h.id().equals(in.hose()))
              .findFirst()
              .orElse(null);
      if (hose == null) {
        found.add(IN_NO_HOSE.with());
        continue;
      }
      if (in.reversed() && in.what() != Inline.What.SENSOR_TEE) {
        found.add(ARROW_BACKWARDS.with(HoseMapper.name(hose)));
      }
      switch (in.what()) {
        case FILTER -> filter(build, in, hose, lines, found);
        case SENSOR_TEE -> {
          // What the gearbox gives off is read on its way out; past the coolers it says how well
          // they work.
          if (build.lines().hoses().indexOf(hose) == build.lines().hoses().size() - 1
              && build.lines().hoses().size() > 1) {
            found.add(TEE_READS_RETURN.with(HoseMapper.name(hose)));
          }
        }
        case BYPASS -> {
          if (in.opensC() == null && in.opensKpa() == null) {
            found.add(BYPASS_NOT_SET.with());
          }
        }
      }
    }
    return found;
  }

  private static void filter(
      Build build, Inline in, Hose hose, OilLines lines, List<Finding> found) {
    if (in.filter() == null) {
      found.add(NOT_CHOSEN.with(HoseMapper.name(hose)));
      return;
    }
    String name = in.filter().name();
    if (Math.abs(in.filter().portBoreMm() - hose.bore()) > SAME_BORE) {
      found.add(PORTS_OTHER.with(name, in.filter().portBoreMm() / 1000, hose.bore() / 1000));
    }
    int index = build.lines().hoses().indexOf(hose);
    double reaches = lines.reaches(OilNetwork.What.FILTER, index);
    if (reaches > in.filter().mostKpa() * 1000) {
      found.add(OVER_RATING.with(name, in.filter().mostKpa() * 1000, reaches));
    }
    if (Coupling.named(in.filter().ports()).filter(c -> c != Coupling.BARB).isPresent()) {
      found.add(NEEDS_ADAPTERS.with(name, in.filter().ports()));
    }
    if (in.opensKpa() == null) {
      found.add(COUNTED_LOADED.with(name));
    }
  }
}
