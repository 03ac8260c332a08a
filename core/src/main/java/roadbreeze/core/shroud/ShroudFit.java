package roadbreeze.core.shroud;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.rig.FanSeat;
import roadbreeze.core.space.Clearance;

/**
 * A main fan as it stands in its shroud in one build.
 *
 * @param diameter of the blades
 * @param room as it was measured
 * @param fanToCore blades to core as measured
 * @param seat what the build changes of it
 */
public record ShroudFit(double diameter, FanRoom room, double fanToCore, FanSeat seat) {

  /** What is wrong. */
  public enum Fault implements Code {
    BLADES_NEAR_CORE("gap SIZE", "wanted SIZE"),
    TIPS_STRIKE("gap SIZE"),
    TIPS_NARROW("gap SIZE", "wanted SIZE"),
    TIPS_WIDE("gap SIZE", "wanted SIZE"),
    TOO_FAR_OUT("share SHARE", "wanted SHARE"),
    TOO_FAR_IN("share SHARE", "wanted SHARE"),
    CAP_NEAR_BONNET("gap SIZE", "wanted SIZE"),
    NEAR_BONNET("gap SIZE", "wanted SIZE"),
    HOSE_NEAR_BLADES("gap SIZE", "wanted SIZE"),
    BELT_NEAR_FAN("gap SIZE", "wanted SIZE");

    private final List<Parameter> parameters;

