package roadbreeze.server.run;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.server.log.LogPlans;
import roadbreeze.server.message.Units;

/** Takes a recorded drive in as a whole: run, and one file as it looks. */
@Component
public class RunIntake {
  private static final int HEAD = 60_000;

  private final RunService runs;
  private final RunRows rows;
  private final LogPlans plans;

  RunIntake(RunService runs, RunRows rows, LogPlans plans) {
    this.runs = runs;
    this.rows = rows;
    this.plans = plans;
  }

  /**
   * @param file CSV
   * @throws roadbreeze.server.problem.RefusedRequestException if there is no row in it
   */
  public Run take(UUID job, Run.RunData data, String name, String file)
      throws SQLException, IOException {
    return add(runs.add(job, data).id(), name, file);
  }

  /** The same as another track of a run that is there. */
  Run add(UUID run, String name, String file) throws SQLException, IOException {
    byte[] bytes = file.getBytes(StandardCharsets.UTF_8);
    byte[] head = Arrays.copyOf(bytes, Math.min(HEAD, bytes.length));
    String shape = plans.keep(plans.look(head, Units.World.METRIC).plan());
    int track = rows.take(run, name, new ByteArrayInputStream(bytes), plans.plan(shape));
    return runs.taken(run, track);
  }
}
