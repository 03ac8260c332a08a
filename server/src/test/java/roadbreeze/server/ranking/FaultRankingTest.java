package roadbreeze.server.ranking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roadbreeze.core.check.Evidence;
import roadbreeze.core.check.Fault;
import roadbreeze.core.check.PlantedFault;
import roadbreeze.core.check.Priors;
import roadbreeze.core.check.Ranking;
import roadbreeze.core.check.Suspects;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.yard.FaultWeights;

/**
 * Faults planted in the rigs of the demo yard, each truck off the model as its spreads allow: what
 * its driver complains of, coolant and pan at two moments, then the three checks that the tool
 * itself asks for.
 */
class FaultRankingTest {
  private static final int DRAWS = 500;
  private static final int CHECKS = 3;
  private static final int FIRST = 3;
  private static final double WANTED = 0.9;

  private static final Priors PRIORS = FaultWeights.SHIPPED.toCore();

  /** A rig with each fault run on it once for all draws. */
  private record Yard(Setup sound, Judge judge, Suspects suspects) {
    static Yard of(JobContent job) {
      Setup sound = Fault.healed(job.setup(job.found()));
      Judge judge = job.suspect(job.found());
      return new Yard(sound, judge, Suspects.of(sound, judge, PlantedFault.moments(judge)));
    }

    Ranking ranked(PlantedFault truck, Evidence shown) {
      List<Evidence.Checked> done = new ArrayList<>();
      Ranking ranking = null;
      for (int i = 0; i <= CHECKS; i++) {
        ranking =
            Ranking.of(suspects, PRIORS, new Evidence(shown.complaint(), shown.moments(), done));
        if (i < CHECKS) {
          done.add(truck.checked(ranking.next().get(0).check()));
        }
      }
      return ranking;
    }
  }

  private static final List<Yard> YARD = DemoWorld.jobs().stream().map(Yard::of).toList();

  private interface Right {
    boolean is(Ranking ranking, List<Fault.At> wrong);
  }

  private static double share(boolean faulty, long seed, Right right) {
    Random random = new Random(seed);
    int good = 0;
    for (int i = 0; i < DRAWS; i++) {
      Yard yard = YARD.get(i % YARD.size());
      Optional<Evidence> shown = Optional.empty();
      PlantedFault truck = null;
      List<Fault.At> wrong = List.of();
      while (shown.isEmpty()) {
        wrong = faulty ? List.of(PlantedFault.drawn(yard.sound, PRIORS, random)) : List.of();
        truck = new PlantedFault(yard.sound, yard.judge, wrong, random);
        shown = truck.shows();
      }
      good += right.is(yard.ranked(truck, shown.get()), wrong) ? 1 : 0;
    }
    return good / (double) DRAWS;
  }

  @Test
  void theTrueFaultIsAmongTheFirstThree() {
    double among =
        share(
            true,
            1,
            (ranking, wrong) ->
                ranking.faults().stream()
                    .limit(FIRST)
                    .anyMatch(l -> l.fault() == wrong.get(0).fault()));
    assertThat(among).isGreaterThanOrEqualTo(WANTED);
  }

  @Test
  void aTruckWithoutAFaultIsSaidToHaveNone() {
    assertThat(share(false, 2, (ranking, wrong) -> ranking.saysTooSmall()))
        .isGreaterThanOrEqualTo(WANTED);
  }
}
