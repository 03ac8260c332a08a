package roadbreeze.server.fill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fill.CoolantMix;
import roadbreeze.core.fill.FillSays;
import roadbreeze.core.fill.FillStage;
import roadbreeze.core.fill.FillWay;
import roadbreeze.core.fill.OilRenewal;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.rig.Setup;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FillData;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.rig.FluidsData;

/** The fill of a build by what was measured, or by what is usual where nothing was yet. */
public final class Filling {
  /** A drain gives so much of all there is; own default, ±15 %. */
  private static final double DRAIN_GIVES = 0.6;

  /** What went in may differ so much from what came out before it is told, m³; own default. */
  private static final double ALIKE = 0.5e-3;

  private static final double LITRE = 1e-3;

  /** A mix is told to be stronger than needed from here on (-); own default. */
  private static final double STRONGER = 0.05;

  /** Less than this between two radiators nobody measures, m³; own default. */
  private static final double NOTICED = 0.05e-3;

  /** Freezing points nearer than a table tells apart, K. */
  private static final double SAME = 0.05;

  private final JobContent job;
  private final Build build;
  private final FillData fill;
  private final FluidsData fluids;
  private final Setup setup;

  public Filling(JobContent job, Build build) {
    this.job = job;
    this.build = build;
    fill = build.fill();
    fluids = job.rig().fluids();
    setup = job.setup(build);
  }

  /** Share of concentrate as it was found (-). */
  double found() {
    return fill.foundPercent() == null
        ? job.rig().vehicle().cooling().glycolShare()
        : fill.foundPercent() / 100;
  }

  /** Share that the coldest morning asks for (-). */
  double needed() {
    return CoolantMix.against(fill.frostC());
  }

  /** Share that is wanted: as the truck has it, or what the coldest morning asks for (-). */
  double wanted() {
    return fill.wantedPercent() == null
        ? Math.max(job.rig().vehicle().cooling().glycolShare(), needed())
        : fill.wantedPercent() / 100;
  }

  /** What comes out of the loop, m³; empty where neither that nor the whole is known. */
  Optional<Double> drained() {
    if (fill.coolantOutL() != null && fill.coolantOutL() > 0) {
      return Optional.of(fill.coolantOutL() * LITRE);
    }
    return all().map(v -> DRAIN_GIVES * v);
  }

  /**
   * What is filled in, m³: what came out, and what another radiator holds more.
   *
   * @return empty where neither that nor the whole is known
   */
  Optional<Double> filled() {
    return drained().map(d -> Math.max(0, d + setup.radiatorHoldsMore()));
  }

  /** All that the loop held as the truck was found, m³. */
  Optional<Double> all() {
    return Optional.ofNullable(fluids.coolantL()).map(l -> l * LITRE);
  }

  /** How it is mixed; empty where the whole is not known, or less than what came out. */
  Optional<CoolantMix> mix() {
    return all()
        .flatMap(
            v ->
                drained()
                    .filter(d -> d <= v)
                    .flatMap(d -> filled())
                    .filter(in -> in > 0)
                    .map(in -> mix(v, in)));
  }

  private CoolantMix mix(double before, double in) {
    return new CoolantMix(before + setup.radiatorHoldsMore(), in, found(), wanted());
  }

  /** Share of concentrate in what is filled, as it was mixed or as it should be (-). */
  double refillShare() {
    return fill.mixedPercent() == null
        ? mix().map(m -> Math.max(0, Math.min(1, m.share()))).orElse(wanted())
        : fill.mixedPercent() / 100;
  }

  /** The coolant that comes of it. */
  Coolant coolant() {
    double inAll =
        mix()
            .map(m -> (m.found() * (m.all() - m.drained()) + refillShare() * m.drained()) / m.all())
            .orElse(refillShare());
    double low = Coolant.GLYCOL_FRACTION.low();
    return new Coolant(Math.max(low, Math.min(Coolant.GLYCOL_FRACTION.high(), inAll)));
  }

  double boils() {
    return coolant().boilingPoint(setup.capPressure(), altitude());
  }

  double altitude() {
    return job.point().altitude();
  }

  FillWay way() {
    return FillWay.valueOf(build.work().filling().name());
  }

  /** Stages of filling. */
  public List<FillStage> fill() {
    return way().fill(filled().orElse(0.0), refillShare(), altitude());
  }

