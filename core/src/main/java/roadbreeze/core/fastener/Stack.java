package roadbreeze.core.fastener;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * What is put on a screw, in its order, and the screw that it takes.
 *
 * @param layers from the head on
 * @param grip what is clamped, m
 * @param screw length to buy, m; none on a stud
 * @param engaged thread that holds, m
 * @param torque N·m; the maker's manual comes first
 */
public record Stack(
    ScrewThread thread,
    List<Layer> layers,
    double grip,
    OptionalDouble screw,
    double engaged,
    double torque,
    Keeps keeps,
    List<Finding> findings) {

  /** What lies on a screw. */
  public enum What implements Code {
    HEAD,
    WASHER,
    ISOLATOR,
    EAR,
    STRIP,
    CHANNEL,
    /** Round the screw, so that a channel on its legs is not crushed. */
    TUBE,
    /** Washers under an end that would not lie on. */
    PACKING,
    INSERT,
    NUT,
    THREAD,
    STUD;

    /** Bought for the joint, beside its screw. */
    public boolean bought() {
      return switch (this) {
        case WASHER, ISOLATOR, TUBE, PACKING, INSERT, NUT -> true;
        case HEAD, EAR, STRIP, CHANNEL, THREAD, STUD -> false;
      };
    }
  }

  /** One thing of it, m thick. */
  public record Layer(What what, double thickness) {}

  /** What keeps it from coming loose, and why. */
  public enum Keeps implements Code {
    /** A nut that locks itself needs nothing else and is not used twice. */
    LOCKING_NUT,
    /** A blind thread in the body shakes loose dry. */
    THREAD_LOCK,
    /** A rivet nut turns if its screw is glued in. */
    SPRING_WASHER
  }

  /** What is wrong with it. */
  public enum Fault implements Code {
    SHALLOW_THREAD("has SIZE", "wanted SIZE"),
    SHORT_STUD("has SIZE", "wanted SIZE"),
    NO_SCREW("grip SIZE"),
    INSERT_GRIP("is SIZE", "low SIZE", "high SIZE");

    private final List<Parameter> parameters;

    Fault(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** Lengths that screws are sold in, m; ISO 4017. */
  private static final double[] LENGTHS = {
    10e-3, 12e-3, 16e-3, 20e-3, 25e-3, 30e-3, 35e-3, 40e-3, 45e-3, 50e-3, 55e-3, 60e-3, 70e-3,
    80e-3, 90e-3, 100e-3
  };

  private static final Range THICKNESS = new Range(Quantity.SIZE, 0, 0.1);

  /** A screw comes this many turns through its nut. */
  private static final double COMES_THROUGH = 2;

  /** Thread that holds, in screw diameters, in steel and in a rivet nut. */
  private static final double IN_STEEL = 1;

  private static final double IN_INSERT = 1.5;

  /** What a rivet nut clamps, m: the usual short kind. */
  public static final double LEAST_INSERT_GRIP = 0.5e-3;

  public static final double MOST_INSERT_GRIP = 3.0e-3;

  /** Into a rivet nut no more than this of the torque, unless its maker says more (-). */
  private static final double OF_TORQUE = 0.5;

  /** Through everything into a nut that locks itself. */
  public static Stack throughNut(ScrewThread thread, List<Layer> between) {
    List<Layer> layers = new ArrayList<>(List.of(new Layer(What.HEAD, 0), washer(thread)));
    layers.addAll(between);
    layers.add(washer(thread));
    double grip = grip(layers);
    layers.add(new Layer(What.NUT, thread.nut()));
    double least = grip + thread.nut() + COMES_THROUGH * thread.pitch();
    return new Stack(
        thread,
        List.copyOf(layers),
        grip,
        bought(least, Double.POSITIVE_INFINITY),
        thread.nut(),
        thread.torque(),
        Keeps.LOCKING_NUT,
        none(least, Double.POSITIVE_INFINITY, grip));
  }

  /**
   * Into a thread of the body.
   *
   * @param free thread that is left in it, m
   */
  public static Stack intoThread(ScrewThread thread, double free, List<Layer> between) {
    List<Layer> layers = new ArrayList<>(List.of(new Layer(What.HEAD, 0), washer(thread)));
    layers.addAll(between);
    double grip = grip(layers);
    layers.add(new Layer(What.THREAD, free));
    double wanted = IN_STEEL * thread.diameter();
    List<Finding> findings = new ArrayList<>();
    if (free < wanted) {
      findings.add(Fault.SHALLOW_THREAD.with(free, wanted));
    }
    double least = grip + Math.min(wanted, free);
    OptionalDouble screw = bought(least, grip + free);
    findings.addAll(none(least, grip + free, grip));
    return new Stack(
        thread,
        List.copyOf(layers),
        grip,
        screw,
        screw.isEmpty() ? 0 : screw.getAsDouble() - grip,
        thread.torque(),
        Keeps.THREAD_LOCK,
        List.copyOf(findings));
  }

  /**
   * Over a stud of the body.
   *
   * @param free length of it that stands out, m
   */
  public static Stack onStud(ScrewThread thread, double free, List<Layer> between) {
    List<Layer> layers = new ArrayList<>(List.of(new Layer(What.STUD, 0)));
    layers.addAll(between);
    layers.add(washer(thread));
    double grip = grip(layers);
    layers.add(new Layer(What.NUT, thread.nut()));
    double wanted = grip + thread.nut() + COMES_THROUGH * thread.pitch();
    return new Stack(
        thread,
        List.copyOf(layers),
        grip,
        OptionalDouble.empty(),
        Math.max(0, Math.min(thread.nut(), free - grip)),
        thread.torque(),
        Keeps.LOCKING_NUT,
        free < wanted ? List.of(Fault.SHORT_STUD.with(free, wanted)) : List.of());
  }

  /**
   * Into a rivet nut set in a plain hole of the body.
   *
   * @param sheet thickness of the body there, m
   */
  public static Stack intoInsert(ScrewThread thread, double sheet, List<Layer> between) {
    List<Layer> layers = new ArrayList<>(List.of(new Layer(What.HEAD, 0), washer(thread)));
    layers.addAll(between);
    double grip = grip(layers);
    layers.add(new Layer(What.INSERT, THICKNESS.require(sheet)));
    double least = grip + IN_INSERT * thread.diameter();
    List<Finding> findings = new ArrayList<>(none(least, Double.POSITIVE_INFINITY, grip));
    if (sheet < LEAST_INSERT_GRIP || sheet > MOST_INSERT_GRIP) {
      findings.add(Fault.INSERT_GRIP.with(sheet, LEAST_INSERT_GRIP, MOST_INSERT_GRIP));
    }
    OptionalDouble screw = bought(least, Double.POSITIVE_INFINITY);
    return new Stack(
        thread,
        List.copyOf(layers),
        grip,
        screw,
        screw.isEmpty() ? 0 : screw.getAsDouble() - grip,
        OF_TORQUE * thread.torque(),
        Keeps.SPRING_WASHER,
        List.copyOf(findings));
  }

  private static Layer washer(ScrewThread thread) {
    return new Layer(What.WASHER, thread.washer());
  }

  private static double grip(List<Layer> layers) {
    return layers.stream().mapToDouble(l -> THICKNESS.require(l.thickness())).sum();
  }

  /** The shortest that is sold between two lengths. */
  private static OptionalDouble bought(double least, double most) {
    for (double length : LENGTHS) {
      if (length >= least - 1e-9 && length <= most + 1e-9) {
        return OptionalDouble.of(length);
      }
    }
    return OptionalDouble.empty();
  }

  private static List<Finding> none(double least, double most, double grip) {
    return bought(least, most).isPresent() ? List.of() : List.of(Fault.NO_SCREW.with(grip));
  }
}
