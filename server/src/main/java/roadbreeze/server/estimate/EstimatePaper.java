package roadbreeze.server.estimate;

import jakarta.annotation.Nullable;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.sizing.Margins;
import roadbreeze.server.build.Build;
import roadbreeze.server.document.Paper;
import roadbreeze.server.document.PaperGauge;
import roadbreeze.server.document.PaperHead;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;
import roadbreeze.server.signed.SignedPaper;
import roadbreeze.server.yard.Yard;

/** An estimate for the customer, in plain words, with what is not promised. */
final class EstimatePaper {
  private EstimatePaper() {}

  /** A line with its price. */
  record PaperLine(String what, String price) {}

  /** Another build beside it. */
  record PaperOther(String name, String total, String says) {}

  static byte[] of(
      JobContent job,
      Build chosen,
      Estimate.Rates rates,
      LocalDate day,
      Units.World world,
      Paper.Size size,
      @Nullable SignedPaper signed) {
    Yard yard = rates.yard();
    NumberFormat money = NumberFormat.getCurrencyInstance(Locale.ENGLISH);
    money.setCurrency(Currency.getInstance(yard.currency()));
    Estimate e = Estimate.of(job, chosen, rates);
    Map<String, Object> model = PaperHead.of(job, chosen, yard.name(), day, world);
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
        Optional<Margins> margins = job.marginsIfAny(b);
        if (b == chosen) {
          model.put("gauges", PaperGauge.of(margins, world));
        }
        others.add(
            new PaperOther(
                b == chosen ? b.name() + " (this estimate)" : b.name(),
                money.format(Estimate.of(job, b, rates).total()),
                PaperGauge.worst(margins, world)));
      }
    }
    model.put("others", others);
    model.put("signed", signed);
    model.put("signedAt", signed == null ? "" : signed.moment());
    return Paper.of("estimate", size, model);
  }

  private static String hours(int minutes) {
    return minutes / 60 + " h " + String.format(Locale.ROOT, "%02d", minutes % 60) + " min";
  }
}
