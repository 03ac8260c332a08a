package roadbreeze.server.buying;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.DoubleStream;
import roadbreeze.core.bracket.Metal;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.LinePort;
import roadbreeze.core.radiator.RadiatorBought;
import roadbreeze.core.route.Coupling;
import roadbreeze.core.route.Guard;
import roadbreeze.core.route.Hung;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Channel;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.Hose.HoseEnd;
import roadbreeze.server.build.HoseMapper;
import roadbreeze.server.build.Inline;
import roadbreeze.server.buying.CuttingStock.ToCut;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;
import roadbreeze.server.mounting.FlatBracket;
import roadbreeze.server.mounting.FlatChannel;
import roadbreeze.server.mounting.MountingResult;
import roadbreeze.server.mounting.RadiatorResult;
import roadbreeze.server.mounting.ScrewStack;
import roadbreeze.server.nose.NosePort;
import roadbreeze.server.parts.FilterPart;
import roadbreeze.server.parts.HosePart;

/**
 * What is bought and cut to hang a build's coolers, to pipe them, and to put another radiator in.
 *
 * @param strip lengths of flat strip and channel, and what is cut from which
 * @param hose lengths of hose, likewise
 * @param small what else is needed, by its number
 * @param unknown what has to be chosen first
 */
public record CutList(
    List<StockLine> strip, List<StockLine> hose, List<Said> small, List<Said> unknown) {
  /** Flat strip and channel as they are usually sold, mm: own default. */
  private static final List<Double> METAL_SOLD = List.of(1000.0, 2000.0, 3000.0);

  /** What a saw takes, mm: own default. */
  private static final double SAW = 2;

  /** Hose comes off the roll by the tenth of a metre, mm. */
  private static final double HOSE_STEP = 100;

  /** Longer than this it is not sold in one piece where no roll is said, mm; own default. */
  private static final double LONGEST_HOSE = 10_000;

  /**
   * One kind of stock.
   *
   * @param what it is
   * @param lengths bought, with what is cut from each
   * @param tooLong pieces longer than any length sold
   * @param best no shorter purchase is possible
   * @param price of all of it in the yard's money, null where nobody knows it
   */
  public record StockLine(
      Said what,
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
    MountingResult mounting = MountingResult.of(job, build);
    List<Finding> small = new ArrayList<>();
    List<Finding> unknown = new ArrayList<>();
    List<Bracket> brackets = MountingResult.inUse(job, build);
    screws(mounting.stacks(), small);
    paint(brackets, build, mounting.channels(), small);
    if (!build.coolers().isEmpty()) {
      HoseMapper mapper = new HoseMapper(build, job.setup(build));
      fittings(job, build, mapper, small);
      guards(mapper, small);
    }
    if (build.radiator() != null) {
      small.addAll(RadiatorBought.of(RadiatorResult.fit(job, build, job.setup(build))));
    }
    return new CutList(
        metal(brackets, build.mounting().channels(), mounting.channels()),
        hose(build, LineResult.of(job, build).cuts(), unknown),
        Said.of(small),
        Said.of(unknown));
  }

  private static List<StockLine> metal(
      List<Bracket> brackets, List<Channel> channels, List<FlatChannel> across) {
    Map<Finding, List<ToCut>> pieces = new LinkedHashMap<>();
    for (Bracket b : brackets) {
      String metal = Words.choice(b.metal().name()).toLowerCase(Locale.ROOT);
      Finding kind = CutListed.STRIP.with(metal, Units.mm(b.widthMm()), Units.mm(b.thicknessMm()));
      for (int n = 0; n < b.quantity(); n++) {
        pieces
            .computeIfAbsent(kind, k -> new ArrayList<>())
            .add(new ToCut(b.name(), FlatBracket.of(b).flatMm()));
      }
    }
    for (int i = 0; i < channels.size(); i++) {
      Channel c = channels.get(i);
      if (!across.get(i).tabs().isEmpty()) {
        Finding kind =
            CutListed.CHANNEL.with(
                Words.choice(c.metal().name()).toLowerCase(Locale.ROOT),
                Units.mm(c.webMm()),
                Units.mm(c.legMm()),
                Units.mm(c.thicknessMm()));
        pieces
            .computeIfAbsent(kind, k -> new ArrayList<>())
            .add(new ToCut(c.name(), across.get(i).lengthMm()));
      }
    }
    List<StockLine> lines = new ArrayList<>();
    pieces.forEach(
        (kind, all) -> lines.add(line(kind, null, CuttingStock.of(all, SAW, METAL_SOLD), null)));
    return lines;
  }

  private static List<StockLine> hose(
      Build build, List<LineResult.Cut> cuts, List<Finding> unknown) {
    Map<HosePart, List<ToCut>> pieces = new LinkedHashMap<>();
    for (int i = 0; i < cuts.size(); i++) {
      Hose hose = build.lines().hoses().get(i);
      if (hose.stock() == null) {
        unknown.add(CutListed.STOCK_UNKNOWN.with(HoseMapper.name(hose)));
      } else {
        pieces
            .computeIfAbsent(hose.stock(), s -> new ArrayList<>())
            .add(new ToCut(hose.name(), cuts.get(i).cutMm()));
      }
    }
    List<StockLine> lines = new ArrayList<>();
    pieces.forEach(
        (stock, all) -> {
          CuttingStock cut = CuttingStock.of(all, 0, sold(stock));
          double metres = cut.lengths().stream().mapToDouble(CuttingStock.Bought::mm).sum() / 1000;
          Finding what = CutListed.HOSE.with(stock.name());
          lines.add(line(what, stock.code(), cut, metres * stock.price()));
        });
    return lines;
  }

  /** Off the roll, as long as the roll is. */
  private static List<Double> sold(HosePart stock) {
    double longest = stock.rollM() == null ? LONGEST_HOSE : stock.rollM() * 1000;
    return DoubleStream.iterate(HOSE_STEP, mm -> mm <= longest, mm -> mm + HOSE_STEP)
        .boxed()
        .toList();
  }

  private static StockLine line(
      Finding what, @Nullable String code, CuttingStock cut, @Nullable Double price) {
    return new StockLine(
        Said.of(what),
        code,
        cut.lengths().stream()
            .map(
                l ->
                    new StockLength(
                        l.mm(),
                        l.pieces().stream().map(p -> new CutPiece(p.name(), p.mm())).toList(),
                        l.leftMm()))
            .toList(),
        cut.tooLong().stream().map(ToCut::name).toList(),
        cut.best(),
        price);
  }

  /** All faces and edges of what is of steel; aluminium needs none. */
  private static void paint(
      List<Bracket> brackets, Build build, List<FlatChannel> across, List<Finding> small) {
    double area = 0;
    for (Bracket b : brackets) {
      double round = 2 * Units.mm(b.widthMm() + b.thicknessMm());
      area +=
          b.metal() == Metal.STEEL
              ? b.quantity() * round * Units.mm(FlatBracket.of(b).flatMm())
              : 0;
    }
    for (int i = 0; i < across.size(); i++) {
      Channel c = build.mounting().channels().get(i);
      double round = 2 * Units.mm(c.webMm() + 2 * (c.legMm() - c.thicknessMm()));
      area += c.metal() == Metal.STEEL ? round * Units.mm(across.get(i).lengthMm()) : 0;
    }
    if (area > 0) {
      small.add(CutListed.PAINT.with(area));
    }
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
    Map<String, Finding> parts = new LinkedHashMap<>();
    Map<String, Integer> count = new LinkedHashMap<>();
    for (Hose hose : build.lines().hoses()) {
      double outside = HoseMapper.size(hose).outside();
      clamps.merge(outside, 2, Integer::sum);
      if (!hose.clips().isEmpty()) {
        clips.merge(outside, hose.clips().size(), Integer::sum);
      }
      for (Inline in : build.lines().in(hose)) {
        clamps.merge(outside, 2, Integer::sum);
        if (in.filter() != null) {
          part(in.filter().name(), in.filter().price(), parts, count);
          threaded(in.filter(), parts, count);
        }
        if (in.sensor() != null) {
          part(in.sensor().name(), in.sensor().price(), parts, count);
        }
      }
      if (mapper.route(hose) == null) {
        continue;
      }
      for (HoseEnd end : List.of(hose.from(), hose.to())) {
        if (end.elbow() != null) {
          elbows.merge(hose.bore() / 1000, 1, Integer::sum);
        }
        if (end.adapter() != null) {
          part(end.adapter().name(), end.adapter().price(), parts, count);
          continue;
        }
        for (NosePort port : job.nose().ports()) {
          if (port.id().equals(end.at()) && port.fitting() != LinePort.Fitting.BARB) {
            String fitting = word(port.fitting());
            int n = count.merge(fitting + hose.bore(), 1, Integer::sum);
            parts.put(
                fitting + hose.bore(), CutListed.ADAPTER.with(n, fitting, hose.bore() / 1000));
          }
        }
      }
    }
    clamps.forEach((size, n) -> small.add(CutListed.CLAMPS.with(n, build.lines().clamps(), size)));
    clips.forEach((size, n) -> small.add(CutListed.CLIPS.with(n, size)));
    elbows.forEach((bore, n) -> small.add(CutListed.ELBOWS.with(n, bore)));
    small.addAll(parts.values());
    if (build.lines().tankCapped()) {
      job.nose().ports().stream()
          .filter(p -> p.what() == LinePort.What.TANK_IN)
          .findFirst()
          .ifPresent(p -> small.add(CutListed.CAPS.with(2, word(p.fitting()))));
    }
  }

  /** A filter whose ports are no barbs takes an adapter on each. */
  private static void threaded(
      FilterPart filter, Map<String, Finding> parts, Map<String, Integer> count) {
    Coupling.named(filter.ports())
        .filter(c -> c != Coupling.BARB)
        .ifPresent(
            c -> {
              String fitting = word(c.fitting());
              int n = count.merge(fitting + filter.portBoreMm(), 2, Integer::sum);
              parts.put(
                  fitting + filter.portBoreMm(),
                  CutListed.ADAPTER.with(n, fitting, filter.portBoreMm() / 1000));
            });
  }

  private static void part(
      String name, double price, Map<String, Finding> parts, Map<String, Integer> count) {
    int n = count.merge(name, 1, Integer::sum);
    parts.put(name, CutListed.PART.with(n, name, n * price));
  }

  private static String word(LinePort.Fitting fitting) {
    return Words.choice(fitting.name()).toLowerCase(Locale.ROOT);
  }

  private static void guards(HoseMapper mapper, List<Finding> small) {
    for (Map.Entry<Hose, Hung> drawn : mapper.drawn().entrySet()) {
      Hung hung = drawn.getValue();
      Name hose = HoseMapper.name(drawn.getKey());
      double outside = hung.route().hose().outside();
      for (Guard guard : hung.guards()) {
        mapper.zones(drawn.getKey()).stream()
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
