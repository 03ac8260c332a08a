package roadbreeze.server.assess;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import roadbreeze.core.circuit.Rig;
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
  public enum Origin {
    MEASURED,
    ENTERED,
    DEFAULT,
    COMPUTED
  }

  /** Inputs of the job that may carry a mark. */
  private static final Map<Term, String> PATHS =
      Map.of(
          Term.COMBINED_MASS, "trailer.massKg",
          Term.ROLLING_COEFFICIENT, "vehicle.rollingCoefficient",
          Term.DRAG_AREA, "vehicle.dragAreaM2",
          Term.DISPLACEMENT, "vehicle.engine.displacementLitres",
          Term.RAM_COEFFICIENT, "vehicle.cooling.ramCoefficient",
          Term.STALL_TORQUE, "vehicle.gearbox.stallTorqueNm");

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
      case DEFAULT -> Origin.DEFAULT;
      case GIVEN -> given(mark(input.name(), job, build));
    };
  }

  private static Origin given(@Nullable Mark mark) {
    return mark == null ? Origin.ENTERED : Origin.valueOf(mark.name());
  }

  private static @Nullable Mark mark(Term term, JobContent job, Build build) {
    if (term == Term.FREE_AIR_FLOW) {
      return build.marks().get("fans." + build.fans().get(0).id() + ".part.freeFlowM3s");
    }
    return PATHS.containsKey(term) ? job.rig().marks().get(PATHS.get(term)) : null;
  }
}
