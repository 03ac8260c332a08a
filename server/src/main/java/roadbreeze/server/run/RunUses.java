package roadbreeze.server.run;

import jakarta.annotation.Nullable;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.core.followup.DriveUse;

/** What recorded drives did to their trucks; worked out once for the rows that they have. */
@Component
public class RunUses {
  /** Shorter than this is no haul, m; own default. */
  private static final double SHORTEST_HAUL = 5000;

  private final EntityManager database;
  private final RunRecordings recordings;

  RunUses(EntityManager database, RunRecordings recordings) {
    this.database = database;
    this.recordings = recordings;
  }

  /**
   * What is kept of a drive; null is not known.
   *
   * @param distanceM that was recorded
   * @param oilLifeH hours at 80 °C that age the oil as much
   */
  record RunUseData(
      double seconds,
      @Nullable Double distanceM,
      @Nullable Double heatCycles,
      @Nullable Double oilLifeH) {
    private static RunUseData of(DriveUse use) {
      return new RunUseData(
          use.seconds(),
          use.distance().orElse(null),
          use.heatCycles().orElse(null),
          use.oilLife().orElse(null));
    }

    private DriveUse use() {
      return new DriveUse(
          seconds,
          Optional.ofNullable(distanceM),
          Optional.ofNullable(heatCycles),
          Optional.ofNullable(oilLifeH));
    }
  }

  /**
   * A drive.
   *
   * @param at when it began, or was put down
   * @param hauled with a trailer
   */
  public record Driven(Instant at, DriveUse use, boolean hauled) {}

  /** Drives of a job of which there is a recording. */
  @Transactional
  public List<Driven> of(UUID job) {
    List<Driven> driven = new ArrayList<>();
    for (Run run : recordings.all(job)) {
      if (!run.tracks().isEmpty()) {
        DriveUse use = use(run);
        boolean towed = run.data().trailerKg() == null || run.data().trailerKg() > 0;
        boolean far = use.distance().filter(d -> d >= SHORTEST_HAUL).isPresent();
        driven.add(
            new Driven(
                run.beganAt() == null ? run.madeAt() : run.beganAt(),
                use,
                towed && far && run.data().sort() != Run.Sort.BEFORE));
      }
    }
    return driven;
  }

  private DriveUse use(Run run) {
    RunUseRow kept = database.find(RunUseRow.class, run.id());
    if (kept == null) {
      kept = new RunUseRow(run.id(), RunUseData.of(DriveUse.of(recordings.of(run))));
      database.persist(kept);
    }
    return kept.data().use();
  }
}
