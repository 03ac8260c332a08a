package roadbreeze.server.sheet;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.workorder.EngineState;
import roadbreeze.core.workorder.TaskLibrary;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.message.Said;
import roadbreeze.server.mounting.FlatBracket;
import roadbreeze.server.mounting.FlatChannel;
import roadbreeze.server.mounting.MountingResult;
import roadbreeze.server.order.BuildScope;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.switching.SwitchResult;
import roadbreeze.server.wiring.Guards;

/**
 * Everything a bay needs to do one build, computed afresh.
 *
 * @param comesOut what is taken off the truck for good
 * @param brackets and channels across, seen on their webs
 * @param fuses fuse and relay of each fan that is wired
 * @param orderOpen lines of a radiator's order check sheet that nobody has ticked
 * @param minutes of hands that the library has for it
 * @param restoring minutes of hands that restoring the truck would take alone
 */
public record WorkSheet(
    List<PartPriced> parts,
    List<Said> comesOut,
    List<Said> fuses,
    LineResult lines,
    List<FlatBracket> brackets,
    List<SwitchResult.SwitchSaid> switching,
    List<Said> fluids,
    int orderOpen,
    int minutes,
    int restoring) {

  /**
   * A part to have at hand.
   *
   * @param price in the yard's money; null where the catalogue has none for it
   */
  public record PartPriced(Said said, @Nullable Double price) {}

  static WorkSheet of(JobContent job, Build build, Tasks tasks) {
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
    WorkScope scope = BuildScope.of(job, build);
    PartsList parts = PartsList.of(changes, scope.parts(), lines, job.rig(), Guards.of(job, build));
    int restoring =
        job.builds().stream()
            .filter(b -> b.kind() == Build.Kind.RESTORED)
            .findFirst()
            .map(b -> tasks.library().hands(BuildScope.of(job, b)))
            .orElse(0);
    return new WorkSheet(
        parts.lines().stream().map(l -> new PartPriced(Said.of(l.said()), l.price())).toList(),
        Said.of(parts.out()),
        Said.of(parts.fuses()),
        lines,
        brackets,
        SwitchResult.findings(job, build),
        Said.of(fluids(job.setup(build), job, tasks.library().picked(scope), lines)),
        build.radiator() == null ? 0 : build.mounting().radiator().open(),
        tasks.library().hands(scope),
        restoring);
  }

  private static List<Finding> fluids(
      Setup setup, JobContent job, List<TaskLibrary.Picked> work, LineResult lines) {
    List<Finding> fluids = new ArrayList<>();
    if (work.stream().anyMatch(p -> p.step().ends().contains(EngineState.States.OIL_OPEN))) {
      fluids.add(Listed.OIL.with(lines.addedVolumeL() / 1000));
    }
    if (work.stream().anyMatch(p -> p.step().ends().contains(EngineState.States.COOLANT_OUT))) {
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
