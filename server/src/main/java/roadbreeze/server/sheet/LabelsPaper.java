package roadbreeze.server.sheet;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.build.Inline;
import roadbreeze.server.document.Paper;
import roadbreeze.server.fill.FillResult;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.rig.FluidsData;
import roadbreeze.server.wiring.Guards;

/**
 * Labels that stay on the truck: what can hurt, what protects what, what is in it and when it is
 * due.
 */
final class LabelsPaper {
  /** The class of a label that warns. */
  private static final String HURTS = "hurts";

  private LabelsPaper() {}

  /**
   * A label.
   *
   * @param what where it goes
   * @param value its lines, apart by a bar
   * @param origin its class, empty where it only tells
   */
  record PaperLabel(String what, String value, String origin) {}

  static byte[] of(
      JobContent job, Build build, String yard, LocalDate day, Units.World world, Paper.Size size) {
    Map<String, Object> model = new HashMap<>();
    model.put("yard", yard);
    model.put("day", day.format(DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH)));
    model.put("job", job.about().name());
    model.put("build", build.name());
    model.put("labels", labels(job, build, day, world));
    return Paper.of("labels", size, model);
  }

  static List<PaperLabel> labels(JobContent job, Build build, LocalDate day, Units.World world) {
    String on = day.format(DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH));
    List<PaperLabel> labels = new ArrayList<>();
    for (FittedFan f : build.fans()) {
      if (f.part().kind() == FanUnit.Type.ELECTRIC) {
        labels.add(
            new PaperLabel(
                "Under the bonnet, beside the fan",
                "FAN MAY START BY ITSELF|Pull its fuse first",
                HURTS));
      }
    }
    FluidsData fluids = job.rig().fluids();
    String cap =
        Units.format(
            Units.si(job.rig().vehicle().cooling().capKpa(), Kind.PRESSURE), Kind.PRESSURE, world);
    labels.add(
        new PaperLabel(
            fluids.capAt() == FluidsData.CapPlace.HEADER_TANK
                ? "At the header tank"
                : "At the radiator’s neck",
            "Cap " + cap + "|Opened cold only",
            HURTS));
    guards(job, build, world, labels);
    FillResult fill = FillResult.of(job, build);
    labels.add(
        new PaperLabel(
            "At the filler",
            "Coolant, "
                + Units.format(fill.wantedPercent() / 100, Kind.PERCENT, world, 0)
                + " concentrate|Freezes at "
                + Units.format(fill.freezesC(), Kind.TEMPERATURE, world, 0)
                + "|Filled "
                + on,
            ""));
    labels.add(
        new PaperLabel(
            fluids.level() == FluidsData.Level.DIPSTICK ? "At the dipstick" : "At the level plug",
            "Gearbox level with the pan at "
                + Units.format(fluids.levelFromC(), Kind.TEMPERATURE, world, 0)
                + " to "
                + Units.format(fluids.levelToC(), Kind.TEMPERATURE, world, 0),
            ""));
    for (Inline inline : build.lines().inline()) {
      if (inline.filter() != null) {
        labels.add(
            new PaperLabel(
                "On the oil filter",
                inline.filter().name() + "|Fitted " + on + ", at ____________|Due at ____________",
                ""));
      }
    }
    return labels;
  }

  private static void guards(JobContent job, Build build, Units.World world, List<PaperLabel> to) {
    Map<String, Guards> guards = Guards.of(job, build);
    for (FittedFan f : build.fans()) {
      Guards guard = guards.get(f.id());
      if (guard != null) {
        to.add(
            new PaperLabel(
                "In the fuse box’s lid",
                f.part().name()
                    + "|Fuse "
                    + Units.format(
                        guard.amps(), Kind.CURRENT, world, guard.amps() % 1 == 0 ? 0 : 1),
                ""));
      }
    }
  }
}
