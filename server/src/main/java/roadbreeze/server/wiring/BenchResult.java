package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Defect;
import roadbreeze.core.wiring.FaultBench;
import roadbreeze.core.wiring.Probe;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.message.Said;
import roadbreeze.server.problem.Refusal;

/**
 * What can break in a circuit, and how one of it is found.
 *
 * @param way to the defect that was asked for; null where none was, or where nothing is alike
 */
record BenchResult(List<BenchCase> cases, @Nullable FaultWay way) {

  /**
   * A defect with what a driver notices of it.
   *
   * @param alike how many defects look the same to him
   */
  record BenchCase(BenchRequest.BrokenThing defect, List<Said> signs, int alike) {}

  /**
   * The way to a defect.
   *
   * @param in the situation in which its sign shows
   * @param steps measurements one after the other, as they read with this defect
   * @param left defects that no measurement tells apart, this one among them
   */
  record FaultWay(
      WiringRequest.AskedSituation in,
      Said where,
      List<Measured> steps,
      List<BenchRequest.BrokenThing> left) {}

  /**
   * A measurement.
   *
   * @param sound where all is well
   * @param reads with the defect
   * @param before how many defects are possible before it
   * @param after and with what it reads
   */
  record Measured(
      BenchRequest.AskedProbe probe,
      ProbeReading sound,
      ProbeReading reads,
      int before,
      int after) {}

  /**
   * What a probe reads.
   *
   * @param volts at its terminal; nothing to the ear
   * @param tells of a lamp or by ear, null of a meter
   */
  record ProbeReading(double volts, Probe.@Nullable Tells tells) {
    private static ProbeReading of(FaultBench.Reading r) {
      return new ProbeReading(r.volts(), r.tells().orElse(null));
    }
  }

  static BenchResult of(BenchRequest request) {
    WiredBuild wired = WiredBuild.of(request.job(), request.chosen());
    List<Consumer> consumers = WiringMapper.consumers(wired.fed());
    if (consumers.isEmpty()) {
      return new BenchResult(List.of(), null);
    }
    FaultBench bench = bench(wired, consumers);
    List<BenchCase> cases =
        bench.cases().stream()
            .map(
                c ->
                    new BenchCase(
                        BenchRequest.BrokenThing.of(c.defect()),
                        signs(c, consumers),
                        bench.alike(c.defect()).size()))
            .toList();
    return new BenchResult(
        cases,
        request.defect() == null ? null : way(bench, known(bench, request.defect().toCore())));
  }

  private static FaultBench bench(WiredBuild wired, List<Consumer> consumers) {
    return FaultBench.of(wired.network(), FaultBench.asked(consumers));
  }

  private static List<Said> signs(FaultBench.Case c, List<Consumer> consumers) {
    return c.signs().stream().map(s -> Said.of(BenchSaid.of(s, consumers))).toList();
  }

  private static FaultBench.Case known(FaultBench bench, Defect defect) {
    return bench.cases().stream()
        .filter(c -> c.defect().equals(defect))
        .findFirst()
        .orElseThrow(Refusal.NOT_IN_CIRCUIT::refuse);
  }

  private static @Nullable FaultWay way(FaultBench bench, FaultBench.Case c) {
    if (c.signs().isEmpty()) {
      return null;
    }
    List<Measured> steps = new ArrayList<>();
    List<Defect> left = bench.alike(c.defect());
    Optional<FaultBench.Step> step = bench.path(left);
    while (step.isPresent()) {
      Probe probe = step.get().probe();
      FaultBench.Branch taken =
          step.get().branches().stream()
              .filter(b -> b.left().contains(c.defect()))
              .findFirst()
              .orElseThrow();
      steps.add(
          new Measured(
              BenchRequest.AskedProbe.of(probe),
              ProbeReading.of(step.get().sound()),
              ProbeReading.of(bench.read(probe, Optional.of(c.defect()))),
              left.size(),
              taken.left().size()));
      left = taken.left();
      step = taken.next();
    }
    return new FaultWay(
        WiringRequest.AskedSituation.of(c.signs().get(0).in()),
        Said.of(BenchSaid.of(c.signs().get(0).in())),
        steps,
        left.stream().map(BenchRequest.BrokenThing::of).toList());
  }

  /**
   * A drill as it stands.
   *
   * @param signs what the driver says
   * @param in the situation in which the first of them shows
   * @param possible how many defects look the same to him
   * @param readings of what has been measured, in its order
   * @param right whether the guess is the defect, or cannot be told from it; null without a guess
   * @param defect what it is; null while nobody has guessed
   * @param best measurements that the shortest way takes; null while nobody has guessed
   */
  record DrillResult(
      List<Said> signs,
      WiringRequest.AskedSituation in,
      int possible,
      List<ProbeReading> readings,
      @Nullable Boolean right,
      BenchRequest.@Nullable BrokenThing defect,
      @Nullable Integer best) {}

  static DrillResult of(BenchRequest.Drill request) {
    WiredBuild wired = WiredBuild.of(request.job(), request.chosen());
    List<Consumer> consumers = WiringMapper.consumers(wired.fed());
    if (consumers.isEmpty()) {
      throw Refusal.NOT_IN_CIRCUIT.refuse();
    }
    FaultBench bench = bench(wired, consumers);
    List<FaultBench.Case> noticed =
        bench.cases().stream().filter(c -> !c.signs().isEmpty()).toList();
    if (noticed.isEmpty()) {
      throw Refusal.NOT_IN_CIRCUIT.refuse();
    }
    FaultBench.Case hidden = noticed.get(new Random(request.seed()).nextInt(noticed.size()));
    FaultWay way = request.guess() == null ? null : way(bench, hidden);
    return new DrillResult(
        signs(hidden, consumers),
        WiringRequest.AskedSituation.of(hidden.signs().get(0).in()),
        bench.alike(hidden.defect()).size(),
        request.probes().stream()
            .map(p -> ProbeReading.of(bench.read(p.toCore(), Optional.of(hidden.defect()))))
            .toList(),
        way == null ? null : Boolean.valueOf(way.left().contains(request.guess())),
        way == null ? null : BenchRequest.BrokenThing.of(hidden.defect()),
        way == null ? null : Integer.valueOf(way.steps().size()));
  }
}
