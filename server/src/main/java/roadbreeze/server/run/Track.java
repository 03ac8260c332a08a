package roadbreeze.server.run;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import roadbreeze.core.log.Channel;
import roadbreeze.core.log.LogMark;
import roadbreeze.server.log.LogRows;

/**
 * What one device recorded of a run.
 *
 * @param number from 0
 * @param name of its file
 * @param offsetS by which it began after the run
 * @param rows that were taken
 */
public record Track(
    int number, String name, double offsetS, double seconds, long rows, TrackBody body) {

  /**
   * What is said of its rows.
   *
   * @param columns in the order of the rows' values
   * @param beganAt as the file says; null where it does not
   * @param broken rows and fields, by what is wrong with them
   * @param shown the first of the broken rows as they stand in the file
   * @param marked how often each was seen
   * @param marks the first of them
   */
  public record TrackBody(
      List<TrackColumn> columns,
      @Nullable Instant beganAt,
      Map<LogRows.Fault, Long> broken,
      List<LogRows.BrokenRow> shown,
      Map<LogMark.What, Integer> marked,
      List<LogMark> marks) {}

  /**
   * A column.
   *
   * @param name as the file had it
   * @param unit as the file had it
   */
  public record TrackColumn(String name, Channel channel, String unit) {}
}
