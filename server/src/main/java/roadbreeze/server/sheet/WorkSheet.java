package roadbreeze.server.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.radiator.FitRow;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.workorder.Caution;
import roadbreeze.core.workorder.Task;
import roadbreeze.core.workorder.WorkOrder;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.message.Said;
import roadbreeze.server.mounting.FlatBracket;
import roadbreeze.server.mounting.FlatChannel;
import roadbreeze.server.mounting.MountingResult;
import roadbreeze.server.switching.SwitchResult;
import roadbreeze.server.wiring.Guards;

/**
 * Everything a bay needs to do one build, computed afresh.
 *
 * @param comesOut what is taken off the truck for good
 * @param brackets and channels across, seen on their webs
 * @param fuses fuse and relay of each fan that is wired
 * @param cautions codes of what holds for all of the work
 * @param orderOpen lines of a radiator's order check sheet that nobody has ticked
 * @param minutes of one person’s hands
 * @param waits minutes that pass by themselves
 * @param restoring minutes of hands that restoring the truck would take alone
 */
public record WorkSheet(
    List<PartsList.PartLine> parts,
    List<Said> comesOut,
    List<Said> fuses,
    LineResult lines,
    List<FlatBracket> brackets,
    List<SwitchResult.SwitchSaid> switching,
    List<Said> fluids,
    List<String> cautions,
    List<StepLine> steps,
    int orderOpen,
    int minutes,
    int waits,
    int restoring) {

  /**
   * A step in working order.
   *
   * @param task code of its words
   * @param minutes of one person’s hands
   * @param waits minutes that pass by themselves
   * @param engine code of what the engine does meanwhile
   * @param cautions codes of what can hurt
   */
  public record StepLine(
      int number, String task, int minutes, int waits, String engine, List<String> cautions) {
    private static StepLine of(int number, Task task) {
      return new StepLine(
          number,
          task.key(),
          task.hands(),
          task.waits(),
          task.engine().key(),
          task.cautions().stream().map(Code::key).toList());
    }
  }

  static WorkSheet of(JobContent job, Build build) {
    List<FlatBracket> brackets =
        Stream.concat(
                MountingResult.inUse(job, build).stream(),
                MountingResult.of(job, build).channels().stream()
                    .filter(c -> !c.tabs().isEmpty())
                    .map(FlatChannel::web))
            .map(FlatBracket::of)
            .toList();
    LineResult lines = LineResult.of(job, build);
    Changes changes = new Changes(build, job.found());
    WorkScope scope = changes.scope();
    PartsList parts = PartsList.of(changes, scope.parts(), lines, job.rig(), Guards.of(job, build));
    List<StepLine> steps = new ArrayList<>();
    for (Task task : WorkOrder.plan(scope)) {
      steps.add(StepLine.of(steps.size() + 1, task));
    }
    int restoring =
        job.builds().stream()
            .filter(b -> b.kind() == Build.Kind.RESTORED)
            .findFirst()
            .map(b -> WorkOrder.hands(new Changes(b, job.found()).scope()))
            .orElse(0);
    return new WorkSheet(
        parts.lines(),
        Said.of(parts.out()),
        Said.of(parts.fuses()),
        lines,
        brackets,
        SwitchResult.findings(job, build),
        Said.of(fluids(job.setup(build), job, scope, lines)),
        Caution.GENERAL.stream().map(Code::key).toList(),
        steps,
        build.radiator() == null
            ? 0
            : FitRow.What.values().length - build.mounting().radiator().ticks().size(),
        steps.stream().mapToInt(StepLine::minutes).sum(),
        steps.stream().mapToInt(StepLine::waits).sum(),
        restoring);
  }

  private static List<Finding> fluids(
      Setup setup, JobContent job, WorkScope scope, LineResult lines) {
    List<Finding> fluids = new ArrayList<>();
    if (scope.parts().contains(Part.COOLER)) {
      fluids.add(Listed.OIL.with(lines.addedVolumeL() / 1000));
    }
    if (WorkOrder.plan(scope).contains(Task.FILL_COOLANT)) {
      var coolant = setup.truck().coolant().fluid();
      fluids.add(
          Listed.COOLANT.with(
              coolant.glycolFraction(),
              coolant.freezingPoint(),
              setup.boilingPoint(job.point().altitude())));
    }
    return fluids;
  }
}
