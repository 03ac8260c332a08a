package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.stack.Rectangle;

/**
 * A distance that is too small.
 *
 * @param subject what it is about
 * @param actual m; negative where things overlap or stick out
 * @param wanted m
 * @param serious false where it works but costs something
 * @param finding why it matters and what to do
 */
public record Clearance(
    Name subject, double actual, double wanted, boolean serious, Finding finding) {
  /** What is too close to what; its words say why, and what to do. */
  public enum Kind implements Code {
    OUTSIDE_OPENING("part NAME", "out SIZE"),
    SMALL_OPENING("open PERCENT"),
    LARGER_THAN_OPENING("part NAME", "out SIZE"),
    TOO_DEEP("part NAME", "needs SIZE", "room SIZE"),
    GAP_TOO_DEEP("part NAME", "needs SIZE", "room SIZE", "gap SIZE"),
    TOUCHES_CORE("part NAME", "wanted SIZE"),
    IN_OBSTACLE("obstacle NAME", "part NAME", "by SIZE"),
    IN_MOVABLE("obstacle NAME", "part NAME", "by SIZE"),
    NEAR_OBSTACLE("obstacle NAME", "part NAME", "gap SIZE", "by SIZE"),
    NEAR_MOVABLE("obstacle NAME", "part NAME", "gap SIZE", "by SIZE"),
    NEAR_HOT("obstacle NAME", "part NAME", "gap SIZE", "by SIZE"),
    MAYBE_NEAR("obstacle NAME", "part NAME", "gap SIZE", "known SIZE", "wanted SIZE"),
    BETWEEN_CORES("part NAME", "room SIZE", "needs SIZE", "by SIZE"),
    BEFORE_FAN("part NAME", "room SIZE", "needs SIZE"),
    COOLERS_CLASH("part NAME", "other NAME", "by SIZE"),
    FAN_TO_CORE("gap SIZE", "wanted SIZE"),
    ENGINE_FAN_TO_CORE("gap SIZE", "wanted SIZE"),
    TIPS_STRIKE("gap SIZE"),
    TIPS_LEAK("gap SIZE", "wanted SIZE"),
    SHROUD_PAST_CORE("fan NAME", "past SIZE"),
    PUSHER_DEPTH("fan NAME", "needs SIZE"),
    PUSHER_IN_THE_WAY("part NAME", "fan NAME");

    private final List<Parameter> parameters;

    Kind(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** Core to core, so that nothing chafes when the body twists. */
  public static final double CORE_TO_CORE = 0.005;

  /** Core to brace, latch or horn. */
  public static final double CORE_TO_METAL = Nature.METAL.fromCore();

  /** Blades of an electric fan to the core; a blade flexes forward under load. */
  public static final double FAN_TO_CORE = 0.015;

  /** Blades of a fan on the engine, which rocks in its mounts. */
  public static final double ENGINE_FAN_TO_CORE = 0.025;

  public static final double TIP_LEAST = 0.006;

  /** Past this gap much of the air goes round the blade tips. */
  public static final double TIP_MOST = 0.020;

  /** Depth of a flat electric fan with its motor. */
  public static final double PUSHER_DEPTH = 0.065;

  /** An opening with less than this share of the core's face is worth a word. */
  private static final double SMALL_OPEN = 0.9;

  private static final Name RADIATOR = Name.of(Name.Noun.RADIATOR);

  /** Every distance of a layout that is too small. */
  public static List<Clearance> of(Layout layout) {
    List<Clearance> found = new ArrayList<>();
    for (Layout.Cooler cooler : layout.coolers()) {
      switch (cooler.place()) {
        case FRONT -> inOpening(layout, cooler, found);
        case BEHIND_CONDENSER -> betweenCores(layout, cooler, found);
        case BEHIND_RADIATOR -> beforeFan(layout, cooler, found);
      }
      fromSolids(layout, cooler, found);
    }
    coolersAmongThemselves(layout, found);
    fans(layout, found);
    if (layout.openShare() < SMALL_OPEN) {
      found.add(
          new Clearance(
              RADIATOR, 0, 0, false, Kind.SMALL_OPENING.with(Math.min(1, layout.openShare()))));
    }
    return found;
  }

  private static void inOpening(Layout l, Layout.Cooler c, List<Clearance> found) {
    double out = outside(l.opening(), c.outline());
    if (out > 1e-6) {
      Kind kind = fits(l.opening(), c.outline()) ? Kind.OUTSIDE_OPENING : Kind.LARGER_THAN_OPENING;
      found.add(new Clearance(c.name(), -out, 0, true, kind.with(c.name(), out)));
    }
    double room = l.openingDepth() - c.depth() - c.gap();
    if (room < -1e-6) {
      double needs = c.depth() + c.gap();
      found.add(
          new Clearance(
              c.name(),
              room,
              0,
              true,
              c.depth() + CORE_TO_CORE <= l.openingDepth()
                  ? Kind.GAP_TOO_DEEP.with(
                      c.name(), needs, l.openingDepth(), l.openingDepth() - c.depth())
                  : Kind.TOO_DEEP.with(c.name(), needs, l.openingDepth())));
    }
    if (c.gap() < CORE_TO_CORE - 1e-9) {
      found.add(
          new Clearance(
              c.name(),
              c.gap(),
              CORE_TO_CORE,
              true,
              Kind.TOUCHES_CORE.with(c.name(), CORE_TO_CORE)));
    }
  }

  /** From everything that stands in the nose a cooler keeps what its nature asks for. */
  private static void fromSolids(Layout l, Layout.Cooler c, List<Clearance> found) {
    for (Solid solid : l.solids()) {
      if (Neighbour.far(c.box(), solid)) {
        continue;
      }
      Neighbour near = Neighbour.of(c.name(), c.box(), solid);
      double gap = near.gap().length();
      double wanted = near.wanted();
      switch (near.state()) {
        case SHORT -> found.add(new Clearance(c.name(), gap, wanted, true, near(near)));
        case DOUBTFUL ->
            found.add(
                new Clearance(
                    c.name(),
                    gap,
                    wanted,
                    false,
                    Kind.MAYBE_NEAR.with(solid.name(), c.name(), gap, solid.plusMinus(), wanted)));
        case CLEAR -> {}
      }
    }
  }

  private static void betweenCores(Layout l, Layout.Cooler c, List<Clearance> found) {
    double room = l.coreGap() - c.depth() - 2 * CORE_TO_CORE;
    if (room < -1e-6) {
      double needs = c.depth() + 2 * CORE_TO_CORE;
      found.add(
          new Clearance(
              c.name(),
              l.coreGap(),
              needs,
              true,
              Kind.BETWEEN_CORES.with(c.name(), l.coreGap(), needs, -room)));
    }
  }

  private static void beforeFan(Layout l, Layout.Cooler c, List<Clearance> found) {
    double wanted = CORE_TO_CORE + c.depth() + fanDistance(l);
    if (l.fanToCore() < wanted - 1e-6) {
      found.add(
          new Clearance(
              c.name(),
              l.fanToCore(),
              wanted,
              true,
              Kind.BEFORE_FAN.with(c.name(), l.fanToCore(), wanted)));
    }
  }

  private static void coolersAmongThemselves(Layout l, List<Clearance> found) {
    for (int i = 0; i < l.coolers().size(); i++) {
      for (int j = i + 1; j < l.coolers().size(); j++) {
        Layout.Cooler a = l.coolers().get(i);
        Layout.Cooler b = l.coolers().get(j);
        double gap = gap(a.outline(), b.outline());
        if (a.place() != b.place() || gap >= CORE_TO_CORE) {
          continue;
        }
        double together = a.depth() + a.gap() + b.depth() + b.gap();
        if (gap < 0 && a.place() == Layout.Depth.FRONT && together <= l.openingDepth()) {
          continue; // one before the other, and there is room for both
        }
        found.add(
            new Clearance(
                a.name(),
                gap,
                CORE_TO_CORE,
                true,
                Kind.COOLERS_CLASH.with(a.name(), b.name(), CORE_TO_CORE - gap)));
      }
    }
  }

  private static void fans(Layout l, List<Clearance> found) {
    double wanted = fanDistance(l);
    Optional<Name> main =
        l.fans().stream().filter(f -> !f.pusher()).map(Layout.FanPlace::name).findFirst();
    boolean puller = main.isPresent();
    Name mainFan = main.orElse(null);
    if (puller && l.fanToCore() < wanted - 1e-9) {
      Kind kind = l.fanOnEngine() ? Kind.ENGINE_FAN_TO_CORE : Kind.FAN_TO_CORE;
      found.add(
          new Clearance(mainFan, l.fanToCore(), wanted, true, kind.with(l.fanToCore(), wanted)));
    }
    if (puller && l.tipGap() < TIP_LEAST) {
      found.add(
          new Clearance(mainFan, l.tipGap(), TIP_LEAST, true, Kind.TIPS_STRIKE.with(l.tipGap())));
    } else if (puller && l.tipGap() > TIP_MOST) {
      found.add(
          new Clearance(
              mainFan, l.tipGap(), TIP_MOST, false, Kind.TIPS_LEAK.with(l.tipGap(), TIP_MOST)));
    }
    for (Layout.FanPlace fan : l.fans()) {
      double past = outside(l.radiator(), fan.outline());
      if (past > 0.005) {
        found.add(
            new Clearance(
                fan.name(), -past, 0, false, Kind.SHROUD_PAST_CORE.with(fan.name(), past)));
      }
      if (!fan.pusher()) {
        continue;
      }
      if (l.openingDepth() < PUSHER_DEPTH) {
        found.add(
            new Clearance(
                fan.name(),
                l.openingDepth(),
                PUSHER_DEPTH,
                true,
                Kind.PUSHER_DEPTH.with(fan.name(), PUSHER_DEPTH)));
      }
      for (Layout.Cooler cooler : l.coolers()) {
        double gap = gap(cooler.outline(), fan.outline());
        if (cooler.place() == Layout.Depth.FRONT
            && gap < CORE_TO_METAL
            && l.openingDepth() < PUSHER_DEPTH + cooler.depth() + cooler.gap()) {
          found.add(
              new Clearance(
                  fan.name(),
                  gap,
                  CORE_TO_METAL,
                  true,
                  Kind.PUSHER_IN_THE_WAY.with(cooler.name(), fan.name())));
        }
      }
    }
  }

  private static double fanDistance(Layout l) {
    return fanToCore(l.fanOnEngine());
  }

  /**
   * What blades keep from a core, m.
   *
   * @param onEngine they rock with the engine
   */
  public static double fanToCore(boolean onEngine) {
    return onEngine ? ENGINE_FAN_TO_CORE : FAN_TO_CORE;
  }

  private static boolean fits(Rectangle opening, Rectangle part) {
    return part.width() <= opening.width() + 1e-9 && part.height() <= opening.height() + 1e-9;
  }

  /** How far a part sticks out, m; 0 or less if it does not. */
  private static double outside(Rectangle around, Rectangle part) {
    return Math.max(
        Math.max(around.x() - part.x(), part.right() - around.right()),
        Math.max(around.y() - part.y(), part.top() - around.top()));
  }

  /** Distance between two outlines along an axis, m; negative by how far one would have to move. */
  static double gap(Rectangle a, Rectangle b) {
    double dx = Math.max(a.x() - b.right(), b.x() - a.right());
    double dy = Math.max(a.y() - b.top(), b.y() - a.top());
    return Math.max(dx, dy);
  }

  private static Finding near(Neighbour neighbour) {
    Solid solid = neighbour.solid();
    Name part = neighbour.part();
    double gap = neighbour.gap().length();
    double by = neighbour.wanted() - gap;
    if (gap <= 0) {
      return (solid.movable() ? Kind.IN_MOVABLE : Kind.IN_OBSTACLE).with(solid.name(), part, by);
    }
    if (solid.nature() == Nature.HOT) {
      return Kind.NEAR_HOT.with(solid.name(), part, gap, by);
    }
    return (solid.movable() ? Kind.NEAR_MOVABLE : Kind.NEAR_OBSTACLE)
        .with(solid.name(), part, gap, by);
  }
}
