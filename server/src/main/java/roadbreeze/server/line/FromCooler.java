package roadbreeze.server.line;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.Hose;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * Hoses as the first cooler of a build asks for them, before anything is measured on the truck, and
 * what of those planned does not go with it.
 */
public record FromCooler(List<Hose> hoses, List<Said> mismatches) {
  // Usual stock and lengths, to be measured; mm and m.
  private static final double FEED = 0.9;
  private static final double RETURN = 1.1;

  /** Bores closer than this are one bore, mm. */
  private static final double SAME_BORE = 0.6;

  /** What of a plan does not go with its cooler. */
  public enum Mismatch implements Code {
    HOSE_BORE("hose TEXT", "bore SIZE", "ports SIZE"),
    NO_HOSES,
    NO_BRACKETS;

    private final List<Parameter> parameters;

    Mismatch(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  public static FromCooler of(JobContent job, Build build) {
    if (build.coolers().isEmpty()) {
      return new FromCooler(List.of(), List.of());
    }
    FittedCooler cooler = build.coolers().get(0);
    return new FromCooler(hoses(build, cooler), Said.of(mismatches(build, cooler)));
  }

  private static List<Hose> hoses(Build build, FittedCooler cooler) {
    boolean after = build.oilOrder() == OilOrder.AFTER_TANK;
    boolean before = build.oilOrder() == OilOrder.BEFORE_TANK;
    double bore = cooler.part().portBoreMm();
    return List.of(
        Hose.thought(
            "hose-feed",
            after ? "tank outlet to cooler" : "gearbox feed to cooler",
            FEED,
            bore,
            0,
            2),
        Hose.thought(
            "hose-return",
            before ? "cooler to tank inlet" : "cooler to gearbox return",
            RETURN,
            bore,
            0,
            2));
  }

  private static List<Finding> mismatches(Build build, FittedCooler cooler) {
    List<Finding> found = new ArrayList<>();
    double ports = cooler.part().portBoreMm();
    for (Hose hose : build.lines().hoses()) {
      if (Math.abs(hose.bore() - ports) > SAME_BORE) {
        found.add(Mismatch.HOSE_BORE.with(hose.name(), hose.bore() / 1000, ports / 1000));
      }
    }
    if (build.lines().hoses().isEmpty()) {
      found.add(Mismatch.NO_HOSES.with());
    }
    if (cooler.place() == CoolerFit.Place.FRONT && build.mounting().brackets().isEmpty()) {
      found.add(Mismatch.NO_BRACKETS.with());
    }
    return found;
  }
}
