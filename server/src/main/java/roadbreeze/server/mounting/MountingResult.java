package roadbreeze.server.mounting;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roadbreeze.core.bracket.Holding;
import roadbreeze.core.bracket.Support;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.core.space.Pack;
import roadbreeze.core.space.ThroughRods;
import roadbreeze.core.space.ToolAccess;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.MountPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;

/**
 * The brackets of a build, and how they hold its first cooler.
 *
 * @param channels across, as they are cut
 * @param stacks of what is tied: what goes on the screw at each end
 * @param holding null where nothing is held
 * @param rods the other school, null where the cooler does not stand before a core
 * @param findings of the set as a whole
 */
public record MountingResult(
    List<FlatBracket> brackets,
    List<FlatChannel> channels,
    List<ScrewStack> stacks,
    @Nullable Held holding,
    @Nullable Rods rods,
    List<Said> findings) {

  /** A bracket that ends farther from its hole does not fit it, m. */
  private static final double FITS = 0.5e-3;

  /** What is wrong with a set. */
  public enum Misfit implements Code {
    OFF_ITS_HOLE("bracket TEXT", "by SIZE"),
    HOLE_GONE("bracket TEXT"),
    FREE_EARS("count COUNT"),
    SHARED_HOLE("bracket TEXT", "holds TEXT"),
    /** By two things of the plan. */
    HOLE_TWICE("one TEXT", "other TEXT");

    private final List<Parameter> parameters;

    Misfit(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /**
   * A core on its brackets.
   *
   * @param emptyKg without oil
   * @param assumed its sheet says nothing of its mass
   */
  public record Held(
      String cooler,
      double emptyKg,
      double oilKg,
      boolean assumed,
      int brackets,
      double frequencyHz,
      double leastHz,
      double stressMpa,
      double roughStressMpa,
      double mostMpa,
      List<Said> findings) {}

  /**
   * The cooler drawn against the pack by rods and pads.
   *
   * @param lengthMm of a rod
   * @param standOffMm that the pads leave
   */
  public record Rods(double lengthMm, double standOffMm, List<Said> risks) {}

  public static MountingResult of(JobContent job, Build build) {
    MountPlan plan = build.mounting();
    List<FlatBracket> flats = plan.brackets().stream().map(FlatBracket::of).toList();
    List<Finding> findings = new ArrayList<>();
    List<ScrewStack> stacks = new ArrayList<>();
    Map<String, Ties> ties = Ties.of(job, build);
    for (Bracket bracket : plan.brackets()) {
      if (bracket.tie() != null) {
        tied(bracket, plan, ties.get(bracket.tie().cooler()), stacks, findings);
      }
    }
    plan.atBody()
        .values()
        .forEach(
            names -> {
              if (names.size() > 1 && !names.get(0).equals(names.get(1))) {
                findings.add(Misfit.HOLE_TWICE.with(names.get(0), names.get(1)));
              }
            });
    Setup setup = job.setup(build);
    List<BodyHole> holes = setup.truck().front().nose().holes();
    List<FlatChannel> flat = FlatChannel.of(build, Channels.of(build, holes), ties);
    ToolAccess access = new ToolAccess(setup.standing(), Pack.of(setup).standing());
    plan.across(holes).forEach(c -> stacks.addAll(ScrewStack.of(c, access)));
    if (build.coolers().isEmpty()) {
      return new MountingResult(flats, flat, stacks, null, null, Said.of(findings));
    }
    FittedCooler cooler = build.coolers().get(0);
    long held =
        plan.brackets().stream()
            .filter(b -> b.tie() != null && b.tie().cooler().equals(cooler.id()))
            .map(b -> b.tie().corner())
            .distinct()
            .count();
    if (held > 0 && held < Corner.values().length) {
      findings.add(Misfit.FREE_EARS.with((int) (Corner.values().length - held)));
    }
    return new MountingResult(
        flats,
        flat,
        stacks,
        held(plan, cooler, ties.get(cooler.id())),
        rods(setup, build),
        Said.of(findings));
  }

  /** Brackets that hold something: what they were made for may have been taken out again. */
  public static List<Bracket> inUse(JobContent job, Build build) {
    Map<String, Ties> ties = Ties.of(job, build);
    return build.mounting().brackets().stream()
        .filter(
            b -> b.tie() == null ? !build.coolers().isEmpty() : ties.containsKey(b.tie().cooler()))
        .toList();
  }

  private static void tied(
      Bracket bracket,
      MountPlan plan,
      @Nullable Ties ties,
      List<ScrewStack> stacks,
      List<Finding> findings) {
    BodyHole hole = ties == null ? null : ties.hole(bracket.tie().hole());
    if (hole == null) {
      findings.add(Misfit.HOLE_GONE.with(bracket.name()));
      return;
    }
    stacks.addAll(ScrewStack.of(bracket, plan, ties, hole));
    try {
      double off = ties.off(bracket);
      if (off > FITS && bracket.tabMm() == 0) {
        findings.add(Misfit.OFF_ITS_HOLE.with(bracket.name(), off));
      }
    } catch (RefusedException e) {
      return; // what cannot be bent is said with its bracket
    }
    hole.holds().ifPresent(held -> findings.add(Misfit.SHARED_HOLE.with(bracket.name(), held)));
  }

  private static @Nullable Rods rods(Setup setup, Build build) {
    FittedCooler cooler = build.coolers().get(0);
    if (cooler.place() != CoolerFit.Place.FRONT) {
      return null;
    }
    Name name = setup.fitting().coolers().get(0).name();
    return ThroughRods.of(Pack.of(setup), name, setup.fitting().fanOnEngine())
        .map(
            r ->
                new Rods(
                    r.length() * 1000,
                    r.standOff() * 1000,
                    Said.of(r.risks(Units.mm(cooler.gapMm())))))
        .orElse(null);
  }

  private static @Nullable Held held(MountPlan plan, FittedCooler cooler, @Nullable Ties ties) {
    Holding holding = holding(plan, cooler, ties).orElse(null);
    if (holding == null) {
      return null;
    }
    CoolerMass mass = CoolerMass.of(cooler.part());
    return new Held(
        cooler.id(),
        mass.empty(),
        mass.oil(),
        cooler.part().emptyKg() == null,
        plan.brackets().stream().filter(b -> holds(b, cooler)).mapToInt(Bracket::quantity).sum(),
        holding.frequency(),
        Holding.LEAST_FREQUENCY,
        holding.stress() / 1e6,
        holding.roughStress() / 1e6,
        holding.mostStress() / 1e6,
        Said.of(holding.findings()));
  }

  /** How a plan's brackets hold a cooler; empty where there are none, or one that cannot be. */
  public static Optional<Holding> holding(JobContent job, Build build, FittedCooler cooler) {
    return holding(build.mounting(), cooler, Ties.of(job, build).get(cooler.id()));
  }

  private static Optional<Holding> holding(
      MountPlan plan, FittedCooler cooler, @Nullable Ties ties) {
    List<Support> supports = new ArrayList<>();
    Map<CrossChannel, List<Support.Tab>> tabs = new LinkedHashMap<>();
    try {
      for (Bracket bracket : plan.brackets()) {
        roadbreeze.core.bracket.Bracket bent = bracket.toCore();
        Support.Strip strip = new Support.Strip(bent.stock(), bent.reach(), plan.rubber());
        CrossChannel channel = ties == null ? null : ties.channel(bracket);
        for (int n = 0; n < bracket.quantity() && holds(bracket, cooler); n++) {
          if (channel == null) {
            supports.add(strip);
          } else {
            tabs.computeIfAbsent(channel, c -> new ArrayList<>())
                .add(channel.tab(ties.hanging().ear(bracket.tie().corner()), strip));
          }
        }
      }
      tabs.forEach((c, on) -> supports.add(new Support.Channel(c.stock(), c.span(), on)));
      return supports.isEmpty()
          ? Optional.empty()
          : Optional.of(
              Holding.of(CoolerMass.of(cooler.part()).full(), supports, plan.roughGround()));
    } catch (RefusedException e) {
      return Optional.empty(); // said with the bracket that cannot be
    }
  }

  private static boolean holds(Bracket bracket, FittedCooler cooler) {
    return bracket.tie() == null || bracket.tie().cooler().equals(cooler.id());
  }
}
