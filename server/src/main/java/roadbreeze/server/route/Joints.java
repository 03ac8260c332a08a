package roadbreeze.server.route;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.LinePort.Fitting;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.route.ClampAccess;
import roadbreeze.core.route.Coupling;
import roadbreeze.core.route.Joint;
import roadbreeze.core.route.OilWay.Stop;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.Hose.HoseEnd;
import roadbreeze.server.build.LinePlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;
import roadbreeze.server.nose.NosePort;
import roadbreeze.server.parts.AdapterPart;

/** How the ends of a build's hoses are joined to their ports. */
public final class Joints {
  private Joints() {}

  /**
   * An end of a hose on its port.
   *
   * @param first the oil comes in there
   * @param there what the port ends in
   * @param adapter code of what is between, null where the hose is pushed on
   * @param torqueNm of its screw or nut, null where it is not tightened by torque
   * @param clamp null where its port is not in the nose
   * @param faults why it does not join
   */
  public record JointRow(
      String hose,
      String hoseName,
      boolean first,
      Said.PartName port,
      Fitting there,
      @Nullable String adapter,
      Double torqueNm,
      boolean twoSpanners,
      @Nullable ClampReach clamp,
      List<Said> faults) {}

  /**
   * The clamp at an end of a hose.
   *
   * @param looks the way that its screw looks; null where no driver gets on it
   * @param before what goes in after it is tight, null where it stays in reach
   */
  public record ClampReach(@Nullable Direction looks, @Nullable Said.PartName before) {
    static ClampReach of(ClampAccess clamp) {
      return new ClampReach(
          clamp.looks().orElse(null), clamp.before().map(Said.PartName::of).orElse(null));
    }
  }

  /** One for each end of a hose that is joined to a port that is there. */
  public static List<JointRow> of(Routes routes) {
    List<JointRow> rows = new ArrayList<>();
    for (Hose hose : routes.build.lines().hoses()) {
      if (!hose.drawn()) {
        continue;
      }
      for (HoseEnd end : List.of(hose.from(), hose.to())) {
        Optional<Joint> joint = joint(routes, hose, end);
        if (joint.isPresent()) {
          rows.add(row(hose, end, joint.get(), routes.clamp(hose, end)));
        }
      }
    }
    return rows;
  }

  private static JointRow row(Hose hose, HoseEnd end, Joint joint, Optional<ClampAccess> clamp) {
    AdapterPart adapter = end.adapter();
    Coupling there = joint.there();
    OptionalDouble torque = there.torque(joint.portBore());
    return new JointRow(
        hose.id(),
        hose.name(),
        end == hose.from(),
        Said.PartName.of(joint.port()),
        there.fitting(),
        adapter == null ? null : adapter.code(),
        torque.isPresent() ? torque.getAsDouble() : null,
        there.twoSpanners(),
        clamp.map(ClampReach::of).orElse(null),
        Said.of(joint.faults()));
  }

  /** What is hidden afterwards, and so comes first: rules of the order of the work. */
  public static List<Said> order(Routes routes) {
    List<Finding> rules = new ArrayList<>();
    for (Hose hose : routes.drawn.keySet()) {
      if (rules.isEmpty()) {
        rules.add(ClampAccess.Rule.CLAMP_ON_FIRST.with());
      }
      for (HoseEnd end : List.of(hose.from(), hose.to())) {
        routes.clamp(hose, end).ifPresent(clamp -> rule(clamp, routes.name(end), rules));
      }
    }
    for (FanFit fan : routes.setup.fitting().fans()) {
      boolean plugged =
          fan.part().kind() == FanUnit.Type.CONTROLLED
              || fan.part().kind() == FanUnit.Type.ELECTRIC;
      if (plugged && fan.shrouded()) {
        rules.add(ClampAccess.Rule.PLUG_BEFORE_SHROUD.with(fan.name()));
      }
    }
    return Said.of(rules);
  }

  private static void rule(ClampAccess clamp, Name port, List<Finding> rules) {
    if (clamp.looks().isEmpty()) {
      rules.add(ClampAccess.Rule.JOINED_ON_BENCH.with(port));
    } else {
      clamp.before().ifPresent(t -> rules.add(ClampAccess.Rule.TIGHT_BEFORE.with(port, t)));
    }
  }

  /** Empty where its port is not there any more. */
  private static Optional<Joint> joint(Routes routes, Hose hose, HoseEnd end) {
    Build build = routes.build;
    Optional<Joint.Adapter> adapter = Optional.ofNullable(end.adapter()).map(Joints::adapter);
    double bore = Units.mm(hose.bore());
    if (end.side() == null) {
      return routes.job.nose().ports().stream()
          .filter(p -> p.id().equals(end.at()))
          .findFirst()
          .map(
              p ->
                  new Joint(
                      Name.given(p.id(), Name.Noun.LINE_PORT, p.name()),
                      cut(build, p),
                      Units.mm(p.boreMm()),
                      bore,
                      adapter));
    }
    return build.coolers().stream()
        .filter(c -> c.id().equals(end.at()))
        .findFirst()
        .map(
            c ->
                new Joint(
                    routes.called(new Stop.OfCooler(c.id(), end.side())),
                    port(c),
                    Units.mm(c.part().portBoreMm()),
                    bore,
                    adapter));
  }

  /** A line that is cut ends in plain tube, whatever it ended in. */
  private static Coupling cut(Build build, NosePort port) {
    boolean cut = build.lines().joining() == LinePlan.Joining.CUT && port.fitting() != Fitting.BARB;
    return Coupling.of(cut ? Fitting.PLAIN_TUBE : port.fitting());
  }

  /** As its sheet names it; a barb where that says nothing. */
  private static Coupling port(FittedCooler cooler) {
    return Coupling.named(cooler.part().ports()).orElse(Coupling.BARB);
  }

  static Joint.Adapter adapter(AdapterPart part) {
    return new Joint.Adapter(
        part.name(),
        Coupling.named(part.from()),
        Coupling.named(part.to()),
        Units.mm(part.boreMm()));
  }

  /** Every end with the cheapest of these that joins it; bare where it is pushed on. */
  static List<Hose> joined(JobContent job, Build build, List<AdapterPart> shelf) {
    Routes routes = new Routes(job, build);
    List<Hose> hoses = new ArrayList<>();
    for (Hose hose : build.lines().hoses()) {
      hoses.add(
          hose.drawn()
              ? hose.withFrom(joined(routes, hose, hose.from(), shelf))
                  .withTo(joined(routes, hose, hose.to(), shelf))
              : hose);
    }
    return hoses;
  }

  private static HoseEnd joined(Routes routes, Hose hose, HoseEnd end, List<AdapterPart> shelf) {
    List<HoseEnd> ways = new ArrayList<>(List.of(end.withAdapter(null)));
    shelf.stream()
        .sorted(Comparator.comparingDouble(AdapterPart::price))
        .forEach(a -> ways.add(end.withAdapter(a)));
    return ways.stream()
        .filter(w -> joint(routes, hose, w).map(j -> j.faults().isEmpty()).orElse(false))
        .findFirst()
        .orElse(ways.get(0));
  }
}