  /** Stages of running the air out. */
  public List<FillStage> bleed() {
    return way().bleed(build.thermostat().startC());
  }

  /** Stages of looking whether it holds. */
  public List<FillStage> check() {
    return FillWay.check(setup.capPressure());
  }

  /** Stages of the gearbox's level. */
  public List<FillStage> level() {
    return FillStage.level(
        fluids.level() == FluidsData.Level.DIPSTICK,
        oilAdded(),
        fluids.levelFromC(),
        fluids.levelToC());
  }

  /** What new hoses and coolers hold, m³. */
  double oilAdded() {
    return LineResult.of(job, build).addedVolumeL() * LITRE;
  }

  /** How the gearbox's oil is renewed; empty where how much there is or comes out is not known. */
  Optional<OilRenewal> oil() {
    if (fluids.oilL() == null || fill.oilOutL() == null) {
      return Optional.empty();
    }
    double all = fluids.oilL() * LITRE;
    double each = fill.oilOutL() * LITRE;
    return each > 0 && each <= all ? Optional.of(new OilRenewal(all, each)) : Optional.empty();
  }

  /** What has to be said of the coolant. */
  List<Finding> coolantFindings() {
    List<Finding> said = new ArrayList<>();
    if (all().isEmpty()) {
      said.add(FillSays.WHOLE_UNKNOWN.with());
    } else if (fill.coolantOutL() == null) {
      said.add(FillSays.DRAINED_TAKEN.with(DRAIN_GIVES));
    }
    mix()
        .filter(m -> !m.possible())
        .ifPresent(
            m ->
                said.add(
                    (m.share() > 1 ? FillSays.DRAIN_MORE : FillSays.DRAIN_MORE_WEAKER)
                        .with(m.leastDrained() - setup.radiatorHoldsMore())));
    double freezes = coolant().freezingPoint();
    if (freezes > fill.frostC() - CoolantMix.IN_HAND + SAME) {
      said.add(FillSays.FREEZES.with(freezes, fill.frostC()));
    } else if (fill.wantedPercent() != null && wanted() > needed() + STRONGER) {
      said.add(FillSays.STRONGER_THAN_NEEDED.with(needed()));
    }
    double more = setup.radiatorHoldsMore();
    if (Math.abs(more) > NOTICED) {
      said.add(
          more > 0
              ? FillSays.RADIATOR_HOLDS_MORE.with(more)
              : FillSays.RADIATOR_HOLDS_LESS.with(-more));
    }
    if (fill.coolantInL() != null && filled().isPresent()) {
      wentIn(filled().get(), fill.coolantInL() * LITRE, said);
    }
    if (fill.lossKpa() != null && fill.lossKpa() * 1000 > FillWay.LEAKS) {
      said.add(FillSays.LEAKS.with(fill.lossKpa() * 1000, FillWay.LEAKS));
    }
    said.add(FillSays.NO_TYPES_MIXED.with());
    return said;
  }

  private static void wentIn(double out, double in, List<Finding> said) {
    if (in < out - ALIKE) {
      said.add(FillSays.LESS_WENT_IN.with(out, in));
    } else if (in > out + ALIKE) {
      said.add(FillSays.MORE_WENT_IN.with(out, in));
    }
  }

  /** What has to be said of the caps of the loop. */
  Finding caps() {
    if (fill.otherCap() == FillData.OtherCap.PRESSURE) {
      return FillSays.TWO_CAPS.with();
    }
    return fluids.capAt() == FluidsData.CapPlace.HEADER_TANK
        ? FillSays.CAP_AT_HEADER.with()
        : FillSays.CAP_AT_NECK.with();
  }

  /** What has to be said of the gearbox's oil. */
  List<Finding> oilFindings() {
    List<Finding> said = new ArrayList<>();
    if (fill.levelPanC() != null
        && (fill.levelPanC() < fluids.levelFromC() || fill.levelPanC() > fluids.levelToC())) {
      said.add(FillSays.PAN_OUTSIDE.with(fill.levelPanC(), fluids.levelFromC(), fluids.levelToC()));
    }
    if (fill.oilOutL() != null && fill.oilInL() != null) {
      wentIn(fill.oilOutL() * LITRE * fill.drains() + oilAdded(), fill.oilInL() * LITRE, said);
    }
    return said;
  }
}
