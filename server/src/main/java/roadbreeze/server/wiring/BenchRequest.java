package roadbreeze.server.wiring;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.wiring.Defect;
import roadbreeze.core.wiring.Probe;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;

/**
 * The fault bench of a build, or its drill.
 *
 * @param build its id
 * @param defect whose way is shown; null shows none
 */
record BenchRequest(
    @NotNull @Valid JobContent job, @NotNull String build, @Nullable @Valid BrokenThing defect) {

  /**
   * Something broken.
   *
   * @param at id of a wire or part
   */
  record BrokenThing(@NotNull Defect.Kind kind, @NotNull @Size(max = 120) String at) {
    static BrokenThing of(Defect d) {
      return new BrokenThing(d.kind(), d.at());
    }

    Defect toCore() {
      return new Defect(kind, at);
    }
  }

  /**
   * A hidden defect, what has been measured of it, and what somebody thinks that it is.
   *
   * @param seed that the defect is drawn by
   * @param guess null while nobody has guessed
   */
  record Drill(
      @NotNull @Valid JobContent job,
      @NotNull String build,
      long seed,
      @NotNull @Size(max = 60) List<@NotNull @Valid AskedProbe> probes,
      @Nullable @Valid BrokenThing guess) {
    Build chosen() {
      return job.build(build);
    }
  }

  /**
   * A measurement.
   *
   * @param at a terminal, or a relay's id for the ear
   */
  record AskedProbe(
      @NotNull Probe.Tool tool,
      @NotNull @Size(max = 120) String at,
      @NotNull @Valid WiringRequest.AskedSituation in) {
    static AskedProbe of(Probe p) {
      return new AskedProbe(p.tool(), p.at(), WiringRequest.AskedSituation.of(p.in()));
    }

    Probe toCore() {
      return new Probe(tool, at, in.toCore());
    }
  }

  Build chosen() {
    return job.build(build);
  }
}
