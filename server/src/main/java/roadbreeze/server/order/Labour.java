package roadbreeze.server.order;

import java.util.List;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;

/**
 * Hands' time of one task of a build, with the minutes that the yard has for it here.
 *
 * @param family of the task, {@code own} of the job's own
 * @param minutes for everybody that it takes
 */
public record Labour(String title, String family, int minutes) {
  public static List<Labour> of(JobContent job, Build build, Tasks tasks) {
    return OrderedBuild.of(job, build, tasks, List.of()).lines().values().stream()
        .map(
            line ->
                new Labour(
                    line.title(),
                    line.task().map(TaskData::family).orElse("own"),
                    line.step().hands() * Math.max(1, line.step().people())))
        .toList();
  }
}
