package roadbreeze.server.mounting;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import roadbreeze.core.bracket.ChannelStock;
import roadbreeze.core.bracket.Holding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.core.space.TabbedChannel;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Channel;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.MountPlan;
import roadbreeze.server.job.JobContent;

/** A channel that can be entered, and the tabs on it. */
record Across(Channel channel, List<Bracket> tabs) {

  /**
   * For a cooler's upper ears, for its lower ones and for all of them; none where it is away from
   * the pack. One for half of its ears is thought to hold half of it, the rest held alike.
   */
  static List<Across> proposed(JobContent job, Build build, FittedCooler cooler) {
    Ties ties = Ties.of(job, build).get(cooler.id());
    if (ties == null) {
      return List.of();
    }
    MountPlan plan = build.mounting();
    List<Channel> now = plan.channels();
    Channel like = now.isEmpty() ? null : now.get(now.size() - 1);
    int number =
        IntStream.iterate(1, n -> n + 1).filter(n -> free(now, n)).findFirst().orElseThrow();
    Name name = Name.of("bar-" + number, Name.Noun.CROSS_CHANNEL, 0);
    double each = CoolerMass.of(cooler.part()).full() / Corner.values().length;
    List<ChannelStock> sections =
        ChannelStock.kept(like == null ? Ties.strip(build).metal() : like.metal());
    return Corner.ROWS.stream()
        .flatMap(
            row ->
                TabbedChannel.proposed(
                    ties.hanging(),
                    row,
                    free(ties, plan, row),
                    sections,
                    Ties.strip(build),
                    name,
                    t -> holds(t, ties, each * t.tabs().size(), plan))
                    .stream())
        .map(t -> entered(t, ties, number, like != null && like.welded()))
        .toList();
  }

  /** Holes of the body that nothing is screwed to, or only what tabs to these ears replace. */
  private static List<BodyHole> free(Ties ties, MountPlan plan, List<Corner> row) {
    MountPlan left =
        plan.withBrackets(
            plan.brackets().stream()
                .filter(
                    b ->
                        b.tie() == null
                            || !b.tie().cooler().equals(ties.id())
                            || !row.contains(b.tie().corner()))
                .toList());
    Set<String> taken = left.atBody().keySet();
    return ties.holes().stream()
        .filter(h -> h.name().noun() == Name.Noun.HOLE && !taken.contains(h.name().id()))
        .toList();
  }

  private static boolean free(List<Channel> channels, int number) {
    return channels.stream().noneMatch(c -> c.id().equals("bar-" + number));
  }

  private static boolean holds(TabbedChannel tabbed, Ties ties, double mass, MountPlan plan) {
    try {
      return Holding.of(
              mass, List.of(tabbed.support(ties.hanging(), plan.rubber())), plan.roughGround())
          .findings()
          .isEmpty();
    } catch (RefusedException e) {
      return true; // a core of such a mass is not told of
    }
  }

  private static Across entered(TabbedChannel tabbed, Ties ties, int number, boolean welded) {
    CrossChannel across = tabbed.channel();
    ChannelStock stock = across.stock();
    return new Across(
        new Channel(
            across.name().id(),
            "channel " + number,
            stock.metal(),
            Ties.mm(stock.web()),
            Ties.mm(stock.leg()),
            Ties.mm(stock.thickness()),
            across.from().name().id(),
            across.to().name().id(),
            across.legsOut(),
            welded),
        tabbed.tabs().stream().map(ties::entered).toList());
  }

  /**
   * Tabs on a channel of the build: to the ears that are nearest on either side of it; none where
   * it offers them no place or metal is in the way.
   */
  static List<Bracket> tabs(JobContent job, Build build, String cooler, String channel) {
    Ties ties = Ties.of(job, build).get(cooler);
    CrossChannel across = ties == null ? null : ties.channels().across().get(channel);
    return across == null
        ? List.of()
        : TabbedChannel.nearest(across, ties.hanging(), Ties.strip(build)).tabs().stream()
            .map(ties::entered)
            .toList();
  }
}
