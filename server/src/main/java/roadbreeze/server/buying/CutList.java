package roadbreeze.server.buying;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.LinePort;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.route.Guard;
import roadbreeze.core.route.Hung;
import roadbreeze.core.route.Zone;
import roadbreeze.core.space.Pack;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.Hose.HoseEnd;
import roadbreeze.server.build.HoseMapper;
import roadbreeze.server.buying.CuttingStock.ToCut;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;
import roadbreeze.server.mounting.FlatBracket;
import roadbreeze.server.mounting.MountingResult;
import roadbreeze.server.mounting.ScrewStack;
import roadbreeze.server.nose.NosePort;
import roadbreeze.server.parts.HosePart;

/**
 * What is bought and cut to hang a build's cooler and to pipe it.
 *
 * @param strip lengths of flat strip, and which bracket is cut from which
 * @param hose lengths of hose, likewise
 * @param small what else is needed, by its number
 * @param unknown what has to be chosen first
 */
public record CutList(
    List<StockLine> strip, List<StockLine> hose, List<Said> small, List<Said> unknown) {
  /** Flat strip as it is usually sold, mm: own default. */
  private static final List<Double> STRIP_SOLD = List.of(1000.0, 2000.0, 3000.0);

  /** What a saw takes, mm: own default. */
  private static final double SAW = 2;

  /** Most lengths of hose off the roll that a shop cuts, mm; by the half metre. */
  private static final double HOSE_STEP = 500;

  private static final int HOSE_STEPS = 20;

  /**
   * One kind of stock.
   *
   * @param what its name; of strip, metal and section
   * @param lengths bought, with what is cut from each
   * @param tooLong pieces longer than any length sold
   * @param best no shorter purchase is possible
   * @param price of all of it in the yard's money, null where nobody knows it
   */
  public record StockLine(
      String what,
      @Nullable String code,
      List<StockLength> lengths,
      List<String> tooLong,
      boolean best,
      @Nullable Double price) {}

  /** A length that is bought. */
  public record StockLength(double mm, List<CutPiece> pieces, double leftMm) {}

  /** What is cut from it. */
  public record CutPiece(String name, double mm) {}

  static CutList of(JobContent job, Build build) {
    if (build.coolers().isEmpty()) {
      return new CutList(List.of(), List.of(), List.of(), List.of());
    }
    MountingResult mounting = MountingResult.of(job, build);
    List<Finding> small = new ArrayList<>();
    List<Finding> unknown = new ArrayList<>();
    screws(mounting.stacks(), small);
    Setup setup = job.setup(build);
    Pack pack = Pack.of(setup);
    HoseMapper mapper = new HoseMapper(build, setup, pack);
    fittings(job, build, mapper, small);
    guards(mapper, Zone.of(setup, pack), small);
    return new CutList(
        strip(build.mounting().brackets(), mounting.brackets()),
        hose(build, setup, unknown),
        Said.of(small),
        Said.of(unknown));
  }

  private static List<StockLine> strip(List<Bracket> brackets, List<FlatBracket> flats) {
    Map<String, List<ToCut>> pieces = new LinkedHashMap<>();
    for (int i = 0; i < brackets.size(); i++) {
      Bracket b = brackets.get(i);
      String kind =
          "%s %s × %s"
              .formatted(
                  Words.choice(b.metal().name()).toLowerCase(Locale.ROOT),
                  Units.format(Units.mm(b.widthMm()), Kind.SIZE, Units.World.METRIC, 0),
                  Units.format(Units.mm(b.thicknessMm()), Kind.SIZE, Units.World.METRIC, 1));
      for (int n = 0; n < b.quantity(); n++) {
        pieces
            .computeIfAbsent(kind, k -> new ArrayList<>())
            .add(new ToCut(b.name(), flats.get(i).flatMm()));
      }
    }
    List<StockLine> lines = new ArrayList<>();
    pieces.forEach(
        (kind, all) ->
            lines.add(line(kind, null, CuttingStock.of(all, SAW, STRIP_SOLD), all, null)));
    return lines;
  }

  private static List<StockLine> hose(Build build, Setup setup, List<Finding> unknown) {
    Map<HosePart, List<ToCut>> pieces = new LinkedHashMap<>();
    for (int i = 0; i < build.lines().hoses().size(); i++) {
      Hose hose = build.lines().hoses().get(i);
      double fitted = setup.fitting().oil().hoses().get(i).length() * 1000;
      double cut = fitted + 2 * build.lines().spareMm();
      if (hose.stock() == null) {
        unknown.add(CutListed.STOCK_UNKNOWN.with(HoseMapper.name(hose)));
      } else {
        pieces
            .computeIfAbsent(hose.stock(), s -> new ArrayList<>())
            .add(new ToCut(hose.name(), cut));
      }
    }
    List<StockLine> lines = new ArrayList<>();
    pieces.forEach(
        (stock, all) -> {
          CuttingStock cut = CuttingStock.of(all, 0, sold(stock));
          double metres = cut.lengths().stream().mapToDouble(CuttingStock.Bought::mm).sum() / 1000;
          lines.add(line(stock.name(), stock.code(), cut, all, metres * stock.price()));
        });
    return lines;
  }

  /** Off the roll by the half metre, as long as the roll is. */
  private static List<Double> sold(HosePart stock) {
    List<Double> sold = new ArrayList<>();
    double longest = stock.rollM() == null ? HOSE_STEP * HOSE_STEPS : stock.rollM() * 1000;
    for (double mm = HOSE_STEP; mm <= longest; mm += HOSE_STEP) {
      sold.add(mm);
    }
    return sold.isEmpty() ? List.of(longest) : sold;
  }

  private static StockLine line(
      String what,
      @Nullable String code,
      CuttingStock cut,
      List<ToCut> pieces,
      @Nullable Double price) {
    Map<String, Double> sizes = new LinkedHashMap<>();
    pieces.forEach(p -> sizes.put(p.id(), p.mm()));
    return new StockLine(
        what,
        code,
        cut.lengths().stream()
            .map(
                l ->
                    new StockLength(
                        l.mm(),
                        l.pieces().stream().map(p -> new CutPiece(p, sizes.get(p))).toList(),
                        l.leftMm()))
            .toList(),
        cut.tooLong(),
        cut.best(),
        price);
  }

  private static void screws(List<ScrewStack> stacks, List<Finding> small) {
    Map<String, Finding> seen = new LinkedHashMap<>();
    Map<String, Integer> count = new LinkedHashMap<>();
    for (ScrewStack s : stacks) {
      String thread = s.thread().name();
      if (s.screwMm() != null) {
        String key = thread + s.screwMm();
        int n = count.merge(key, 1, Integer::sum);
        seen.put(key, CutListed.SCREW.with(n, thread, Units.mm(s.screwMm())));
      }
      for (ScrewStack.StackLayer layer : s.layers()) {
        if (layer.what().bought()) {
          String key = thread + layer.what();
          int n = count.merge(key, 1, Integer::sum);
          seen.put(key, CutListed.HARDWARE.with(n, layer.what(), thread));
        }
      }
    }
    small.addAll(seen.values());
  }

  private static void fittings(
      JobContent job, Build build, HoseMapper mapper, List<Finding> small) {
    Map<Double, Integer> clamps = new TreeMap<>();
    Map<Double, Integer> clips = new TreeMap<>();
    Map<Double, Integer> elbows = new TreeMap<>();
    Map<String, Finding> adapters = new LinkedHashMap<>();
    Map<String, Integer> count = new LinkedHashMap<>();
    for (Hose hose : build.lines().hoses()) {
      double outside = HoseMapper.size(hose).outside();
      clamps.merge(outside, 2, Integer::sum);
      if (!hose.clips().isEmpty()) {
        clips.merge(outside, hose.clips().size(), Integer::sum);
      }
      if (mapper.route(hose) == null) {
        continue;
      }
      for (HoseEnd end : List.of(hose.from(), hose.to())) {
        if (end.elbow() != null) {
          elbows.merge(hose.bore() / 1000, 1, Integer::sum);
        }
        for (NosePort port : job.nose().ports()) {
          if (port.id().equals(end.at()) && port.fitting() != LinePort.Fitting.BARB) {
            String fitting = word(port.fitting());
            int n = count.merge(fitting + hose.bore(), 1, Integer::sum);
            adapters.put(
                fitting + hose.bore(), CutListed.ADAPTER.with(n, fitting, hose.bore() / 1000));
          }
        }
      }
    }
    clamps.forEach((size, n) -> small.add(CutListed.CLAMPS.with(n, size)));
    clips.forEach((size, n) -> small.add(CutListed.CLIPS.with(n, size)));
    elbows.forEach((bore, n) -> small.add(CutListed.ELBOWS.with(n, bore)));
    small.addAll(adapters.values());
    if (build.lines().tankCapped()) {
      job.nose().ports().stream()
          .filter(p -> p.what() == LinePort.What.TANK_IN)
          .findFirst()
          .ifPresent(p -> small.add(CutListed.CAPS.with(2, word(p.fitting()))));
    }
  }

  private static String word(LinePort.Fitting fitting) {
    return Words.choice(fitting.name()).toLowerCase(Locale.ROOT);
  }

  private static void guards(HoseMapper mapper, List<Zone> zones, List<Finding> small) {
    for (Map.Entry<Hose, Hung> drawn : mapper.drawn().entrySet()) {
      Hung hung = drawn.getValue();
      Name hose = HoseMapper.name(drawn.getKey());
      double outside = hung.route().hose().outside();
      for (Guard guard : hung.guards()) {
        zones.stream()
            .filter(z -> z.name().id().equals(guard.from()))
            .findFirst()
            .ifPresent(
                zone -> {
                  double length = hung.covered(zone);
                  small.add(
                      switch (guard.kind()) {
                        case SLEEVE -> CutListed.SLEEVE.with(length, outside, hose, zone.name());
                        case HEAT_WRAP ->
                            CutListed.HEAT_WRAP.with(length, outside, hose, zone.name());
                        case GROMMET -> CutListed.GROMMET.with(outside, hose, zone.name());
                      });
                });
      }
    }
  }
}
