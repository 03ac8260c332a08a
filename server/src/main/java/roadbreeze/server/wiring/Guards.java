package roadbreeze.server.wiring;

import java.util.HashMap;
import java.util.Map;
import roadbreeze.core.wiring.Inrush;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;

/**
 * Fuses of a build's motors, for other rooms.
 *
 * @param amps rating
 * @param runs the most that goes through it, A
 */
public record Guards(double amps, double runs) {
  /** By the id of what they protect. */
  public static Map<String, Guards> of(JobContent job, Build build) {
    WiredBuild wired = WiredBuild.of(job, build);
    Map<String, Guards> guards = new HashMap<>();
    for (Scheme.Placed p : wired.scheme().parts()) {
      Inrush start = wired.loom().inrush().get(p.part().id());
      if (start != null) {
        double amps = wired.loom().guards().get(p.part().id());
        guards.put(p.device(), new Guards(amps, start.running()));
      }
    }
    return guards;
  }

  /** It bears what runs through it. */
  public boolean bears() {
    return amps >= runs;
  }
}
