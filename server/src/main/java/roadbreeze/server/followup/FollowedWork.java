package roadbreeze.server.followup;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.server.followup.FollowUpEvent.What;
import roadbreeze.server.followup.TruckUse.OdometerRead;

/** What was looked at again of work that was done weeks ago, for a demo yard. */
@Component
public class FollowedWork {
  private static final String FITTER = "Ada Ferrow";

  private final FollowUps followUps;

  FollowedWork(FollowUps followUps) {
    this.followUps = followUps;
  }

  /**
   * @param day on which the work was done
   */
  public void after(UUID job, LocalDate day) {
    LocalDate later = day.plusDays(70);
    followUps.save(
        job,
        new FollowUps.TruckUseEdit(
            -1,
            new TruckUse(
                420,
                9,
                3,
                64,
                9.5,
                List.of(
                    new OdometerRead("in", day, 186_420),
                    new OdometerRead("out", later, 190_870)))));
    FollowUp clamps = begin(job, "clamps", day);
    done(clamps, day.plusDays(5), "two a quarter turn, marks drawn anew", Map.of("moved", 2.0));
    FollowUp levels = begin(job, "levels-again", day);
    done(levels, day.plusDays(5), "all dry", Map.of("coolant", 0.0004, "oil", 0.0, "pan", 71.0));
    for (String kind : List.of("first-haul-call", "filter", "gearbox-oil", "fins", "belt-clutch")) {
      begin(job, kind, day);
    }
    FollowUp marks = begin(job, "marks", day.minusDays(300));
    followUps.add(
        marks.id(),
        new FollowUpEvent(
            UUID.randomUUID(),
            What.SNOOZED,
            later,
            FITTER,
            later.plusDays(400),
            "its owner changes the oil himself in autumn and sends a photograph",
            Map.of(),
            null),
        later);
  }

  private FollowUp begin(UUID job, String kind, LocalDate day) {
    FollowUpKind of = FollowUpKind.of(kind).orElseThrow();
    FollowUpData data = new FollowUpData(kind, of.title(), "", day, of.every(), of.again());
    return followUps.add(job, data, day);
  }

  private void done(FollowUp f, LocalDate day, String note, Map<String, Double> readings) {
    followUps.add(
        f.id(),
        new FollowUpEvent(UUID.randomUUID(), What.DONE, day, FITTER, null, note, readings, null),
        day);
  }
}
