package roadbreeze.server.build;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.bracket.ChannelStock;
import roadbreeze.core.bracket.Metal;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * A channel across from one hole of the body to another, with tabs on it.
 *
 * @param webMm over both legs
 * @param legMm from the web's back to a leg's edge
 * @param from id of a hole of the nose
 * @param legsOut its web lies on the body; else it stands on its legs
 * @param welded its tabs are; else each is screwed through its web
 */
public record Channel(
    @Id String id,
    @NotBlank @Size(max = 80) String name,
    @NotNull Metal metal,
    @Within(min = 20, max = 150, kind = Kind.SIZE) double webMm,
    @Within(min = 5, max = 100, kind = Kind.SIZE) double legMm,
    @Within(min = 0.8, max = 8, kind = Kind.SIZE) double thicknessMm,
    @Id String from,
    @Id String to,
    boolean legsOut,
    boolean welded)
    implements Row {

  /** A bracket is a tab on it. */
  boolean under(Bracket bracket) {
    Bracket.Tie tie = bracket.tie();
    return tie != null && CrossChannel.holeId(id, tie.corner()).equals(tie.hole());
  }

  /** Between its holes; empty where one is not there, or there is no such section. */
  public Optional<CrossChannel> across(List<BodyHole> holes) {
    Optional<BodyHole> first = hole(holes, from);
    Optional<BodyHole> last = hole(holes, to);
    if (first.isEmpty() || last.isEmpty()) {
      return Optional.empty();
    }
    try {
      Name called = Name.given(id, Name.Noun.CROSS_CHANNEL, name);
      return Optional.of(new CrossChannel(called, stock(), first.get(), last.get(), legsOut));
    } catch (RefusedException e) {
      return Optional.empty(); // said on its own bench
    }
  }

  private static Optional<BodyHole> hole(List<BodyHole> holes, String id) {
    return holes.stream().filter(h -> h.name().id().equals(id)).findFirst();
  }

  /**
   * @throws roadbreeze.core.problem.BadInputException if none is so thick for its size
   */
  public ChannelStock stock() {
    return new ChannelStock(metal, Units.mm(webMm), Units.mm(legMm), Units.mm(thicknessMm));
  }
}
