package roadbreeze.server.buying;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
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
import roadbreeze.server.parts.Need;
import roadbreeze.server.parts.Needs;
import roadbreeze.server.parts.SupplyPart.What;

/**
 * What is bought and cut to hang a build's coolers, to pipe them, and to put another radiator in.
 *
 * @param strip flat strip and channel
 * @param small what else is needed, by its number
 * @param unknown what has to be chosen first
 */
public record Purchase(
    List<Stock> strip, List<Stock> hose, List<Need> small, List<Finding> unknown) {
  /** Flat strip and channel as they are usually sold, mm: own default. */
  private static final List<Double> METAL_SOLD = List.of(1000.0, 2000.0, 3000.0);

  /** What a saw takes, mm: own default. */
  private static final double SAW = 2;

  /** Hose comes off the roll by the tenth of a metre, mm. */
  private static final double HOSE_STEP = 100;

  /** Longer than this it is not sold in one piece where no roll is said, mm; own default. */
  private static final double LONGEST_HOSE = 10_000;

  /**
   * Of one kind, by the length.
   *
   * @param need what all of it is bought as
   */
  record Stock(@Nullable String code, CuttingStock cut, Need need) {}

  public static Purchase of(JobContent job, Build build) {
    MountingResult mounting = MountingResult.of(job, build);
    Needs small = new Needs();
    List<Finding> unknown = new ArrayList<>();
    List<Bracket> brackets = MountingResult.inUse(job, build);
    screws(mounting.stacks(), small);
    paint(brackets, build, mounting.channels(), small);
    if (!build.coolers().isEmpty()) {
      HoseMapper mapper = new HoseMapper(build, job.setup(build));
      fittings(job, build, mapper, small);
      guards(mapper, small);
    }
    List<Need> all = new ArrayList<>(small.all());
    if (build.radiator() != null) {
      RadiatorBought.of(RadiatorResult.fit(job, build, job.setup(build)))
          .forEach(f -> all.add(forRadiator(f)));
    }
    return new Purchase(
        metal(brackets, build.mounting().channels(), mounting.channels()),
        hose(build, LineResult.of(job, build).cuts(), unknown),
        all,
        unknown);
  }

  /** All but the hoses of the oil. */
  public List<Need> besideHose() {
    return Stream.concat(strip.stream().map(Stock::need), small.stream()).toList();
  }

  private static Need forRadiator(Finding f) {
    return switch ((RadiatorBought) f.code()) {
      case HOSE -> Need.of(f, What.COOLANT_HOSE, f.amount("bore") * 1000, f.amount("length"));
      case JOINER -> Need.of(f, What.HOSE_JOINER, f.amount("bore") * 1000, 1);
      case CLAMPS ->
          Need.of(f, What.CONSTANT_TENSION, f.amount("outside") * 1000, f.amount("count"));
      case FOAM -> Need.of(f, What.FOAM, f.amount("thickness") * 1000, f.amount("length"));
      case SHEET -> Need.of(f, What.SHEET, 0, f.amount("width") * f.amount("height"));
    };
  }

  /**
   * A section of metal as it is sold.
   *
   * @param area of its cross-section, m²
   */
  private record Section(Finding said, Metal metal, double area) {
    Stock cut(List<ToCut> pieces) {
      CuttingStock cut = CuttingStock.of(pieces, SAW, METAL_SOLD);
      What what = metal == Metal.STEEL ? What.STEEL : What.ALUMINIUM;
      double kilograms = metal.density() * area * metres(cut);
      return new Stock(null, cut, Need.of(said, what, 0, kilograms));
    }
  }

  private static double metres(CuttingStock cut) {
    return cut.lengths().stream().mapToDouble(CuttingStock.Bought::mm).sum() / 1000;
  }

  private static List<Stock> metal(
      List<Bracket> brackets, List<Channel> channels, List<FlatChannel> across) {
    Map<Section, List<ToCut>> pieces = new LinkedHashMap<>();
    for (Bracket b : brackets) {
      String metal = Words.choice(b.metal().name()).toLowerCase(Locale.ROOT);
      double width = Units.mm(b.widthMm());
      double thickness = Units.mm(b.thicknessMm());
      Section kind =
          new Section(CutListed.STRIP.with(metal, width, thickness), b.metal(), width * thickness);
      for (int n = 0; n < b.quantity(); n++) {
        pieces
            .computeIfAbsent(kind, k -> new ArrayList<>())
            .add(new ToCut(b.name(), FlatBracket.of(b).flatMm()));
      }
    }
    for (int i = 0; i < channels.size(); i++) {
      Channel c = channels.get(i);
      if (!across.get(i).tabs().isEmpty()) {
        double web = Units.mm(c.webMm());
        double leg = Units.mm(c.legMm());
        double thickness = Units.mm(c.thicknessMm());
        Section kind =
            new Section(
                CutListed.CHANNEL.with(
                    Words.choice(c.metal().name()).toLowerCase(Locale.ROOT), web, leg, thickness),
                c.metal(),
                thickness * (web + 2 * (leg - thickness)));
        pieces
            .computeIfAbsent(kind, k -> new ArrayList<>())
            .add(new ToCut(c.name(), across.get(i).lengthMm()));
      }
    }
    List<Stock> stock = new ArrayList<>();
    pieces.forEach((section, all) -> stock.add(section.cut(all)));
    return stock;
  }

  private static List<Stock> hose(Build build, List<LineResult.Cut> cuts, List<Finding> unknown) {
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
    List<Stock> lines = new ArrayList<>();
    pieces.forEach(
        (stock, all) -> {
          CuttingStock cut = CuttingStock.of(all, 0, sold(stock));
          Finding what = CutListed.HOSE.with(stock.name());
          lines.add(new Stock(stock.code(), cut, Need.part(what, metres(cut), stock.price())));
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

  /** All faces and edges of what is of steel; aluminium needs none. */
  private static void paint(
      List<Bracket> brackets, Build build, List<FlatChannel> across, Needs small) {
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
      small.add(What.PAINT, 0, area, m2 -> CutListed.PAINT.with(m2));
    }
  }

  private static void screws(List<ScrewStack> stacks, Needs small) {
    for (ScrewStack s : stacks) {
      String thread = s.thread().name();
      double size = s.thread().diameter() * 1000;
      if (s.screwMm() != null) {
        double length = Units.mm(s.screwMm());
        small.add(What.SCREW, size, 1, n -> CutListed.SCREW.with(n, thread, length));
      }
      for (ScrewStack.StackLayer layer : s.layers()) {
        if (layer.what().bought()) {
          What what =
              switch (layer.what()) {
                case ISOLATOR -> What.ISOLATOR;
                case INSERT -> What.RIVET_NUT;
                default -> What.HARDWARE;
              };
          small.add(what, size, 1, n -> CutListed.HARDWARE.with(n, layer.what(), thread));
        }
      }
    }
  }

  private static void fittings(JobContent job, Build build, HoseMapper mapper, Needs small) {
    List<Hose> hoses = build.lines().hoses();
    for (Hose hose : hoses) {
      double outside = HoseMapper.size(hose).outside();
      int pairs = 1 + build.lines().in(hose).size();
      What clamp = What.valueOf(build.lines().clamps().name());
      small.add(
          clamp,
          outside * 1000,
          2 * pairs,
          n -> CutListed.CLAMPS.with(n, build.lines().clamps(), outside));
    }
    for (Hose hose : hoses) {
      double outside = HoseMapper.size(hose).outside();
      if (!hose.clips().isEmpty()) {
        small.add(
            What.CLIP, outside * 1000, hose.clips().size(), n -> CutListed.CLIPS.with(n, outside));
      }
    }
    for (Hose hose : hoses) {
      for (Inline in : build.lines().in(hose)) {
        inline(in, small);
      }
      if (mapper.route(hose) != null) {
        end(hose, hose.from(), job, small);
        end(hose, hose.to(), job, small);
      }
    }
    if (build.lines().tankCapped()) {
      job.nose().ports().stream()
          .filter(p -> p.what() == LinePort.What.TANK_IN)
          .findFirst()
          .ifPresent(
              p -> small.add(What.LINE_CAP, 0, 2, n -> CutListed.CAPS.with(n, word(p.fitting()))));
    }
  }

  private static void inline(Inline in, Needs small) {
    if (in.filter() != null) {
      FilterPart filter = in.filter();
      part(filter.name(), filter.price(), small);
      // A filter whose ports are no barbs takes an adapter on each.
      Coupling.named(filter.ports())
          .filter(c -> c != Coupling.BARB)
          .ifPresent(c -> adapter(c.fitting(), filter.portBoreMm(), 2, small));
    }
    if (in.sensor() != null) {
      part(in.sensor().name(), in.sensor().price(), small);
    }
  }

  private static void end(Hose hose, HoseEnd end, JobContent job, Needs small) {
    double bore = hose.bore();
    if (end.elbow() != null) {
      small.add(What.ELBOW, bore, 1, n -> CutListed.ELBOWS.with(n, Units.mm(bore)));
    }
    if (end.adapter() != null) {
      part(end.adapter().name(), end.adapter().price(), small);
      return;
    }
    for (NosePort port : job.nose().ports()) {
      if (port.id().equals(end.at()) && port.fitting() != LinePort.Fitting.BARB) {
        adapter(port.fitting(), bore, 1, small);
      }
    }
  }

  private static void adapter(LinePort.Fitting fitting, double boreMm, int count, Needs small) {
    small.add(
        What.LINE_ADAPTER,
        boreMm,
        count,
        n -> CutListed.ADAPTER.with(n, word(fitting), Units.mm(boreMm)));
  }

  private static void part(String name, double price, Needs small) {
    small.part(price, 1, n -> CutListed.PART.with(n, name));
  }

  private static String word(LinePort.Fitting fitting) {
    return Words.choice(fitting.name()).toLowerCase(Locale.ROOT);
  }

  private static void guards(HoseMapper mapper, Needs small) {
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
                  double mm = outside * 1000;
                  Name thing = zone.name();
                  switch (guard.kind()) {
                    case SLEEVE ->
                        small.add(
                            What.SLEEVE,
                            mm,
                            length,
                            m -> CutListed.SLEEVE.with(m, outside, hose, thing));
                    case HEAT_WRAP ->
                        small.add(
                            What.HEAT_WRAP,
                            mm,
                            length,
                            m -> CutListed.HEAT_WRAP.with(m, outside, hose, thing));
                    case GROMMET ->
                        small.add(
                            What.GROMMET, mm, 1, n -> CutListed.GROMMET.with(outside, hose, thing));
                  }
                });
      }
    }
  }
}
