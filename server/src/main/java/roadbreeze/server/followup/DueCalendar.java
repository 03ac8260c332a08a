package roadbreeze.server.followup;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import roadbreeze.server.message.Units;
import roadbreeze.server.order.InText;

/** What is due as a calendar (RFC 5545): a whole day for each, known by its id. */
final class DueCalendar {
  static final String TYPE = "text/calendar;charset=UTF-8";

  private DueCalendar() {}

  /**
   * What is late stands on today, until it is done.
   *
   * @param name of the calendar
   */
  static String of(List<FollowUp> all, String name, LocalDate today, Units.World world) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Road Breeze//Follow-ups//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    calendar.add(new XProperty("X-WR-CALNAME", name));
    Instant now = Instant.now();
    for (FollowUp f : all) {
      LocalDate due = f.until() != null ? f.until() : f.due();
      if (due != null) {
        calendar.add(event(f, due.isBefore(today) ? today : due, now, world));
      }
    }
    return calendar.toString();
  }

  private static VEvent event(FollowUp f, LocalDate day, Instant now, Units.World world) {
    VEvent event = new VEvent(day, day.plusDays(1), f.jobName() + ": " + f.data().title());
    event.removeAll("DTSTAMP");
    event.add(new DtStamp(now));
    event.add(new Uid(f.id() + "@road-breeze"));
    String how = f.how() == null ? f.data().note() : InText.in(f.how(), world);
    if (!how.isBlank()) {
      event.add(new Description(how));
    }
    event.add(ImmutableTransp.TRANSPARENT);
    return event;
  }
}
