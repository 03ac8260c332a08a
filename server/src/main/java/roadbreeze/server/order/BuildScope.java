package roadbreeze.server.order;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.core.workorder.WorkScope.Sort;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.mounting.RadiatorResult;
import roadbreeze.server.nose.NoseSolid;
import roadbreeze.server.rig.FluidsData;

/** What a build changes on its truck, and what of the truck decides how that is done. */
public final class BuildScope {
  private BuildScope() {}

  public static WorkScope of(JobContent job, Build build) {
    WorkScope changes = new Changes(build, job.found()).scope();
    Set<Part> parts = EnumSet.copyOf(changes.parts());
    Map<Sort, List<Name>> things = new HashMap<>(changes.things());
    boolean dipstick = job.rig().fluids().level() == FluidsData.Level.DIPSTICK;
    parts.add(dipstick ? Part.LEVEL_DIPSTICK : Part.LEVEL_OVERFLOW);
    if (job.rig().hasTank()) {
      parts.add(Part.IN_TANK);
    }
    if (job.nose().solids().stream().anyMatch(s -> s.what() == Solid.What.WINCH)) {
      parts.add(Part.WINCH);
    }
    things.put(Sort.OBSTACLE, moved(job, build));
    List<Name> plates = plates(job, build);
    if (!plates.isEmpty()) {
      parts.add(Part.RADIATOR_PLATES);
      things.put(Sort.PLATE, plates);
    }
    return new WorkScope(parts, things);
  }

  private static List<Name> moved(JobContent job, Build build) {
    return job.nose().solids().stream()
        .filter(s -> build.moved().contains(s.id()) && !job.found().moved().contains(s.id()))
        .map((NoseSolid s) -> Name.given(s.id(), Name.Noun.OBSTACLE, s.name()))
        .toList();
  }

  /** That are welded in for another radiator. */
  private static List<Name> plates(JobContent job, Build build) {
    List<Name> plates = new ArrayList<>();
    if (build.radiator() != null && !build.radiator().equals(job.found().radiator())) {
      int count = RadiatorResult.fit(job, build, job.setup(build)).plates().size();
      for (int i = 0; i < count; i++) {
        plates.add(Name.of("plate-" + (i + 1), Name.Noun.PLATE, i));
      }
    }
    return plates;
  }
}
