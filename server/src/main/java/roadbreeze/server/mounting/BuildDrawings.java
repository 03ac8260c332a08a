package roadbreeze.server.mounting;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Channel;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;

/** What is cut, drilled and bent for a build, as drawings to scale. */
public final class BuildDrawings {
  private BuildDrawings() {}

  /** Empty where there is none of this id. */
  public static Optional<Drawing> bracket(Build build, String id, Units.World world) {
    return build.mounting().brackets().stream()
        .filter(b -> b.id().equals(id))
        .findFirst()
        .map(b -> FlatDrawing.of(b, world));
  }

  /** Empty where there is none of this id, or it cannot be. */
  public static Optional<Drawing> channel(
      JobContent job, Build build, String id, Units.World world) {
    return channels(job, build, world, c -> c.id().equals(id)).findFirst();
  }

  /** Brackets, and channels that can be. */
  static List<Drawing> brackets(JobContent job, Build build, Units.World world) {
    return Stream.concat(
            build.mounting().brackets().stream().map(b -> FlatDrawing.of(b, world)),
            channels(job, build, world, c -> true))
        .toList();
  }

  /** For a radiator that is not the truck's own. */
  public static List<Drawing> plates(JobContent job, Build build, Units.World world) {
    return build.radiator() == null
        ? List.of()
        : RadiatorResult.fit(job, build, job.setup(build)).plates().stream()
            .map(p -> PlateDrawing.of(p, world))
            .toList();
  }

  private static Stream<Drawing> channels(
      JobContent job, Build build, Units.World world, Predicate<Channel> which) {
    Map<String, Bracket> webs =
        MountingResult.of(job, build).channels().stream()
            .filter(f -> f.web() != null)
            .collect(Collectors.toMap(FlatChannel::id, FlatChannel::web));
    return build.mounting().channels().stream()
        .filter(which.and(c -> webs.containsKey(c.id())))
        .map(c -> FlatDrawing.of(c, webs.get(c.id()), world));
  }
}
