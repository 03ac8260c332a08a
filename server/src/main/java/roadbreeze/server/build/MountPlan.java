package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;

/**
 * How the coolers of a build are held.
 *
 * @param channels across, that brackets may be tabs on
 * @param isolatorNmm stiffness of the rubber at each of the cooler's holes, null where there is
 *     none
 * @param standOffMm from the cooler's tab to the bracket's face, for rubber or spacer
 * @param roughGround the truck works off the road
 * @param radiator where the build has another
 */
@RecordBuilder
public record MountPlan(
    @NotNull @Size(max = 12) @DistinctIds List<@NotNull @Valid Bracket> brackets,
    @NotNull @Size(max = 4) @DistinctIds List<@NotNull @Valid Channel> channels,
    @Nullable @Within(min = 1, max = 10000, kind = Kind.STIFFNESS) Double isolatorNmm,
    @Within(min = 0, max = 60, kind = Kind.SIZE) double standOffMm,
    boolean roughGround,
    @NotNull @Valid RadiatorPlan radiator)
    implements MountPlanBuilder.With {

  /** A bracket is a tab on a channel that is welded on. */
  public boolean welded(Bracket bracket) {
    return channels.stream().filter(Channel::welded).anyMatch(c -> c.under(bracket));
  }

  /** The tab on a channel that holds a cooler by a corner. */
  public Optional<Bracket> tab(String channel, String cooler, Corner corner) {
    return channels.stream()
        .filter(c -> c.id().equals(channel))
        .flatMap(c -> brackets.stream().filter(c::under))
        .filter(b -> b.tie().cooler().equals(cooler) && b.tie().corner() == corner)
        .findFirst();
  }

  /** Its channels that fit between their holes. */
  public List<CrossChannel> across(List<BodyHole> holes) {
    return channels.stream()
        .flatMap(c -> c.across(holes).stream())
        .filter(c -> c.misfit().isEmpty())
        .toList();
  }

  /** What is screwed to each hole of the body, by its id. */
  public Map<String, List<String>> atBody() {
    Map<String, List<String>> at = new LinkedHashMap<>();
    for (Bracket b : brackets) {
      if (b.tie() != null && channels.stream().noneMatch(c -> c.under(b))) {
        at.computeIfAbsent(b.tie().hole(), h -> new ArrayList<>()).add(b.name());
      }
    }
    for (Channel c : channels) {
      at.computeIfAbsent(c.from(), h -> new ArrayList<>()).add(c.name());
      at.computeIfAbsent(c.to(), h -> new ArrayList<>()).add(c.name());
    }
    return at;
  }

  /** A channel has a tab. */
  public boolean tabbed(Channel channel) {
    return brackets.stream().anyMatch(channel::under);
  }

  /** Stiffness of the rubber at each ear, N/m; empty where there is none. */
  public OptionalDouble rubber() {
    return isolatorNmm == null ? OptionalDouble.empty() : OptionalDouble.of(isolatorNmm * 1000);
  }
}
