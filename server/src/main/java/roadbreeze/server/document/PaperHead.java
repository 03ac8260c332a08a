package roadbreeze.server.document;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;

/** What stands at the head of every paper on a build: whose, of what, on which road. */
public final class PaperHead {
  /** A day as papers say it: 26 November 2026. */
  public static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

  private PaperHead() {}

  /**
   * The beginning of a paper's model.
   *
   * @param yard its name
   * @param day that stands on it
   */
  public static Map<String, Object> of(
      JobContent job, Build build, String yard, LocalDate day, Units.World world) {
    Map<String, Object> model = new HashMap<>();
    model.put("yard", yard);
    model.put("day", DAY.format(day));
    model.put("job", job.about().name());
    model.put("build", build.name());
    model.put("complaint", job.about().complaint());
    model.put("truck", job.rig().vehicle().name());
    model.put("trailer", job.rig().trailer().name());
    double kg = job.rig().vehicle().massKg() + job.rig().trailer().massKg();
    model.put("mass", Units.format(Units.si(kg, Kind.MASS), Kind.MASS, world));
    model.put(
        "road", job.haul().journey() == null ? job.haul().road() : job.haul().journey().name());
    return model;
  }
}
