package roadbreeze.server.wiring;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.wiring.Key;
import roadbreeze.core.wiring.Situation;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Within;
import roadbreeze.server.wiring.BenchRequest.BrokenThing;

/**
 * A build's circuit, asked in one situation.
 *
 * @param build its id
 * @param defect what is broken meanwhile, null where all is well
 */
record WiringRequest(
    @NotNull @Valid JobContent job,
    @NotNull String build,
    @NotNull @Valid AskedSituation situation,
    @Nullable @Valid BrokenThing defect) {

  /** What it is asked in. */
  public record AskedSituation(
      @NotNull Key key,
      @Within(min = -40, max = 200, kind = Kind.TEMPERATURE) double coolantC,
      @Within(min = -40, max = 200, kind = Kind.TEMPERATURE) double oilC,
      boolean airConditioning,
      boolean driver) {
    static AskedSituation of(Situation s) {
      return new AskedSituation(s.key(), s.coolant(), s.oil(), s.airConditioning(), s.driver());
    }

    Situation toCore() {
      return new Situation(key, coolantC, oilC, airConditioning, driver);
    }
  }

  Build chosen() {
    return job.build(build);
  }
}
