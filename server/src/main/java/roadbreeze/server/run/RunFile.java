package roadbreeze.server.run;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.UnknownThingException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A run as a file, to travel from the tablet in a cab to the yard: a line of JSON that says what it
 * is, then a line a row, {@code [track, time, values …]} in SI. It keeps its id, so that what comes
 * twice is there once, and what has grown since replaces what was there.
 */
@Component
public class RunFile {
  static final String NAME = "road-breeze-run";
  static final int VERSION = 1;
  static final String TYPE = "application/jsonl";

  /** A longer line is no line of a run. */
  private static final int LONGEST = 1 << 20;

  private static final JsonMapper JSON = JsonMapper.shared();

  private final RunService runs;
  private final RunRows rows;

  RunFile(RunService runs, RunRows rows) {
    this.runs = runs;
    this.rows = rows;
  }

  /** What the file is. */
  record RunHead(String format, int formatVersion, Run run) {}

  /** A run with all its rows. */
  public void write(UUID id, OutputStream to) throws IOException, SQLException {
    Run run = runs.get(id);
    Writer out = new OutputStreamWriter(to, StandardCharsets.UTF_8);
    out.write(JSON.writeValueAsString(new RunHead(NAME, VERSION, run)));
    out.write('\n');
    for (Track track : run.tracks()) {
      rows.each(
          id,
          track.number(),
          (t, v) -> {
            StringBuilder line =
                new StringBuilder("[").append(track.number()).append(',').append(t);
            for (float value : v) {
              line.append(',').append(Float.isNaN(value) ? "null" : Float.toString(value));
            }
            out.write(line.append("]\n").toString());
          });
    }
    out.flush();
  }

  /** A track as CSV. */
  public void csv(Run run, Track track, Units.World world, OutputStream to)
      throws IOException, SQLException {
    Writer text = new OutputStreamWriter(to, StandardCharsets.UTF_8);
    TrackCsv csv = new TrackCsv(track, world, text);
    rows.each(run.id(), track.number(), csv::row);
    text.flush();
  }

  /**
   * Takes a run in under its own id.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if the file is no run, or belongs to
   *     another job here
   */
  Run read(UUID job, InputStream file) throws IOException, SQLException {
    try (BufferedReader in =
        new BufferedReader(new InputStreamReader(file, StandardCharsets.UTF_8))) {
      Run run = head(in.readLine());
      begin(job, run);
      Map<Integer, Track> wanted = new HashMap<>();
      for (Track track : run.tracks()) {
        if (rows.count(run.id(), track.number()) < track.rows()) {
          wanted.put(track.number(), track);
        }
      }
      rows.replace(run.id(), wanted, () -> row(in));
      return runs.get(run.id());
    }
  }

  private static Run head(String line) {
    try {
      JsonNode head = line == null ? JSON.createObjectNode() : JSON.readTree(line);
      if (!head.path("format").asString("").equals(NAME)) {
        throw Refusal.NOT_A_RUN.refuse();
      }
      if (head.path("formatVersion").asInt(0) > VERSION) {
        throw Refusal.NEWER_FORMAT.refuse(head.get("formatVersion").asInt());
      }
      Run run = JSON.treeToValue(head.get("run"), Run.class);
      if (run.id() == null || run.data() == null || run.tracks() == null) {
        throw Refusal.NOT_A_RUN.refuse();
      }
      return run;
    } catch (JacksonException e) {
      throw Refusal.NOT_A_RUN.refuse();
    }
  }

  private void begin(UUID job, Run run) {
    try {
      if (!runs.get(run.id()).job().equals(job)) {
        throw Refusal.RUN_OF_ANOTHER_JOB.refuse();
      }
    } catch (UnknownThingException e) {
      runs.add(job, run);
    }
  }

  /**
   * A row.
   *
   * @param values not a number where there is none
   */
  record FileRow(int track, double time, double[] values) {}

  /** The next one; null at the end. */
  private static FileRow row(BufferedReader in) throws IOException {
    String line = in.readLine();
    if (line == null || line.isBlank()) {
      return null;
    }
    if (line.length() > LONGEST) {
      throw Refusal.NOT_A_RUN.refuse();
    }
    try {
      JsonNode row = JSON.readTree(line);
      if (!row.isArray() || row.size() < 2) {
        throw Refusal.NOT_A_RUN.refuse();
      }
      double[] values = new double[Math.max(0, row.size() - 2)];
      for (int i = 0; i < values.length; i++) {
        values[i] = row.get(i + 2).isNumber() ? row.get(i + 2).asDouble() : Double.NaN;
      }
      return new FileRow(row.get(0).asInt(), row.get(1).asDouble(), values);
    } catch (JacksonException e) {
      throw Refusal.NOT_A_RUN.refuse();
    }
  }
}
