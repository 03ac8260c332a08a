package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.radiator.RadiatorSeat;
import roadbreeze.core.radiator.Shell;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Felt;
import roadbreeze.core.wiring.ProbeSeat;
import roadbreeze.core.wiring.School;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.DeviceWiring;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.Inline;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.mounting.RadiatorResult;
import roadbreeze.server.parts.SensorAdapterPart;
import roadbreeze.server.parts.SensorPart;

/** What feels the temperatures of a build's circuit, and by what it is held. */
final class ProbeSeats {
  private final JobContent job;
  private final Build build;

  ProbeSeats(JobContent job, Build build) {
    this.job = job;
    this.build = build;
  }

  /** Of a thing; empty of one that has no probe of its own. */
  Optional<ProbeSeat> of(WiringMapper.Fed f) {
    Consumer c = f.consumer();
    boolean computed = c.school().computed();
    if (f.sensor() == null || f.sensor() == FanSensor.DRIVER || !c.feels() || computed) {
      return Optional.empty();
    }
    Optional<Seat> hose = hose(f);
    boolean acts = c.kind() != Consumer.Kind.GAUGE;
    return Optional.of(
        new ProbeSeat(
            c.name(),
            c.felt(),
            hose.isPresent(),
            hose.map(Seat::bore).orElse(OptionalDouble.empty()),
            hose.map(Seat::straight).orElse(OptionalDouble.empty()),
            acts && (c.kind() == Consumer.Kind.WARNING_LAMP || c.school() == School.THERMAL_SWITCH),
            acts ? OptionalDouble.of(c.on()) : OptionalDouble.empty(),
            probe(f).map(ProbeSeats::toCore),
            Optional.ofNullable(f.wiring().adapter()).map(ProbeSeats::toCore)));
  }

  /** As chosen here, or for the tee that it sits in. */
  private Optional<SensorPart> probe(WiringMapper.Fed f) {
    return Optional.ofNullable(f.wiring().probe())
        .or(() -> build.lines().sitting(f.consumer().id()).map(Inline::sensor));
  }

  /**
   * A hose that an adapter goes into, m.
   *
   * @param straight that it has at the radiator
   */
  private record Seat(OptionalDouble bore, OptionalDouble straight) {}

  private Optional<Seat> hose(WiringMapper.Fed f) {
    return switch (f.sensor()) {
      case HOSE_ADAPTER -> Optional.of(coolant(Shell.End.UPPER));
      case RETURN_HOSE -> Optional.of(coolant(Shell.End.LOWER));
      case OIL_FEED -> Optional.of(new Seat(oil(f.consumer().id()), OptionalDouble.empty()));
      case CYLINDER_HEAD, ON_HOSE, IN_FINS, GEARBOX, DRIVER -> Optional.empty();
    };
  }

  private Seat coolant(Shell.End end) {
    RadiatorSeat seat = RadiatorResult.seat(job, job.setup(build).truck().cores().radiator());
    Shell shell =
        build.radiator() == null
            ? seat.own()
            : build.radiator().shell().toCore(build.radiator().depthMm());
    return new Seat(
        shell.neck(end).map(n -> OptionalDouble.of(n.diameter())).orElse(OptionalDouble.empty()),
        seat.hose(end).map(h -> OptionalDouble.of(h.straight())).orElse(OptionalDouble.empty()));
  }

  /** Of the hose that its tee is in, else of the first, else of the truck's own line. */
  private OptionalDouble oil(String id) {
    List<Hose> hoses = build.lines().hoses();
    if (build.coolers().isEmpty() || hoses.isEmpty()) {
      return OptionalDouble.of(Units.mm(job.rig().foundLines().boreMm()));
    }
    Optional<String> in = build.lines().sitting(id).map(Inline::hose);
    Hose hose =
        hoses.stream()
            .filter(h -> in.isEmpty() || h.id().equals(in.get()))
            .findFirst()
            .orElse(hoses.get(0));
    return OptionalDouble.of(Units.mm(hose.bore()));
  }

  private static ProbeSeat.Probe toCore(SensorPart p) {
    Optional<Felt> felt =
        switch (p.measures()) {
          case COOLANT -> Optional.of(Felt.COOLANT);
          case OIL -> Optional.of(Felt.OIL);
          case AIR, PRESSURE -> Optional.empty();
        };
    return new ProbeSeat.Probe(
        felt,
        p.thread(),
        Units.optional(p.fromC()),
        Units.optional(p.toC()),
        Units.optional(p.switchesAtC()));
  }

  private static ProbeSeat.Adapter toCore(SensorAdapterPart a) {
    return new ProbeSeat.Adapter(
        OptionalDouble.of(Units.mm(a.boreMm())), a.thread(), Units.mm(a.cutsMm()));
  }

  /** The cheapest pair from the shelves where nothing is chosen: bore, thread and range fit. */
  List<DeviceWiring> chosen(List<SensorPart> probes, List<SensorAdapterPart> adapters) {
    List<DeviceWiring> chosen = new ArrayList<>();
    for (WiringMapper.Fed f : WiringMapper.fed(build, job.rig().electrics().toCore().system())) {
      of(f)
          .filter(seat -> f.wiring().probe() == null || f.wiring().adapter() == null)
          .flatMap(seat -> pair(f, seat, probes, adapters))
          .ifPresent(chosen::add);
    }
    return chosen;
  }

  private Optional<DeviceWiring> pair(
      WiringMapper.Fed f,
      ProbeSeat seat,
      List<SensorPart> probes,
      List<SensorAdapterPart> adapters) {
    List<SensorPart> fitting =
        probe(f).map(List::of).orElse(probes).stream()
            .filter(p -> seat.servedBy(toCore(p)))
            .sorted(Comparator.comparingDouble(SensorPart::price))
            .toList();
    if (!seat.inHose()) {
      return fitting.stream().findFirst().map(p -> f.wiring().withProbe(p));
    }
    return fitting.stream()
        .flatMap(
            p ->
                adapters.stream()
                    .filter(a -> a.thread().equals(p.thread()) && fits(a, seat))
                    .map(a -> f.wiring().withProbe(p).withAdapter(a)))
        .min(Comparator.comparingDouble(w -> w.probe().price() + w.adapter().price()));
  }

  private static boolean fits(SensorAdapterPart a, ProbeSeat seat) {
    return seat.bore().isPresent() && toCore(a).fits(seat.bore().getAsDouble());
  }
}
