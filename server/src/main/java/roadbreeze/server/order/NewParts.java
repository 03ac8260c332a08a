package roadbreeze.server.order;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Finding;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.job.JobContent;

/** Parts that a build puts in. */
public final class NewParts {
  private NewParts() {}

  public static List<Finding> of(JobContent job, Build build) {
    Changes changes = new Changes(build, job.found());
    List<Finding> parts = new ArrayList<>();
    changes.newCoolers().forEach(c -> parts.add(part(c.part().name(), c.part().code())));
    changes.newFans().forEach(f -> parts.add(part(f.part().name(), f.part().code())));
    if (changes.newRadiator()) {
      parts.add(part(build.radiator().name(), build.radiator().code()));
    }
    return parts;
  }

  private static Finding part(String name, String code) {
    return StepFact.PART.with(name, code);
  }
}
