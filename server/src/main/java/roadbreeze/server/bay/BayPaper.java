package roadbreeze.server.bay;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.build.Build;
import roadbreeze.server.document.Paper;
import roadbreeze.server.document.PaperGauge;
import roadbreeze.server.document.PaperHead;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;
import roadbreeze.server.mounting.MountingResult;
import roadbreeze.server.mounting.ScrewStack;
import roadbreeze.server.order.InText;
import roadbreeze.server.order.NewParts;
import roadbreeze.server.order.OrderResult.OrderedStep;
import roadbreeze.server.rig.Mark;
import roadbreeze.server.signed.SignedPaper;
import roadbreeze.server.yard.Yard;

/** A work order as it was done: verdict, numbers, parts, readings, who and when. */
final class BayPaper {
  private static final DateTimeFormatter BEGUN = PaperHead.DAY.withZone(ZoneId.systemDefault());
  private static final DateTimeFormatter HOUR =
      DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());

  /** More photographs than these make a paper that nobody sends. */
  private static final int MOST_PHOTOS = 24;

  private BayPaper() {}

  /** A row of three: what, how much, and where that is from. */
  record PaperRow(String what, String value, String origin) {}

  /** All that a paper of an order is made of. */
  record Finished(
      JobContent job, BayOrder order, BayPlan plan, BayState state, Yard yard, LocalDate day) {
    Build build() {
      return job.build(order.build());
    }
  }

  static byte[] of(
      Finished done,
      Function<UUID, Optional<byte[]>> photos,
      Units.World world,
      Paper.Size size,
      @Nullable SignedPaper signed) {
    JobContent job = done.job();
    Build build = done.build();
    Map<String, Object> model = PaperHead.of(job, build, done.yard().name(), done.day(), world);
    model.put("begun", BEGUN.format(done.order().begunAt()));
    model.put("gauges", PaperGauge.of(job.marginsIfAny(build), world));
    model.put("inputs", inputs(job, build, world));
    model.put("parts", NewParts.of(job, build).stream().map(f -> Words.of(f, world)).toList());
    model.put("screws", screws(job, build, world));
    model.put("readings", readings(done, world));
    model.put("steps", steps(done, world));
    model.put("minutes", minutes(done));
    model.put("said", said(done, world));
    long back =
        done.state().pieces().values().stream()
            .filter(p -> p.stands() == BayState.LedgerPiece.Stands.BACK)
            .count();
    model.put(
        "ledger",
        back + " pieces written down and back where they belong; none open when this was signed.");
    model.put("broken", broken(done));
    model.put("photos", photos(done, photos, world));
    model.put("signed", signed);
    model.put("signedAt", signed == null ? "" : signed.moment());
    return Paper.of("work-order", size, model);
  }

  private static String quantity(double value, Kind kind, Units.World world) {
    return Units.format(Units.si(value, kind), kind, world);
  }

  private static List<PaperRow> inputs(JobContent job, Build build, Units.World world) {
    Map<String, Mark> rig = job.rig().marks();
    List<PaperRow> rows = new ArrayList<>();
    rows.add(
        row(
            "Truck as it drives",
            job.rig().vehicle().massKg(),
            Kind.MASS,
            world,
            rig,
            "vehicle.massKg"));
    rows.add(row("Trailer", job.rig().trailer().massKg(), Kind.MASS, world, rig, "trailer.massKg"));
    if (job.haul().journey() == null) {
      rows.add(row("Air", job.haul().ambientC(), Kind.TEMPERATURE, world, Map.of(), ""));
    } else {
      rows.add(
          row(
              "Hottest air of the day",
              job.haul().journey().hottestC(),
              Kind.TEMPERATURE,
              world,
              Map.of(),
              ""));
    }
    rows.add(
        row(
            "Cap",
            job.rig().vehicle().cooling().capKpa(),
            Kind.PRESSURE,
            world,
            rig,
            "vehicle.cooling.capKpa"));
    rows.add(
        new PaperRow(
            "Concentrate in the coolant",
            Units.format(job.rig().vehicle().cooling().glycolShare(), Kind.PERCENT, world, 0),
            origin(rig, "vehicle.cooling.glycolShare")));
    rows.add(
        row(
            "Thermostat begins to open",
            build.thermostat().startC(),
            Kind.TEMPERATURE,
            world,
            build.marks(),
            "thermostat.startC"));
    build
        .coolers()
        .forEach(
            c ->
                rows.add(
                    row(
                        c.part().name() + ", gap behind",
                        c.gapMm(),
                        Kind.SIZE,
                        world,
                        build.marks(),
                        "coolers." + c.id() + ".gapMm")));
    build.fans().stream()
        .filter(f -> f.switchPoints() != null)
        .forEach(
            f ->
                rows.add(
                    row(
                        f.part().name() + ", on at",
                        f.switchPoints().onC(),
                        Kind.TEMPERATURE,
                        world,
                        build.marks(),
                        "fans." + f.id() + ".switchPoints.onC")));
    return rows;
  }

  private static PaperRow row(
      String what,
      double value,
      Kind kind,
      Units.World world,
      Map<String, Mark> marks,
      String path) {
    return new PaperRow(what, quantity(value, kind, world), origin(marks, path));
  }

  private static String origin(Map<String, Mark> marks, String path) {
    Mark mark = marks.get(path);
    return mark == null
        ? "entered"
        : mark == Mark.DEFAULT ? "assumed" : mark.name().toLowerCase(Locale.ROOT);
  }

  /** Each sort of screw once, with what it is turned to. */
  private static List<PaperRow> screws(JobContent job, Build build, Units.World world) {
    Map<String, String> names = new HashMap<>();
    build.mounting().brackets().forEach(b -> names.put(b.id(), b.name()));
    build.mounting().channels().forEach(c -> names.put(c.id(), c.name()));
    List<PaperRow> rows = new ArrayList<>();
    for (ScrewStack s : MountingResult.of(job, build).stacks()) {
      String length = s.screwMm() == null ? "" : " × " + quantity(s.screwMm(), Kind.SIZE, world);
      rows.add(
          new PaperRow(
              names.getOrDefault(s.piece(), s.piece()),
              s.thread().name() + length + ", class 8.8",
              quantity(s.torqueNm(), Kind.TORQUE, world)));
    }
    return rows;
  }

  private static String at(BayEvent e) {
    return e.by() + ", " + HOUR.format(e.at());
  }

  private static String title(Finished done, @Nullable String step, Units.World world) {
    return done.plan()
        .step(step == null ? "" : step)
        .map(s -> InText.in(s.title(), world))
        .orElse("");
  }

  private static List<PaperRow> readings(Finished done, Units.World world) {
    List<PaperRow> rows = new ArrayList<>();
    for (BayEvent e : done.state().readings().values()) {
      done.plan()
          .step(e.step())
          .flatMap(s -> s.readings().stream().filter(r -> r.id().equals(e.item())).findFirst())
          .ifPresent(
              r ->
                  rows.add(
                      new PaperRow(
                          title(done, e.step(), world) + ": " + InText.in(r.title(), world),
                          Units.format(e.value(), Units.kind(r.kind()), world),
                          at(e))));
    }
    return rows;
  }

  private static List<PaperRow> steps(Finished done, Units.World world) {
    List<PaperRow> rows = new ArrayList<>();
    for (OrderedStep s : done.plan().steps()) {
      BayEvent tick = done.state().done().get(s.id());
      String minutes =
          tick == null || tick.value() < 1
              ? ""
              : Math.round(tick.value()) + " of " + s.hands() + " min";
      rows.add(
          new PaperRow(InText.in(s.title(), world), tick == null ? "not done" : at(tick), minutes));
    }
    return rows;
  }

  private static String minutes(Finished done) {
    double took = 0;
    int planned = 0;
    for (OrderedStep s : done.plan().steps()) {
      BayEvent tick = done.state().done().get(s.id());
      if (tick != null && tick.value() >= 1) {
        took += tick.value();
        planned += s.hands();
      }
    }
    return planned == 0
        ? "No minutes were measured."
        : Math.round(took) + " minutes measured where " + planned + " were planned.";
  }

  private static List<PaperRow> said(Finished done, Units.World world) {
    List<BayEvent> all = new ArrayList<>(done.state().found());
    all.addAll(done.state().notes());
    return all.stream()
        .sorted(Comparator.comparing(BayEvent::at))
        .map(e -> new PaperRow(title(done, e.step(), world), e.text(), at(e)))
        .toList();
  }

  private static List<PaperRow> broken(Finished done) {
    return done.state().pieces().values().stream()
        .filter(p -> p.stands() == BayState.LedgerPiece.Stands.BROKEN)
        .map(
            p ->
                new PaperRow(
                    p.taken().text(),
                    p.taken().size() == null ? "" : p.taken().size(),
                    "to be bought"))
        .toList();
  }

  private static List<PaperRow> photos(
      Finished done, Function<UUID, Optional<byte[]>> photos, Units.World world) {
    List<PaperRow> rows = new ArrayList<>();
    for (BayEvent p : done.state().photos().stream().limit(MOST_PHOTOS).toList()) {
      photos
          .apply(UUID.fromString(p.item()))
          .map(picture -> "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(picture))
          .ifPresent(
              src -> {
                String of = p.text() == null ? "" : InText.in(p.text(), world) + ": ";
                rows.add(new PaperRow(src, of + title(done, p.step(), world) + ", " + at(p), ""));
              });
    }
    return rows;
  }
}
