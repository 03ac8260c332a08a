package roadbreeze.server.line;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Truck;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.MountingStrip;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * Strips and hoses as the first cooler of a build asks for them, before anything is measured on the
 * truck, and what of those planned does not go with it.
 */
public record FromCooler(List<MountingStrip> strips, List<Hose> hoses, List<Said> mismatches) {
  // Usual stock and lengths, to be measured; mm and m.
  private static final double THICKNESS = 3.2;
  private static final double WIDTH = 25;
  private static final double LEAST_LEG = 30;
  private static final double PAST_THE_CORE = 20;
  private static final double TAB = 25;
  private static final double FEED = 0.9;
  private static final double RETURN = 1.1;

  /** A strip must reach this far along its cooler: ears and channels stand in from the edge. */
  private static final double LEAST_SHARE = 0.75;

  /** Bores closer than this are one bore, mm. */
  private static final double SAME_BORE = 0.6;

  /** What of a plan does not go with its cooler. */
  public enum Mismatch implements Code {
    HOSE_BORE("hose TEXT", "bore SIZE", "ports SIZE"),
    STRIP_SHORT("strip TEXT", "run SIZE", "width SIZE"),
    NO_HOSES,
    NO_STRIPS;

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
      return new FromCooler(List.of(), List.of(), List.of());
    }
    FittedCooler cooler = build.coolers().get(0);
    return new FromCooler(
        cooler.place() == CoolerFit.Place.FRONT
            ? strips(job.setup(build).truck().front(), cooler)
            : List.of(),
        hoses(build, cooler),
        Said.of(mismatches(build, cooler)));
  }

  /**
   * From the frame of the opening inwards to the core's front, along the core, turned up behind.
   */
  private static List<MountingStrip> strips(Truck.FrontEnd front, FittedCooler cooler) {
    double leg = Math.max(LEAST_LEG, cooler.leftMm() - front.opening().x() * 1000);
    double taken = cooler.gapMm() + cooler.part().depthMm() + THICKNESS;
    double offset = Math.max(0, front.depth() * 1000 - taken);
    List<MountingStrip> strips = new ArrayList<>();
    for (String which : List.of("upper", "lower")) {
      strips.add(
          new MountingStrip(
              "strip-" + which,
              which + " strip",
              1,
              THICKNESS,
              WIDTH,
              THICKNESS,
              Math.round(leg),
              Math.round(offset),
              45,
              Math.round(cooler.part().widthMm() + PAST_THE_CORE),
              TAB,
              90));
    }
    return strips;
  }

  private static List<Hose> hoses(Build build, FittedCooler cooler) {
    boolean after = build.oilOrder() == OilOrder.AFTER_TANK;
    boolean before = build.oilOrder() == OilOrder.BEFORE_TANK;
    double bore = cooler.part().portBoreMm();
    return List.of(
        new Hose(
            "hose-feed",
            after ? "tank outlet to cooler" : "gearbox feed to cooler",
            FEED,
            bore,
            0,
            2),
        new Hose(
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
      if (Math.abs(hose.boreMm() - ports) > SAME_BORE) {
        found.add(Mismatch.HOSE_BORE.with(hose.name(), hose.boreMm() / 1000, ports / 1000));
      }
    }
    if (build.lines().hoses().isEmpty()) {
      found.add(Mismatch.NO_HOSES.with());
    }
    if (cooler.place() == CoolerFit.Place.FRONT) {
      for (MountingStrip strip : build.strips()) {
        if (strip.rightLegMm() < LEAST_SHARE * cooler.part().widthMm()) {
          found.add(
              Mismatch.STRIP_SHORT.with(
                  strip.name(), strip.rightLegMm() / 1000, cooler.part().widthMm() / 1000));
        }
      }
      if (build.strips().isEmpty()) {
        found.add(Mismatch.NO_STRIPS.with());
      }
    }
    return found;
  }
}
