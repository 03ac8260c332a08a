package roadbreeze.server.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.rig.CalibrationData;
import roadbreeze.server.rig.RigSectionBuilder;
import roadbreeze.server.run.Run;
import roadbreeze.server.run.RunRecordings;

/** A truck whose model somebody has tuned, for a demo yard. */
@Component
public class TunedTruck {
  private final ReadDrives drives;
  private final RunRecordings recordings;
  private final JobService jobs;

  TunedTruck(ReadDrives drives, RunRecordings recordings, JobService jobs) {
    this.drives = drives;
    this.recordings = recordings;
    this.jobs = jobs;
  }

  /**
   * Tunes to the drives after the work and keeps that beside the truck; whether verdicts count with
   * it is left to whoever looks at it.
   */
  public void by(UUID job, String who) {
    JobContent content = jobs.get(job).content();
    List<Run> all = recordings.all(job);
    List<Run> after = all.stream().filter(r -> r.data().sort() == Run.Sort.AFTER).toList();
    List<Run> others = all.stream().filter(r -> r.data().sort() == Run.Sort.OTHER).toList();
    CalibrationData found = drives.calibrate(content, after, others).data();
    jobs.changeRig(
        job,
        rig -> {
          List<CalibrationData> kept = new ArrayList<>(rig.calibrations());
          kept.add(found.acceptedBy(who, false));
          return RigSectionBuilder.from(rig).withCalibrations(kept);
        });
  }
}
