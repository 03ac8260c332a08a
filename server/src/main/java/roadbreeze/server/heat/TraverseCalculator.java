package roadbreeze.server.heat;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.AirReading;
import roadbreeze.core.sizing.AirReading.Flow;
import roadbreeze.core.sizing.AirReading.Says;
import roadbreeze.core.sizing.FanRun;
import roadbreeze.core.vehicle.Rpm;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.parts.PartMapper;
import roadbreeze.server.rig.AirTraverse;

/** Air traverses against the model. */
final class TraverseCalculator {
  /** Fewer points than three by three say little of a whole face. */
  private static final int WANTED_READINGS = 9;

  /** Fast idle, to which anybody can bring an engine that stands. */
  private static final double FAST_IDLE_RPM = 2000;

  private static final double SAME_FACTOR = 0.01;

  private final JobContent job;
  private final Setup setup;
  private final Air air;
  private final double idleRpm;

  private TraverseCalculator(JobContent job, Build build) {
    this.job = job;
    OperatingPoint point = job.point();
    setup = job.setup(build);
    air = Air.at(point.ambient(), point.altitude());
    idleRpm = Rpm.fromRadPerSecond(setup.truck().powertrain().engine().idleSpeed());
  }

  /**
   * @param build in whose pack the fans are compared
   */
  static TraverseReport report(JobContent job, Build build) {
    TraverseCalculator calculator = new TraverseCalculator(job, build);
    List<TraverseReport.Read> rows = new ArrayList<>();
    Map<FanPart.Blades, Compare> lastOfEach = new LinkedHashMap<>();
    for (AirTraverse traverse : job.rig().traverses()) {
      TraverseReport.Read read = calculator.read(traverse);
      rows.add(read);
      if (!read.alike().isEmpty()) {
        lastOfEach.put(traverse.part().blades(), new Compare(traverse, read.fanFactor()));
      }
    }
    return new TraverseReport(rows, calculator.compared(List.copyOf(lastOfEach.values())));
  }

  /** A fan with the factor that its readings give. */
  private record Compare(AirTraverse traverse, double factor) {}

  private TraverseReport.Read read(AirTraverse t) {
    List<Said> said = new ArrayList<>();
    Optional<AirReading> read =
        job.builds().stream().filter(b -> b.id().equals(t.build())).findFirst().map(b -> at(t, b));
    if (read.isEmpty()) {
      said.add(Said.of(Says.BUILD_GONE.with()));
    }
    read.ifPresent(r -> said.add(Said.of(r.finding())));
    if (read.isPresent() && read.get().unlikely()) {
      said.add(Said.of(Says.UNLIKELY.with()));
    }
    said.addAll(Said.of(doubts(t)));
    Double factor = read.map(AirReading::fanFactor).map(TraverseCalculator::nullable).orElse(null);
    if (factor != null && t.factor() != null && Math.abs(t.factor() / factor - 1) > SAME_FACTOR) {
      said.add(Said.of(Says.CORRECT_AGAIN.with(t.factor(), factor)));
    }
    Double share = read.map(AirReading::speedShare).map(TraverseCalculator::nullable).orElse(null);
    return new TraverseReport.Read(
        t.id(),
        t.mean(),
        read.map(AirReading::measured).orElse(t.mean() * setup.radiator().outline().area()),
        read.map(AirReading::model).orElse(null),
        factor,
        share == null ? null : 100 * share,
        said,
        factor == null ? List.of() : alike(t.part(), factor));
  }

  private static @Nullable Double nullable(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  private AirReading at(AirTraverse t, Build build) {
    Setup there = job.setup(build);
    String place =
        there.fitting().fans().stream()
            .map(f -> f.name().id())
            .filter(id -> id.equals(t.fan()))
            .findFirst()
            .orElse(main(there));
    Setup stood = with(there, place, t.part());
    FanRun run = new FanRun(place, rpm(t), voltageShare(t), t.airConditioning());
    return t.where() == AirTraverse.Where.FREE_AIR
        ? AirReading.inFreeAir(t.mean(), stood, run)
        : AirReading.atCore(t.mean(), stood, run, air);
  }

  /** The truck with the fan that was read at a place. */
  private Setup with(Setup there, String place, FanPart part) {
    List<FanFit> fans =
        there.fitting().fans().stream()
            .map(
                f ->
                    f.name().id().equals(place)
                        ? f.withPart(PartMapper.fan(part))
                            .withMeasuredFactor(job.rig().measuredFactor(part))
                        : f)
            .toList();
    return there.with(there.fitting().withFans(fans));
  }

  private static String main(Setup setup) {
    return setup.fitting().fans().get(0).name().id();
  }

  private static OptionalDouble rpm(AirTraverse t) {
    return t.engineRpm() == null ? OptionalDouble.empty() : OptionalDouble.of(t.engineRpm());
  }

  private static double voltageShare(AirTraverse t) {
    return t.volts() == null || t.part().volts() == null ? 1 : t.volts() / t.part().volts();
  }

  private static List<Finding> doubts(AirTraverse t) {
    List<Finding> doubts = new ArrayList<>();
    if (t.readingsMs().size() < WANTED_READINGS) {
      doubts.add(Says.FEW.with((double) t.readingsMs().size(), (double) WANTED_READINGS));
    }
    boolean onEngine = t.part().kind().onEngine();
    if (onEngine && t.engineRpm() == null) {
      doubts.add(Says.NO_ENGINE_SPEED.with());
    }
    if (!onEngine && (t.volts() == null || t.part().volts() == null)) {
      doubts.add(Says.NO_VOLTAGE.with());
    }
    return doubts;
  }

  private List<TraverseReport.Alike> alike(FanPart part, double factor) {
    List<TraverseReport.Alike> alike = new ArrayList<>();
    for (Double rpm : speeds(part.kind().onEngine())) {
      Flow flow = flow(part, factor, rpm);
      alike.add(new TraverseReport.Alike(rpm, flow.flow(), flow.spread()));
    }
    return alike;
  }

  /** Engine speeds at which fans are compared: none where it is all the same to them. */
  private Double[] speeds(boolean onEngine) {
    return onEngine ? new Double[] {idleRpm, FAST_IDLE_RPM} : new Double[] {null};
  }

  private Flow flow(FanPart part, double factor, @Nullable Double rpm) {
    OptionalDouble speed = rpm == null ? OptionalDouble.empty() : OptionalDouble.of(rpm);
    FanRun run = new FanRun(main(setup), speed, 1, false);
    return AirReading.alike(with(setup, main(setup), part), run, air, factor);
  }

  private List<TraverseReport.Compared> compared(List<Compare> fans) {
    List<TraverseReport.Compared> compared = new ArrayList<>();
    for (int i = 0; i < fans.size(); i++) {
      for (int k = i + 1; k < fans.size(); k++) {
        FanPart first = fans.get(i).traverse.part();
        FanPart second = fans.get(k).traverse.part();
        for (Double rpm : speeds(first.kind().onEngine() || second.kind().onEngine())) {
          Flow mine = flow(first, fans.get(i).factor, rpm);
          Flow other = flow(second, fans.get(k).factor, rpm);
          compared.add(
              new TraverseReport.Compared(
                  fans.get(i).traverse.id(),
                  fans.get(k).traverse.id(),
                  rpm,
                  Said.of(mine.against(first.name(), second.name(), other))));
        }
      }
    }
    return compared;
  }
}
