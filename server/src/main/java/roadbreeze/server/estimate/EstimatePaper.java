package roadbreeze.server.estimate;

import jakarta.annotation.Nullable;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;
import roadbreeze.server.build.Build;
import roadbreeze.server.document.Paper;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.yard.Yard;

/** An estimate for the customer, in plain words, with what is not promised. */
final class EstimatePaper {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

  private EstimatePaper() {}

  /**
   * Who has signed it.
   *
   * @param hash of all that the paper was made of
   */
  record Signature(String by, String on, String at, String hash) {}

  /** A line with its price. */
  record PaperLine(String what, String price) {}

  /** A fluid against its limit, in words. */
  record PaperGauge(String fluid, String peak, String says) {}

  /** Another build beside it. */
  record PaperOther(String name, String total, String says) {}

  static byte[] of(
      JobContent job,
      Build chosen,
      Tasks tasks,
      Yard yard,
      LocalDate day,
      Units.World world,
      Paper.Size size,
      @Nullable Signature signature) {
    NumberFormat money = NumberFormat.getCurrencyInstance(Locale.ENGLISH);
    money.setCurrency(Currency.getInstance(yard.currency()));
    Estimate e = Estimate.of(job, chosen, tasks, yard);
    Map<String, Object> model = new HashMap<>();
    model.put("yard", yard.name());
    model.put("day", DAY.format(day));
    model.put("job", job.about().name());
    model.put("build", chosen.name());
    model.put("complaint", job.about().complaint());
    model.put("truck", job.rig().vehicle().name());
    model.put("trailer", job.rig().trailer().name());
    double mass = job.rig().vehicle().massKg() + job.rig().trailer().massKg();
    model.put("mass", Units.format(Units.si(mass, Kind.MASS), Kind.MASS, world));
    model.put(
        "road", job.haul().journey() == null ? job.haul().road() : job.haul().journey().name());
    model.put("gauges", gauges(job, chosen, world));
    List<PaperLine> parts = new ArrayList<>();
    e.parts()
        .forEach(
            p ->
                parts.add(
                    new PaperLine(
                        Words.of(p.said(), world),
                        p.price() == null ? "by its invoice" : money.format(p.price()))));
    model.put("parts", parts);
    List<PaperLine> labour = new ArrayList<>();
    e.labour()
        .forEach(
            l ->
                labour.add(
                    new PaperLine(
                        l.family().replace('-', ' '),
                        hours(l.minutes()) + " · " + money.format(l.price()))));
    model.put("labour", labour);
    model.put("rate", money.format(yard.hourlyRate()));
    model.put("hours", hours(e.minutes()));
    model.put("partsPrice", money.format(e.partsPrice()));
    model.put("labourPrice", money.format(e.labourPrice()));
    model.put("consumables", money.format(e.consumables()));
    model.put("net", money.format(e.net()));
    model.put("taxPercent", Units.format(yard.taxPercent() / 100, Kind.PERCENT, world, 1));
    model.put("tax", money.format(e.tax()));
    model.put("total", money.format(e.total()));
    model.put("unpriced", e.unpriced());
    model.put("others", others(job, chosen, tasks, yard, money, world));
    model.put("signature", signature);
    return Paper.of("estimate", size, model);
  }

  private static String hours(int minutes) {
    return minutes / 60 + " h " + String.format(Locale.ROOT, "%02d", minutes % 60) + " min";
  }

  private static List<PaperGauge> gauges(JobContent job, Build build, Units.World world) {
    Margins margins;
    try {
      margins = job.margins(build);
    } catch (RefusedException e) {
      return List.of();
    }
    List<PaperGauge> gauges = new ArrayList<>();
    for (Fluid fluid : Fluid.values()) {
      Margin m = margins.of(fluid);
      gauges.add(
          new PaperGauge(
              Words.of(fluid.with(), world),
              Units.format(m.peak(), Kind.TEMPERATURE, world, 0),
              says(m, world)));
    }
    return gauges;
  }

  /** Headroom and how sure it is, as one would tell it over a counter. */
  private static String says(Margin m, Units.World world) {
    String limit = Units.format(m.limit(), Kind.TEMPERATURE, world, 0);
    String room = Units.format(Math.abs(m.headroom()), Kind.DIFFERENCE, world, 0);
    return switch (m.standing()) {
      case HOLDS ->
          room
              + " under its limit of "
              + limit
              + "; nine of ten such trucks keep at least "
              + Units.format(m.sureHeadroom(), Kind.DIFFERENCE, world, 0);
      case MARGINAL ->
          room
              + " under its limit of "
              + limit
              + " as computed, but not nine of ten such trucks are";
      case OVER -> room + " over its limit of " + limit;
    };
  }

  private static List<PaperOther> others(
      JobContent job, Build chosen, Tasks tasks, Yard yard, NumberFormat money, Units.World world) {
    List<PaperOther> others = new ArrayList<>();
    for (Build b : job.builds()) {
      if (b.kind() != Build.Kind.AS_FOUND) {
        String says;
        try {
          Margins margins = job.margins(b);
          Margin worst = margins.of(margins.binding());
          says = Words.of(margins.binding().with(), world) + ": " + says(worst, world);
        } catch (RefusedException e) {
          says = "cannot be computed as it is entered";
        }
        String name = b.id().equals(chosen.id()) ? b.name() + " (this estimate)" : b.name();
        others.add(
            new PaperOther(name, money.format(Estimate.of(job, b, tasks, yard).total()), says));
      }
    }
    return others;
  }
}