    Fault(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** Left of the core when blades have flexed and the engine has pitched; own default. */
  public static final double CORE_TO_SPARE = 0.005;

  /** Left at the tips when the engine has rolled; own default. */
  public static final double TIPS_TO_SPARE = 0.003;

  /** A pulling fan stands with so much of its blades in the ring; workshop practice. */
  public static final double LEAST_IN = 0.50;

  public static final double MOST_IN = 0.70;

  /** A bonnet gives when it is leant on; own default. */
  public static final double CAP_TO_BONNET = 0.010;

  /** And the engine lifts under load; own default. */
  public static final double FAN_TO_BONNET = 0.015;

  /** A belt flaps; own default. */
  public static final double BELT_TO_FAN = 0.012;

  /** Spacers and shims that are tried: by whole millimetres up to these. */
  private static final int MOST_SPACER = 40;

  private static final int MOST_SHIM = 25;

  /** A shroud goes no farther than this in slots that are filed longer; own default. */
  private static final double MOST_SHIFT = 0.012;

  /** Blades to core while nothing moves. */
  public double toCore() {
    return fanToCore - seat.spacer();
  }

  /** What that must be. */
  public double toCoreWanted() {
    FanRoom.Motion m = room.motion();
    return m.forward() + m.flex() + CORE_TO_SPARE;
  }

  /** The ring at rest; empty where nobody has measured all round. */
  public Optional<TipRing> ring() {
    return room.tips()
        .map(t -> TipRing.of(diameter, t.shifted(seat.shroudRight(), seat.shroudUp())));
  }

  /** The narrowest place while the engine rolls to either side, m. */
  public OptionalDouble leastRolled() {
    double roll = room.motion().sideways();
    return ring()
        .map(r -> Math.min(r.rolled(roll).least(), r.rolled(-roll).least()))
        .map(OptionalDouble::of)
        .orElse(OptionalDouble.empty());
  }

  /** Share of the blades' width that stands inside the ring (-). */
  public OptionalDouble in() {
    if (room.blade().isEmpty() || room.inShroud().isEmpty() || room.blade().getAsDouble() <= 0) {
      return OptionalDouble.empty();
    }
    double in = room.inShroud().getAsDouble() + seat.spacer() + seat.shroudBack();
    return OptionalDouble.of(Math.max(0, in / room.blade().getAsDouble()));
  }

  /** Fan to belt; a spacer takes it away from there. */
  public OptionalDouble belt() {
    return plus(room.belt(), seat.spacer());
  }

  private static OptionalDouble plus(OptionalDouble measured, double more) {
    return measured.isEmpty() ? measured : OptionalDouble.of(measured.getAsDouble() + more);
  }

  /** Everything that is wrong with it, of what was measured. */
  public List<Finding> faults() {
    List<Finding> found = new ArrayList<>();
    if (toCore() < toCoreWanted() - 1e-9) {
      found.add(Fault.BLADES_NEAR_CORE.with(toCore(), toCoreWanted()));
    }
    leastRolled().ifPresent(least -> tips(least, found));
    in().ifPresent(
            share -> {
              if (share < LEAST_IN - 1e-9) {
                found.add(Fault.TOO_FAR_OUT.with(share, LEAST_IN));
              } else if (share > MOST_IN + 1e-9) {
                found.add(Fault.TOO_FAR_IN.with(share, MOST_IN));
              }
            });
    near(Fault.CAP_NEAR_BONNET, room.cap(), CAP_TO_BONNET, found);
    near(Fault.NEAR_BONNET, plus(room.bonnet(), -seat.shroudUp()), FAN_TO_BONNET, found);
    near(Fault.HOSE_NEAR_BLADES, room.hose(), Nature.MOVING.fromHose(), found);
    near(Fault.BELT_NEAR_FAN, belt(), BELT_TO_FAN, found);
    return found;
  }

  private void tips(double least, List<Finding> found) {
    double mean = ring().orElseThrow().mean();
    if (least <= 0) {
      found.add(Fault.TIPS_STRIKE.with(least));
    } else if (least < TIPS_TO_SPARE - 1e-9) {
      found.add(Fault.TIPS_NARROW.with(least, TIPS_TO_SPARE));
    }
    if (mean > Clearance.TIP_MOST + 1e-9) {
      found.add(Fault.TIPS_WIDE.with(mean, Clearance.TIP_MOST));
    }
  }

  private static void near(Fault fault, OptionalDouble gap, double wanted, List<Finding> to) {
    if (gap.isPresent() && gap.getAsDouble() < wanted - 1e-9) {
      to.add(fault.with(gap.getAsDouble(), wanted));
    }
  }

  private ShroudFit seated(FanSeat other) {
    return new ShroudFit(diameter, room, fanToCore, other);
  }

  /**
   * The least that leaves fewer faults than there are: spacer, shims, and the shroud centred; empty
   * where nothing of that helps.
   */
  public Optional<FanSeat> mend() {
    int now = faults().size();
    double right = room.tips().map(t -> (t.left() - t.right()) / 2).orElse(0.0);
    double up = room.tips().map(t -> (t.bottom() - t.top()) / 2).orElse(0.0);
    List<FanSeat> ways = new ArrayList<>();
    for (int spacer = 0; spacer <= MOST_SPACER; spacer++) {
      for (int shim = 0; shim <= MOST_SHIM; shim++) {
        ways.add(new FanSeat(spacer / 1000.0, shim / 1000.0, seat.shroudRight(), seat.shroudUp()));
        ways.add(new FanSeat(spacer / 1000.0, shim / 1000.0, slot(right), slot(up)));
      }
    }
    return ways.stream()
        .filter(w -> seated(w).faults().size() < now)
        .min(
            Comparator.comparingInt((FanSeat w) -> seated(w).faults().size())
                .thenComparingDouble(ShroudFit::work));
  }

  private static double slot(double shift) {
    return Math.max(-MOST_SHIFT, Math.min(MOST_SHIFT, shift));
  }

  /** A thin spacer rather than a thick one, and nothing moved that need not be. */
  private static double work(FanSeat s) {
    int pieces = (s.spacer() > 0 ? 1 : 0) + (s.shroudBack() > 0 ? 1 : 0);
    int slots = s.shroudRight() != 0 || s.shroudUp() != 0 ? 1 : 0;
    return 0.020 * (pieces + slots)
        + s.spacer()
        + s.shroudBack()
        + Math.abs(s.shroudRight())
        + Math.abs(s.shroudUp());
  }
}
