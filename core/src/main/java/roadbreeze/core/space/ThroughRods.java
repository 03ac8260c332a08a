package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.stack.Rectangle;

/**
 * The quick school: a cooler drawn against the core behind it by rods through the fins, with pads
 * between. What it risks on one pack; how long it lasts no source tells.
 *
 * @param through cores that the rods pass, in their order from the front
 * @param length of a rod from its head to its end, m
 * @param standOff that pads leave between the cooler and the first of those, m
 * @param endToFan from a rod's end to the blades behind, empty where no fan sweeps there, m
 * @param wanted there, m
 */
public record ThroughRods(
    List<Name> through, double length, double standOff, OptionalDouble endToFan, double wanted) {

  /** What is risked. */
  public enum Risk implements Code {
    RUBS("core NAME", "left SIZE", "wanted SIZE"),
    LOSES_AIR_GAP("was SIZE", "left SIZE"),
    PASSES_TUBES("count COUNT"),
    ENDS_NEAR_FAN("left SIZE", "wanted SIZE");

    private final List<Parameter> parameters;

    Risk(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** A pad, pressed; own default. */
  private static final double PAD = 0.004;

  /** Its plate and nut before and behind, m; own default. */
  private static final double END = 0.010;

  /**
   * Empty where the cooler does not stand before a core.
   *
   * @param fanOnEngine the blades rock with the engine
   */
  public static Optional<ThroughRods> of(Pack pack, Name cooler, boolean fanOnEngine) {
    Box box = pack.box(cooler);
    List<Pack.Piece> behind = new ArrayList<>();
    for (Pack.Piece piece : pack.pieces()) {
      boolean core = piece.kind() != Pack.Kind.FAN && !piece.name().equals(cooler);
      if (core && piece.box().z() >= box.back() - 1e-9 && covers(piece.box(), box)) {
        behind.add(piece);
      }
    }
    if (behind.isEmpty()) {
      return Optional.empty();
    }
    behind.sort(Comparator.comparingDouble(p -> p.box().z()));
    Box first = behind.get(0).box();
    Box last = behind.get(behind.size() - 1).box();
    // Drawn back until only the pads are between.
    double moved = first.z() - PAD - box.back();
    double end = last.back() + PAD + END;
    OptionalDouble toFan =
        pack.pieces().stream()
            .filter(p -> p.kind() == Pack.Kind.FAN && p.box().z() >= last.back() - 1e-9)
            .filter(p -> covers(p.box(), box))
            .mapToDouble(p -> p.box().z() - end)
            .min();
    return Optional.of(
        new ThroughRods(
            behind.stream().map(Pack.Piece::name).toList(),
            end - (box.z() + moved - PAD - END),
            PAD,
            toFan,
            Clearance.fanToCore(fanOnEngine)));
  }

  /** One lies before the other as seen from the front. */
  private static boolean covers(Box a, Box b) {
    Rectangle one = new Rectangle(a.x(), a.y(), a.width(), a.height());
    return Clearance.gap(one, new Rectangle(b.x(), b.y(), b.width(), b.height())) < 0;
  }

  /**
   * @param gap between the cooler and the core behind as it stands on brackets, m
   */
  public List<Finding> risks(double gap) {
    List<Finding> risks = new ArrayList<>();
    if (standOff < Clearance.CORE_TO_CORE) {
      risks.add(Risk.RUBS.with(through.get(0), standOff, Clearance.CORE_TO_CORE));
    }
    if (standOff < gap) {
      risks.add(Risk.LOSES_AIR_GAP.with(gap, standOff));
    }
    risks.add(Risk.PASSES_TUBES.with(through.size()));
    if (endToFan.isPresent() && endToFan.getAsDouble() < wanted) {
      risks.add(Risk.ENDS_NEAR_FAN.with(endToFan.getAsDouble(), wanted));
    }
    return risks;
  }
}
