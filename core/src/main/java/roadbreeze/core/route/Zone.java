package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Shape;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.space.Pack;

/**
 * Room that a hose keeps out of.
 *
 * @param stays a clip can be screwed to it
 * @param plusMinus how well it is known, m
 */
public record Zone(Name name, Shape shape, Nature nature, boolean stays, double plusMinus) {
  /** Sheet that a hole can be drilled through for a hose, m. */
  private static final double SHEET = 0.008;

  /** What stands in a truck's nose with a build on it: its solids and the pack. */
  public static List<Zone> of(Setup setup, Pack pack) {
    List<Zone> zones = new ArrayList<>();
    for (Solid s : setup.standing()) {
      boolean stays = s.nature() == Nature.METAL && !s.movable();
      zones.add(new Zone(s.name(), s.shape(), s.nature(), stays, s.plusMinus()));
    }
    for (Pack.Piece p : pack.pieces()) {
      Nature nature = p.kind() == Pack.Kind.FAN ? Nature.MOVING : Nature.METAL;
      zones.add(new Zone(p.name(), p.box(), nature, false, 0));
    }
    return zones;
  }

  /** What a hose keeps from it, m. */
  public double wanted() {
    return nature.fromHose();
  }

  /** The same with the measure as far out as it may be, m. */
  double surely() {
    return wanted() + plusMinus;
  }

  /** Thin enough for a hole with a grommet. */
  boolean sheet() {
    Box box = shape.bounds();
    double thinnest = Double.POSITIVE_INFINITY;
    for (Axis axis : Axis.values()) {
      thinnest = Math.min(thinnest, box.size(axis));
    }
    return nature == Nature.METAL && thinnest <= SHEET;
  }
}
