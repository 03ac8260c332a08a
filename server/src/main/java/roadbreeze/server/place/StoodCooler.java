package roadbreeze.server.place;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.HoseMapper;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.mounting.Ties;
import roadbreeze.server.route.Laying;

/**
 * A build with its cooler stood at a place.
 *
 * @param build its brackets to that cooler are new ones, and all of its hoses are laid anew
 * @param hosesMm length of those that are drawn, together
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
    Laying laying = Laying.anew(job, stood);
    stood = stood.withLines(stood.lines().withHoses(laying.hoses()));
    HoseMapper mapper = new HoseMapper(stood, job.setup(stood));
    double hoses =
        mapper.drawn().values().stream().mapToDouble(h -> h.route().fitted() * 1000).sum();
    return new StoodCooler(
        stood, hoses, laying.blocked().values().stream().flatMap(List::stream).distinct().toList());
  }
}
