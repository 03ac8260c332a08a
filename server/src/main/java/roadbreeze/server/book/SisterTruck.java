package roadbreeze.server.book;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.BuildBuilder;
import roadbreeze.server.build.Condition;
import roadbreeze.server.build.FillData;
import roadbreeze.server.check.Checks;
import roadbreeze.server.job.About;
import roadbreeze.server.job.Job;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.rig.Mark;
import roadbreeze.server.rig.RigSection;
import roadbreeze.server.rig.RigSectionBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A job for another truck of the same kind. Its plan is the same; what was measured on the first
 * truck is only assumed of this one, and so marked until somebody measures it anew. What the first
 * truck alone had is not taken along: faults, checks, traverses, calibrations, photographs, what
 * came out of it and what went in.
 */
@Component
class SisterTruck {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final JobService jobs;

  SisterTruck(JobService jobs) {
    this.jobs = jobs;
  }

  Job of(UUID job, String name) {
    return jobs.create(of(jobs.get(job).content(), name));
  }

  static JobContent of(JobContent first, String name) {
    Condition asMade =
        first.builds().stream()
            .filter(b -> b.kind() == Build.Kind.RESTORED)
            .findFirst()
            .map(Build::condition)
            .orElseGet(() -> first.found().condition());
    List<Build> builds = new ArrayList<>();
    for (Build b : first.builds()) {
      builds.add(
          BuildBuilder.from(b)
              .withCondition(asMade)
              .withFill(FillData.NOTHING_YET)
              .withMarks(toMeasure(b.marks(), Set.of(), JSON.createObjectNode())));
    }
    RigSection rig = first.rig();
    return new JobContent(
        new About(name, "", first.about().order(), null, List.of()),
        RigSectionBuilder.from(rig)
            .withTraverses(List.of())
            .withCalibrations(List.of())
            .withMarks(toMeasure(rig.marks(), JobContent.doubted(), JSON.valueToTree(rig))),
        first.nose().withoutPhotos(),
        first.haul(),
        Checks.NONE,
        builds);
  }

  /**
   * What was measured is assumed, and so is what a verdict leans on and nobody has marked.
   *
   * @param doubted paths of these
   * @param section in which they lie
   */
  private static Map<String, Mark> toMeasure(
      Map<String, Mark> marks, Set<String> doubted, JsonNode section) {
    Map<String, Mark> sister = new LinkedHashMap<>();
    marks.forEach((path, mark) -> sister.put(path, mark == Mark.MEASURED ? Mark.DEFAULT : mark));
    for (String path : doubted) {
      if (section.at("/" + path.replace('.', '/')).isNumber()) {
        sister.put(path, Mark.DEFAULT);
      }
    }
    return sister;
  }
}
