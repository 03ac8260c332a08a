package roadbreeze.server.line;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import roadbreeze.core.line.OilLines;
import roadbreeze.core.line.OilNetwork;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Hose;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.parts.HosePart;
import roadbreeze.server.route.Joints;
import roadbreeze.server.route.Joints.JointRow;
import roadbreeze.server.route.Routes;

/**
 * What the planned lines do.
 *
 * @param hot at 90 °C oil
 * @param hoseToBuyM that the truck did not come with, by bore, ends included, rounded up to 0.1 m
 * @param addedVolumeL in hose and cooler
 * @param fillSeconds that the gearbox waits for its oil while those fill, cold
 * @param profile pressure along the oil's way
 * @param joints the ends of drawn hoses on their ports
 * @param order what is hidden afterwards, and so comes first
 * @param inline what is wrong with what sits in the hoses
 * @param mismatches what does not go with the cooler, or is not planned yet
 */
public record LineResult(
    State hot,
    State cold,
    List<Cut> cuts,
    List<ToBuy> hoseToBuyM,
    double addedVolumeL,
    double fillSeconds,
    List<LineStretch> profile,
    List<JointRow> joints,
    List<Said> order,
    List<Said> inline,
    List<Said> mismatches,
    List<Said> warnings) {

  /**
   * One temperature's state.
   *
   * @param pastLpm through a block, past what is fitted
   */
  public record State(
      double oilC,
      double foundFlowLpm,
      double plannedFlowLpm,
      double flowShare,
      double foundDropKpa,
      double hoseDropKpa,
      double filterDropKpa,
      double coolerDropKpa,
      double feedKpa,
      double pastLpm,
      double reynolds) {
    static State of(OilLines.State s) {
      return new State(
          s.oil(),
          s.foundFlow() * 60e3,
          s.plannedFlow() * 60e3,
          s.flowShare(),
          s.foundDrop() / 1000,
          s.drop(OilNetwork.What.HOSE) / 1000,
          s.drop(OilNetwork.What.FILTER) / 1000,
          s.drop(OilNetwork.What.COOLER) / 1000,
          s.feedPressure() / 1000,
          s.fitted().past() * 60e3,
          s.reynolds());
    }
  }

  /**
   * A stretch of the oil's way.
   *
   * @param number of the hose or cooler, of a filter that of its hose, from 1; 0 of the truck's own
   *     lines
   * @param branch that it is in, from 1; 0 where all oil goes through it
   */
  public record LineStretch(
      OilNetwork.What what, int number, int branch, StretchEnd hot, StretchEnd cold) {
    static LineStretch of(OilLines.Stretch s) {
      return new LineStretch(
          s.what(),
          s.number() + 1,
          s.branch() + 1,
          StretchEnd.of(s.hot()),
          StretchEnd.of(s.cold()));
    }
  }

  /**
   * Where a stretch begins.
   *
   * @param kpa over the pan
   * @param dropKpa that is lost in it
   */
  public record StretchEnd(double kpa, double dropKpa, double flowLpm) {
    static StretchEnd of(OilLines.Stretch.End e) {
      return new StretchEnd(e.pressure() / 1000, e.drop() / 1000, e.flow() * 60e3);
    }
  }

  /** A hose to cut. */
  public record Cut(String hose, String name, double boreMm, double fittedMm, double cutMm) {}

  /**
   * Hose to buy of one bore.
   *
   * @param price in the yard's money, null where it is not chosen what it is cut from
   */
  public record ToBuy(double boreMm, double lengthM, @Nullable Double price) {}

  public static LineResult of(JobContent job, Build build) {
    Setup setup = job.setup(build);
    OilLines lines = Assembly.lines(setup);
    Routes routes = new Routes(job, build);
    List<Cut> cuts = new ArrayList<>();
    Map<Double, Map<Optional<HosePart>, Double>> bought = new TreeMap<>();
    if (!build.coolers().isEmpty()) {
      for (int i = 0; i < build.lines().hoses().size(); i++) {
        Hose hose = build.lines().hoses().get(i);
        double fitted = setup.fitting().oil().hoses().get(i).line().length() * 1000;
        double cut = build.lines().cutMm(fitted);
        cuts.add(new Cut(hose.id(), hose.name(), hose.bore(), fitted, cut));
        if (!job.found().lines().hoses().contains(hose)) {
          bought
              .computeIfAbsent(hose.bore(), b -> new LinkedHashMap<>())
              .merge(Optional.ofNullable(hose.stock()), cut / 1000, Double::sum);
        }
      }
    }
    return new LineResult(
        State.of(lines.hot()),
        State.of(lines.cold()),
        cuts,
        bought.entrySet().stream().map(e -> toBuy(e.getKey(), e.getValue())).toList(),
        lines.volume() * 1000,
        lines.fillTime(),
        lines.profile().stream().map(LineStretch::of).toList(),
        Joints.of(routes),
        Joints.order(routes),
        Said.of(InlineCheck.of(build, lines)),
        Said.of(CoolerMismatch.of(build, lines)),
        Said.of(lines.warnings()));
  }

  private static ToBuy toBuy(double boreMm, Map<Optional<HosePart>, Double> metres) {
    double length = 0;
    double price = 0;
    for (Map.Entry<Optional<HosePart>, Double> e : metres.entrySet()) {
      double bought = Math.ceil(e.getValue() * 10 - 1e-9) / 10;
      length += bought;
      price += bought * e.getKey().map(HosePart::price).orElse(Double.NaN);
    }
    return new ToBuy(boreMm, length, Double.isNaN(price) ? null : price);
  }
}
