package roadbreeze.server.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roadbreeze.core.check.Stop;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.PushedHaul;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assumed;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.sizing.Posterior;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.build.FittedOther;
import roadbreeze.server.build.FittingMapper;
import roadbreeze.server.build.HoseMapper;
import roadbreeze.server.check.Checks;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.rig.Mark;
import roadbreeze.server.rig.RigSection;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.rig.TruckMapper;
import roadbreeze.server.row.DistinctIds;

/**
 * All of a job that people enter, section by section. Results are computed from it and never
 * stored.
 */
public record JobContent(
    @NotNull @Valid About about,
    @NotNull @Valid RigSection rig,
    @NotNull @Valid NoseSection nose,
    @NotNull @Valid Haul haul,
    @NotNull @Valid Checks checks,
    @NotNull @Size(min = 1, max = 12) @DistinctIds List<@NotNull @Valid Build> builds) {

  /** Which marks of a job stand for which assumed number. */
  private static final Map<String, Assumed> ASSUMED = new HashMap<>();

  private static final String FREE_FLOW = "fans.%s.part.freeFlowM3s";

  static {
    ASSUMED.put("vehicle.massKg", Assumed.VEHICLE_MASS);
    ASSUMED.put("trailer.massKg", Assumed.TRAILER_MASS);
    ASSUMED.put("vehicle.rollingCoefficient", Assumed.ROLLING_COEFFICIENT);
    ASSUMED.put("vehicle.cooling.radiator.widthMm", Assumed.RADIATOR_WIDTH);
    ASSUMED.put("vehicle.cooling.radiator.heightMm", Assumed.RADIATOR_HEIGHT);
    ASSUMED.put("vehicle.cooling.radiator.depthMm", Assumed.RADIATOR_DEPTH);
    ASSUMED.put("vehicle.cooling.radiator.finsPerInch", Assumed.RADIATOR_FINS);
    ASSUMED.put("vehicle.cooling.condenser.depthMm", Assumed.CONDENSER_DEPTH);
    ASSUMED.put("vehicle.cooling.pumpKgsAt4000", Assumed.PUMP_FLOW);
    ASSUMED.put("vehicle.gearbox.oilFlowLpm", Assumed.OIL_FLOW);
    ASSUMED.put("vehicle.gearbox.inTankWattsPerKelvin", Assumed.TANK_CONDUCTANCE);
    ASSUMED.put("vehicle.gearbox.caseWattsPerKelvin", Assumed.CASE_CONDUCTANCE);
    ASSUMED.put("vehicle.engine.accessoryKw", Assumed.ACCESSORY_POWER);
    ASSUMED.put("vehicle.engine.condenserKw", Assumed.CONDENSER_HEAT);
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if there is none of this id
   */
  public Build build(String id) {
    return builds.stream()
        .filter(b -> b.id().equals(id))
        .findFirst()
        .orElseThrow(Refusal.NO_SUCH_BUILD::refuse);
  }

  /** The same job on another haul. */
  public JobContent on(Haul other) {
    return new JobContent(about, rig, nose, other, checks, builds);
  }

  /** The same truck behind which another trailer is hung. */
  public JobContent pulling(Trailer other) {
    return new JobContent(about, rig.pulling(other), nose, haul, checks, builds);
  }

  /** The truck as it came. */
  public Build found() {
    return builds.get(0);
  }

  /**
   * The truck with a build on it.
   *
   * @throws roadbreeze.core.problem.BadInputException if a value cannot be
   */
  public Setup setup(Build build) {
    Setup bare = new Setup(TruckMapper.truck(rig, nose), FittingMapper.fitting(build, rig, nose));
    Setup setup = HoseMapper.withHoses(bare, build, nose);
    List<FanPart> fans = build.fans().stream().map(FittedFan::part).toList();
    return rig.calibration()
        .map(c -> setup.with(c.toCore(setup, build.radiator(), fans)))
        .orElse(setup);
  }

  public OperatingPoint point() {
    return haul.toCore();
  }

  public Limits limits() {
    return rig.vehicle().limits().toCore();
  }

  /**
   * By what a build is judged: the road, the limits, and how well the numbers are known.
   *
   * @throws roadbreeze.core.problem.BadInputException if the truck must not be driven
   */
  public Judge judge(Build build) {
    mayBeDriven();
    return suspect(build);
  }

  /** The same of a truck that is only asked what is wrong with it. */
  public Judge suspect(Build build) {
    return new Judge(point(), limits(), sources(build), assumed(build));
  }

  /**
   * A build on the job's road from end to end.
   *
   * @throws roadbreeze.core.problem.BadInputException if the truck must not be driven
   * @throws roadbreeze.server.problem.RefusedRequestException if there is no road, or all of it
   *     takes too long
   */
  public HaulCase driven(Build build) {
    mayBeDriven();
    return haul.driven(setup(build), limits());
  }

  /** The same; where there is no road its worst stretch is climbed from the level for a while. */
  public HaulCase drivenSomehow(Build build) {
    mayBeDriven();
    return haul.drivenSomehow(setup(build), limits());
  }

  /**
   * Where a build stands against its limits: at the worst moments of the job's road, or held on its
   * stretch where there is no road.
   *
   * @throws roadbreeze.core.problem.RefusedException if it cannot drive there, or must not
   */
  public Margins margins(Build build) {
    return haul.journey() == null
        ? judge(build).of(setup(build)).margins()
        : PushedHaul.margins(judge(build), driven(build));
  }

  /** The same; empty where it cannot be computed as it is entered, or must not be driven. */
  public Optional<Margins> marginsIfAny(Build build) {
    try {
      return Optional.of(margins(build));
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }

  /** What a check has found dangerous stops all sizing until it is mended and checked again. */
  private void mayBeDriven() {
    List<Stop> stops = checks.stops();
    if (!stops.isEmpty()) {
      throw Problem.NOT_TO_BE_DRIVEN.refuse(stops.get(0));
    }
  }

  /** As sure as the main fan: the pack of one that was measured needs no more doubt. */
  private List<Uncertainty.Source> sources(Build build) {
    boolean read =
        !build.fans().isEmpty() && rig.measuredFactor(build.fans().get(0).part()).isPresent();
    List<Uncertainty.Source> prior = read ? Uncertainty.TRAVERSED : Uncertainty.SOURCES;
    return rig.calibration().isEmpty() ? prior : Posterior.of(prior, setup(build));
  }

  private List<Judge.Doubted> assumed(Build build) {
    List<Judge.Doubted> assumed = new ArrayList<>();
    rig.marks()
        .forEach(
            (path, mark) -> {
              if (mark == Mark.DEFAULT && ASSUMED.containsKey(path)) {
                assumed.add(new Judge.Doubted(ASSUMED.get(path), ""));
              }
            });
    for (FittedOther other : build.otherCoolers()) {
      if (other.heatKw() == null) {
        assumed.add(new Judge.Doubted(other.kind().doubt(), other.id()));
      }
    }
    for (FittedFan fan : build.fans()) {
      if (build.marks().get(FREE_FLOW.formatted(fan.id())) == Mark.DEFAULT) {
        assumed.add(new Judge.Doubted(Assumed.FAN_FREE_FLOW, fan.id()));
      }
    }
    return assumed;
  }

  /** Numbers of the rig that a verdict doubts where they are only assumed, by path in the rig. */
  public static Set<String> doubted() {
    return Set.copyOf(ASSUMED.keySet());
  }

  /** Where an assumed number stands in the job, from its root. */
  public static String path(Assumed what, String thing, Build build) {
    String ofBuild = "builds." + build.id() + ".";
    return switch (what) {
      case FAN_FREE_FLOW -> ofBuild + FREE_FLOW.formatted(thing);
      case STEERING_HEAT, ENGINE_OIL_HEAT, HYDRAULIC_HEAT, FUEL_HEAT ->
          ofBuild + "otherCoolers." + thing + ".heatKw";
      default ->
          ASSUMED.entrySet().stream()
              .filter(e -> e.getValue() == what)
              .map(e -> "rig." + e.getKey())
              .findFirst()
              .orElseThrow();
    };
  }
}
