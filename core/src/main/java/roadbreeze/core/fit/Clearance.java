package roadbreeze.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roadbreeze.core.stack.Rectangle;

/**
 * A distance that is too small.
 *
 * @param subject what it is about, in the words of the layout
 * @param actual m; negative where things overlap or stick out
 * @param wanted m
 * @param serious false where it works but costs something
 * @param reason why it matters
 * @param fix what to do
 */
public record Clearance(
    Kind kind,
    String subject,
    double actual,
    double wanted,
    boolean serious,
    String reason,
    String fix) {
  /** What is too close to what. */
  public enum Kind {
    OUTSIDE_OPENING,
    OPENING_DEPTH,
    CORE_TO_METAL,
    CORE_TO_CORE,
    CORES_IN_DEPTH,
    FAN_TO_CORE,
    TIP_TO_SHROUD,
    PUSHER_IN_THE_WAY,
    SHROUD_PAST_CORE
  }

  /** Core to core, so that nothing chafes when the body twists. */
  public static final double CORE_TO_CORE = 0.005;

  /** Core to brace, latch or horn. */
  public static final double CORE_TO_METAL = 0.010;

  /** Blades of an electric fan to the core; a blade flexes forward under load. */
  public static final double FAN_TO_CORE = 0.015;

  /** Blades of a fan on the engine, which rocks in its mounts. */
  public static final double ENGINE_FAN_TO_CORE = 0.025;

  public static final double TIP_LEAST = 0.006;

  /** Past this gap much of the air goes round the blade tips. */
  public static final double TIP_MOST = 0.020;

  /** Depth of a flat electric fan with its motor. */
  public static final double PUSHER_DEPTH = 0.065;

  /** Every distance of a layout that is too small. */
  public static List<Clearance> of(Layout layout) {
    List<Clearance> found = new ArrayList<>();
    for (Layout.Cooler cooler : layout.coolers()) {
      switch (cooler.place()) {
        case FRONT -> inOpening(layout, cooler, found);
        case BEHIND_CONDENSER -> betweenCores(layout, cooler, found);
        case BEHIND_RADIATOR -> beforeFan(layout, cooler, found);
      }
    }
    coolersAmongThemselves(layout, found);
    fans(layout, found);
    return found;
  }

  private static void inOpening(Layout l, Layout.Cooler c, List<Clearance> found) {
    double out = outside(l.opening(), c.outline());
    if (out > 1e-6) {
      found.add(
          new Clearance(
              Kind.OUTSIDE_OPENING,
              c.name(),
              -out,
              0,
              true,
              text("%s reaches %.0f mm outside the front opening", c.name(), out * 1000),
              fits(l.opening(), c.outline())
                  ? "move it back inside"
                  : "take a smaller core: this one is larger than the opening"));
    }
    double room = l.openingDepth() - c.depth() - c.gap();
    if (room < -1e-6) {
      found.add(
          new Clearance(
              Kind.OPENING_DEPTH,
              c.name(),
              room,
              0,
              true,
              text(
                  "%s and its gap need %.0f mm; there are %.0f mm in front of the pack",
                  c.name(), (c.depth() + c.gap()) * 1000, l.openingDepth() * 1000),
              c.depth() + CORE_TO_CORE <= l.openingDepth()
                  ? text(
                      "close the gap to %.0f mm",
                      Math.floor((l.openingDepth() - c.depth()) * 1000 + 1e-6))
                  : "take a thinner core"));
    }
    if (c.gap() < CORE_TO_CORE - 1e-9) {
      found.add(
          new Clearance(
              Kind.CORE_TO_CORE,
              c.name(),
              c.gap(),
              CORE_TO_CORE,
              true,
              text("%s touches the core behind it: vibration wears a hole through both", c.name()),
              text("stand it off %.0f mm on brackets, foam round the rim", CORE_TO_CORE * 1000)));
    }
    for (Layout.Obstacle o : l.obstacles()) {
      double gap = gap(c.outline(), o.outline());
      if (gap < CORE_TO_METAL - 1e-9) {
        found.add(
            new Clearance(
                Kind.CORE_TO_METAL,
                c.name(),
                gap,
                CORE_TO_METAL,
                true,
                gap < 0
                    ? text("the %s stands where %s would be", o.name(), c.name())
                    : text("%s is %.0f mm from the %s", c.name(), gap * 1000, o.name()),
                o.movable()
                    ? text(
                        "move the %s, or the cooler by %.0f mm",
                        o.name(), (CORE_TO_METAL - gap) * 1000)
                    : text("move the cooler by %.0f mm", (CORE_TO_METAL - gap) * 1000)));
      }
    }
  }

  private static void betweenCores(Layout l, Layout.Cooler c, List<Clearance> found) {
    double room = l.coreGap() - c.depth() - 2 * CORE_TO_CORE;
    if (room < -1e-6) {
      found.add(
          new Clearance(
              Kind.CORES_IN_DEPTH,
              c.name(),
              l.coreGap(),
              c.depth() + 2 * CORE_TO_CORE,
              true,
              text(
                  "between the cores there are %.0f mm, %s needs %.0f mm",
                  l.coreGap() * 1000, c.name(), (c.depth() + 2 * CORE_TO_CORE) * 1000),
              text(
                  "move the condenser forward by %.0f mm on its hoses, never disconnect it",
                  -room * 1000)));
    }
  }

  private static void beforeFan(Layout l, Layout.Cooler c, List<Clearance> found) {
    double wanted = CORE_TO_CORE + c.depth() + fanDistance(l);
    if (l.fanToCore() < wanted - 1e-6) {
      found.add(
          new Clearance(
              Kind.FAN_TO_CORE,
              c.name(),
              l.fanToCore(),
              wanted,
              true,
              text(
                  "between radiator and fan there are %.0f mm, %s needs %.0f mm",
                  l.fanToCore() * 1000, c.name(), wanted * 1000),
              "put it in front of the pack, or elsewhere with its own fan"));
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
                Kind.CORE_TO_CORE,
                a.name(),
                gap,
                CORE_TO_CORE,
                true,
                text("%s and %s stand in each other's way", a.name(), b.name()),
                text("part them by %.0f mm", (CORE_TO_CORE - gap) * 1000)));
      }
    }
  }

  private static void fans(Layout l, List<Clearance> found) {
    double wanted = fanDistance(l);
    boolean puller = l.fans().stream().anyMatch(f -> !f.pusher());
    if (puller && l.fanToCore() < wanted - 1e-9) {
      found.add(
          new Clearance(
              Kind.FAN_TO_CORE,
              "main fan",
              l.fanToCore(),
              wanted,
              true,
              text(
                  "the blades run %.0f mm from the core; they flex forward%s",
                  l.fanToCore() * 1000, l.fanOnEngine() ? " and the engine rocks" : ""),
              text("give them %.0f mm", wanted * 1000)));
    }
    if (puller && l.tipGap() < TIP_LEAST) {
      found.add(
          new Clearance(
              Kind.TIP_TO_SHROUD,
              "main fan",
              l.tipGap(),
              TIP_LEAST,
              true,
              text(
                  "the blade tips run %.0f mm from the shroud and may strike it",
                  l.tipGap() * 1000),
              "centre the shroud on the fan"));
    } else if (puller && l.tipGap() > TIP_MOST) {
      found.add(
          new Clearance(
              Kind.TIP_TO_SHROUD,
              "main fan",
              l.tipGap(),
              TIP_MOST,
              false,
              text("%.0f mm between blade tips and shroud let air slip back", l.tipGap() * 1000),
              text("bring it under %.0f mm", TIP_MOST * 1000)));
    }
    for (Layout.FanPlace fan : l.fans()) {
      double past = outside(l.radiator(), fan.outline());
      if (past > 0.005) {
        found.add(
            new Clearance(
                Kind.SHROUD_PAST_CORE,
                fan.name(),
                -past,
                0,
                false,
                text(
                    "the %s reaches %.0f mm past the core and draws air beside it",
                    fan.name(), past * 1000),
                "seal the overhang, or set the fan inside the core"));
      }
      if (!fan.pusher()) {
        continue;
      }
      if (l.openingDepth() < PUSHER_DEPTH) {
        found.add(
            new Clearance(
                Kind.OPENING_DEPTH,
                fan.name(),
                l.openingDepth(),
                PUSHER_DEPTH,
                true,
                text("the %s needs %.0f mm in front of the pack", fan.name(), PUSHER_DEPTH * 1000),
                "use a puller"));
      }
      for (Layout.Cooler cooler : l.coolers()) {
        double gap = gap(cooler.outline(), fan.outline());
        if (cooler.place() == Layout.Depth.FRONT
            && gap < CORE_TO_METAL
            && l.openingDepth() < PUSHER_DEPTH + cooler.depth() + cooler.gap()) {
          found.add(
              new Clearance(
                  Kind.PUSHER_IN_THE_WAY,
                  fan.name(),
                  gap,
                  CORE_TO_METAL,
                  true,
                  text("%s and the %s want the same room", cooler.name(), fan.name()),
                  "move one of them"));
        }
      }
    }
  }

  private static double fanDistance(Layout l) {
    return l.fanOnEngine() ? ENGINE_FAN_TO_CORE : FAN_TO_CORE;
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

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
