package roadbreeze.server.job;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import roadbreeze.server.build.Build;
import roadbreeze.server.check.Checks;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.rig.RigSection;

/**
 * A saved job. Each section has a version of its own, to be sent back with its next save.
 *
 * @param changedAt when any of them was saved last
 */
public record Job(
    UUID id,
    Instant changedAt,
    Section<About> about,
    Section<RigSection> rig,
    Section<NoseSection> nose,
    Section<Haul> haul,
    Section<Checks> checks,
    List<Section<Build>> builds) {

  /** A section as it stands. */
  public record Section<T>(long version, T body) {}

  public JobContent content() {
    return new JobContent(
        about.body(),
        rig.body(),
        nose.body(),
        haul.body(),
        checks.body(),
        builds.stream().map(Section::body).toList());
  }
}
