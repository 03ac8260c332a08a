package roadbreeze.server.followup;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import roadbreeze.core.explain.Code;
import roadbreeze.core.followup.Measure;
import roadbreeze.server.order.TaskReading;

/**
 * Something that is looked at again, as it stands on a day.
 *
 * @param jobName what the job is called
 * @param data as it is edited
 * @param how texts may hold quantities in braces; null where the yard has made it up
 * @param cautions codes of what can hurt
 * @param since it was done last
 * @param due on which day at the rate the truck goes; null where it never comes, or is done
 * @param first what makes it due first
 * @param shares how much of each has gone
 * @param until to which day it is put off; null otherwise
 * @param events what became of it, the newest first
 */
record FollowUp(
    UUID id,
    long version,
    UUID job,
    String jobName,
    FollowUpData data,
    @Nullable String how,
    @Nullable String why,
    @Nullable String check,
    @Nullable String mistake,
    List<String> cautions,
    List<TaskReading> readings,
    DueState state,
    LocalDate since,
    @Nullable LocalDate due,
    Measure first,
    List<GoneShare> shares,
    @Nullable LocalDate until,
    List<FollowUpEvent> events) {

  /** Where it stands, the most urgent first. */
  enum DueState implements Code {
    DUE,
    SOON,
    LATER,
    SNOOZED,
    DONE,
    DROPPED
  }

  /**
   * How much has gone of what makes it due.
   *
   * @param used km where it is a distance, h where it is oil life, else days or a count
   * @param recorded how much of it was recorded, the rest is as usual; null of days
   * @param due on which day by this alone; null where it never comes
   */
  record GoneShare(
      Measure measure,
      double used,
      double every,
      @Nullable Double recorded,
      @Nullable LocalDate due) {}
}
