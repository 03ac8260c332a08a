package roadbreeze.server.log;

import jakarta.annotation.Nullable;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.log.Channel;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.UnknownThingException;

/** How files of loggers are read: as they were the last time, else as they look. */
@Service
public class LogPlans {
  private static final int SHOWN = 5;

  private final EntityManager database;

  LogPlans(EntityManager database) {
    this.database = database;
  }

  /**
   * A file as it looks.
   *
   * @param remembered it is read as one of its shape was before
   * @param samples the first fields of each column
   * @param channels that a column can be
   */
  public record LogLook(
      LogPlan plan, boolean remembered, List<List<String>> samples, List<ChannelUnits> channels) {}

  /**
   * In what a channel can be recorded.
   *
   * @param units labels, none where it is a number alone; an empty one is a share
   */
  public record ChannelUnits(Channel channel, List<String> units) {
    private static ChannelUnits of(Channel channel) {
      List<String> units = new ArrayList<>();
      if (channel != Channel.OTHER && channel.kind() != Kind.COUNT) {
        Units.of(channel.kind()).units().forEach(u -> units.add(u.label()));
      }
      if (channel.kind() == Kind.PERCENT) {
        units.add("");
      }
      return new ChannelUnits(channel, units);
    }
  }

  /**
   * @param beginning of the file, some 64 kB
   */
  @Transactional(readOnly = true)
  public LogLook look(byte[] beginning, Units.World world) {
    LogHead head = LogHead.of(LogText.head(beginning));
    LogPlan guess = head.plan(world);
    LogPlanRow before = database.find(LogPlanRow.class, guess.shape());
    List<List<String>> samples = new ArrayList<>();
    for (int i = 0; i < head.wide(); i++) {
      samples.add(head.column(i).stream().limit(SHOWN).toList());
    }
    // The file may have another number of lines before its first row.
    LogPlan plan = before == null ? guess : before.plan().withSkip(guess.skip());
    return new LogLook(
        plan, before != null, samples, Stream.of(Channel.values()).map(ChannelUnits::of).toList());
  }

  /** Keeps a plan for files of its shape, and says what that is. */
  @Transactional
  public String keep(LogPlan plan) {
    database.merge(new LogPlanRow(plan, Instant.now()));
    return plan.shape();
  }

  @Transactional(readOnly = true)
  public LogPlan plan(@Nullable String shape) {
    LogPlanRow row = shape == null ? null : database.find(LogPlanRow.class, shape);
    if (row == null) {
      throw new UnknownThingException("no file was read in this way");
    }
    return row.plan();
  }
}
