package roadbreeze.server.estimate;

import jakarta.annotation.Nullable;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import roadbreeze.core.explain.Finding;
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
import roadbreeze.server.signed.SignedPaper;
import roadbreeze.server.yard.Yard;

/** An estimate for the customer, in plain words, with what is not promised. */
final class EstimatePaper {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

  /** Of a signature: the same everywhere. */
  private static final DateTimeFormatter DAY_AND_HOUR =
      DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm 'UTC'", Locale.ENGLISH)
          .withZone(ZoneOffset.UTC);

  private EstimatePaper() {}

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
      @Nullable SignedPaper signed) {
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
    List<PaperOther> others = new ArrayList<>();
    model.put("gauges", List.of());
    for (Build b : job.builds()) {
      if (b.kind() != Build.Kind.AS_FOUND || b == chosen) {
        Optional<Margins> margins = margins(job, b);
        if (b == chosen) {
          model.put("gauges", margins.map(m -> gauges(m, world)).orElse(List.of()));
        }
        others.add(
            new PaperOther(
                b == chosen ? b.name() + " (this estimate)" : b.name(),
                money.format(Estimate.of(job, b, tasks, yard).total()),
                margins
                    .map(m -> worst(m, world))
                    .orElseGet(() -> Words.of(EstimateSays.NOT_COMPUTED.with(), world))));
      }
    }
    model.put("others", others);
    model.put("signed", signed);
    model.put("signedAt", signed == null ? "" : DAY_AND_HOUR.format(signed.signedAt()));
    return Paper.of("estimate", size, model);
  }

  private static String hours(int minutes) {
    return minutes / 60 + " h " + String.format(Locale.ROOT, "%02d", minutes % 60) + " min";
  }

  /** Empty where it cannot be computed as it is entered. */
  private static Optional<Margins> margins(JobContent job, Build build) {
    try {
      return Optional.of(job.margins(build));
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }

  private static List<PaperGauge> gauges(Margins margins, Units.World world) {
    List<PaperGauge> gauges = new ArrayList<>();
    for (Fluid fluid : Fluid.values()) {
      Margin m = margins.of(fluid);
      gauges.add(
          new PaperGauge(
              Words.of(fluid.with(), world),
              Units.format(m.peak(), Kind.TEMPERATURE, world, 0),
              Words.of(says(m), world)));
    }
    return gauges;
  }

  /** Headroom and how sure it is. */
  private static Finding says(Margin m) {
    return switch (m.standing()) {
      case HOLDS -> EstimateSays.HOLDS.with(m.headroom(), m.limit(), m.sureHeadroom());
      case MARGINAL -> EstimateSays.MARGINAL.with(m.headroom(), m.limit());
      case OVER -> EstimateSays.OVER.with(-m.headroom(), m.limit());
    };
  }

  private static String worst(Margins margins, Units.World world) {
    Fluid fluid = margins.binding();
    return Words.of(fluid.with(), world) + ": " + Words.of(says(margins.of(fluid)), world);
  }
}
