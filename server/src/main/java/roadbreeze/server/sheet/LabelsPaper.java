package roadbreeze.server.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.build.Inline;
import roadbreeze.server.document.Paper;
import roadbreeze.server.document.PaperHead;
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
  private LabelsPaper() {}

  /**
   * A label.
   *
   * @param where it goes
   * @param hurts it warns
   */
  record PaperLabel(String where, boolean hurts, List<String> lines) {}

  private static PaperLabel warns(String where, String... lines) {
    return new PaperLabel(where, true, List.of(lines));
  }

  private static PaperLabel tells(String where, String... lines) {
    return new PaperLabel(where, false, List.of(lines));
  }

  static byte[] of(
      JobContent job, Build build, String yard, LocalDate day, Units.World world, Paper.Size size) {
    Map<String, Object> model = PaperHead.of(job, build, yard, day, world);
    model.put("labels", labels(job, build, day, world));
    return Paper.of("labels", size, model);
  }

  static List<PaperLabel> labels(JobContent job, Build build, LocalDate day, Units.World world) {
    List<PaperLabel> labels = new ArrayList<>();
    FluidsData fluids = job.rig().fluids();
    for (FittedFan f : build.fans()) {
      if (f.part().kind() == FanUnit.Type.ELECTRIC) {
        labels.add(
            warns(
                "Under the bonnet, beside the fan",
                "FAN MAY START BY ITSELF",
                "Pull its fuse first"));
      }
    }
    boolean header = fluids.capAt() == FluidsData.CapPlace.HEADER_TANK;
    double cap = Units.si(job.rig().vehicle().cooling().capKpa(), Kind.PRESSURE);
    labels.add(
        warns(
            header ? "At the header tank" : "At the radiator’s neck",
            "Cap " + Units.format(cap, Kind.PRESSURE, world),
            "Opened cold only"));
    guards(job, build, world, labels);
    FillResult fill = FillResult.of(job, build);
    labels.add(
        tells(
            "At the filler",
            "Coolant, "
                + Units.format(fill.wantedPercent() / 100, Kind.PERCENT, world, 0)
                + " concentrate",
            "Freezes at " + warm(fill.freezesC(), world),
            "Filled " + PaperHead.DAY.format(day)));
    labels.add(
        tells(
            fluids.level() == FluidsData.Level.DIPSTICK ? "At the dipstick" : "At the level plug",
            "Gearbox level with the pan at "
                + warm(fluids.levelFromC(), world)
                + " to "
                + warm(fluids.levelToC(), world)));
    for (Inline inline : build.lines().inline()) {
      if (inline.filter() != null) {
        labels.add(
            tells(
                "On the oil filter",
                inline.filter().name(),
                "Fitted " + PaperHead.DAY.format(day) + ", at ____________",
                "Due at ____________"));
      }
    }
    return labels;
  }

  private static String warm(double celsius, Units.World world) {
    return Units.format(celsius, Kind.TEMPERATURE, world, 0);
  }

  private static void guards(JobContent job, Build build, Units.World world, List<PaperLabel> to) {
    Map<String, Guards> guards = Guards.of(job, build);
    for (FittedFan f : build.fans()) {
      Guards guard = guards.get(f.id());
      if (guard != null) {
        int digits = guard.amps() % 1 == 0 ? 0 : 1; // there is one of 7.5 A
        to.add(
            tells(
                "In the fuse box’s lid",
                f.part().name(),
                "Fuse " + Units.format(guard.amps(), Kind.CURRENT, world, digits)));
      }
    }
  }
}
