package roadbreeze.server.assess;

import jakarta.annotation.Nullable;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Step;
import roadbreeze.core.explain.Term;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Judge;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.rig.Mark;

/** A number opened: its formula, inputs and source, step by step. */
public record Working(Said result, List<Line> steps, Said sureness) {

  /** One formula with its numbers. */
  public record Line(String formula, Said result, List<Input> inputs, String source) {}

  /**
   * One input.
   *
   * @param name code of its words
   * @param value as an argument of its own
   */
  public record Input(String name, Said.Value value, Origin origin) {}

  /** Where a number comes from. */
  public enum Origin implements Code {
    MEASURED,
    ENTERED,
    /** Taken as usual for such a truck, or such a part. */
    ASSUMED,
    /** As the part's sheet gives it. */
    SHEET,
    /** A constant of the model. */
    MODEL,
    COMPUTED
  }

  /** A fan that nobody has found slow turns as it was made, %. */
  private static final double AS_MADE = 100;

  /** Where the numbers of a working stand in the rig. */
  private static final Map<Term, List<String>> IN_RIG =
      Map.ofEntries(
          Map.entry(Term.COMBINED_MASS, List.of("vehicle.massKg", "trailer.massKg")),
          Map.entry(Term.ROLLING_COEFFICIENT, List.of("vehicle.rollingCoefficient")),
          Map.entry(Term.DRAG_AREA, List.of("vehicle.dragAreaM2")),
          Map.entry(Term.DISPLACEMENT, List.of("vehicle.engine.displacementLitres")),
          Map.entry(Term.ACCESSORIES, List.of("vehicle.engine.accessoryKw")),
          Map.entry(Term.MESH_EFFICIENCY, List.of("vehicle.gearbox.meshEfficiency")),
          Map.entry(Term.AXLE_EFFICIENCY, List.of("vehicle.gearbox.axleEfficiency")),
          Map.entry(Term.STALL_TORQUE, List.of("vehicle.gearbox.stallTorqueNm")),
          Map.entry(Term.RAM_COEFFICIENT, List.of("vehicle.cooling.ramCoefficient")),
          Map.entry(Term.ENTERED_LIMIT, List.of("vehicle.limits.coolantC")),
          Map.entry(Term.BELOW_BOILING, List.of("vehicle.limits.belowBoilingK")));

  /**
   * @throws roadbreeze.core.problem.RefusedException if there is no steady state
   */
  static Working of(JobContent job, Build build, Fluid fluid) {
    Setup setup = job.setup(build);
    Rig rig = Assembly.rig(setup);
    Judge judge = job.judge(build);
    Headroom headroom = judge.of(setup, rig);
    var working =
        roadbreeze.core.sizing.Working.of(
            fluid, setup, rig, job.point(), job.limits(), headroom, judge.sources());
    return new Working(
        Said.of(working.result()),
        working.steps().stream().map(step -> line(step, job, build)).toList(),
        Said.of(working.sureness()));
  }

  private static Line line(Step step, JobContent job, Build build) {
    return new Line(
        step.formula(),
        Said.of(step.result()),
        step.inputs().stream()
            .map(i -> new Input(i.name().key(), Said.of(i.value()), origin(i, job, build)))
            .toList(),
        step.source());
  }

  private static Origin origin(Step.Input input, JobContent job, Build build) {
    return switch (input.origin()) {
      case COMPUTED -> Origin.COMPUTED;
      case DEFAULT -> Origin.MODEL;
      case GIVEN -> given(input.name(), job, build);
    };
  }

  private static Origin given(Term term, JobContent job, Build build) {
    if (term == Term.FREE_AIR_FLOW) {
      String path = "fans." + build.fans().get(0).id() + ".part.freeFlowM3s";
      return origin(build.marks().get(path), Origin.SHEET);
    }
    if (term == Term.FAN_PRESSURE_FACTOR) {
      boolean measured = job.rig().measuredFactor(build.fans().get(0).part()).isPresent();
      return measured ? Origin.MEASURED : Origin.ASSUMED;
    }
    if (term == Term.FAN_SPEED && build.fans().get(0).speedPercent() == AS_MADE) {
      return Origin.ASSUMED;
    }
    // A sum is as good as the worst of what it adds up.
    return IN_RIG.getOrDefault(term, List.of()).stream()
        .map(path -> origin(job.rig().marks().get(path), Origin.ENTERED))
        .max(Comparator.naturalOrder())
        .orElse(Origin.ENTERED);
  }

  private static Origin origin(@Nullable Mark mark, Origin without) {
    if (mark == null) {
      return without;
    }
    return switch (mark) {
      case MEASURED -> Origin.MEASURED;
      case ENTERED -> Origin.ENTERED;
      case DEFAULT -> Origin.ASSUMED;
    };
  }
}
