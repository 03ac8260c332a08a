package roadbreeze.server.place;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.MountPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.mounting.Ties;
import roadbreeze.server.route.Laying;

/**
 * A build with its cooler stood at a place.
 *
 * @param build its brackets to that cooler are new ones, and all of its hoses are laid anew
 * @param hosesMm length of those, together
 * @param blocked what stands in the way of hoses that found none
 */
record StoodCooler(Build build, double hosesMm, List<Said.PartName> blocked) {

  static StoodCooler of(JobContent job, Build build, FittedCooler cooler, List<String> moved) {
    Set<String> away = new LinkedHashSet<>(build.moved());
    away.addAll(moved);
    Build stood =
        build
            .withMoved(List.copyOf(away))
            .withCoolers(
                build.coolers().stream()
                    .map(c -> c.id().equals(cooler.id()) ? cooler : c)
                    .toList());
    List<Bracket> brackets = new ArrayList<>();
    for (Bracket b : build.mounting().brackets()) {
      if (b.tie() != null && !b.tie().cooler().equals(cooler.id())) {
        brackets.add(b);
      }
    }
    List<String> taken = brackets.stream().map(Bracket::id).toList();
    for (Bracket b : Ties.proposed(job, stood, cooler.id())) {
      if (!taken.contains(b.id())) {
        brackets.add(b);
      }
    }
    stood = stood.withMounting(stood.mounting().withBrackets(brackets));
    // A channel that no tab is left on would only be in the way.
    MountPlan hung = stood.mounting();
    stood =
        stood.withMounting(
            hung.withChannels(hung.channels().stream().filter(hung::tabbed).toList()));
    Laying laying = Laying.anew(job, stood);
    stood = stood.withLines(stood.lines().withHoses(laying.hoses()));
    double hoses =
        job.setup(stood).fitting().oil().hoses().stream()
            .mapToDouble(h -> h.line().length() * 1000)
            .sum();
    return new StoodCooler(
        stood, hoses, laying.blocked().values().stream().flatMap(List::stream).distinct().toList());
  }
}
