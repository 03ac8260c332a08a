package roadbreeze.server.mounting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.space.Corner;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.core.space.Hanging;
import roadbreeze.server.build.Bracket.Tie;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Channel;
import roadbreeze.server.build.MountPlan;
import roadbreeze.server.message.Units;

/**
 * The channels of a build where they lie across, by id: those that can and whose holes are there.
 */
public record Channels(Map<String, CrossChannel> across) {

  static Channels of(Build build, List<BodyHole> holes) {
    Map<String, CrossChannel> across = new LinkedHashMap<>();
    for (Channel c : build.mounting().channels()) {
      c.across(holes).ifPresent(lies -> across.put(c.id(), lies));
    }
    return new Channels(across);
  }

  /** Places for tabs from a core's ears; that of a lower ear is on the tab of the upper one. */
  List<BodyHole> holes(Hanging hanging, String cooler, MountPlan plan) {
    List<BodyHole> holes = new ArrayList<>();
    for (CrossChannel channel : across.values()) {
      for (Corner corner : Corner.values()) {
        double under =
            corner.upper()
                ? 0
                : plan.tab(channel.name().id(), cooler, corner.acrossFrom())
                    .map(b -> Units.mm(b.thicknessMm()))
                    .orElse(0.0);
        channel.hole(corner, hanging.ear(corner), under).ifPresent(holes::add);
      }
    }
    return holes;
  }

  /** What a bracket is a tab on; empty where it goes to the body itself. */
  Optional<CrossChannel> under(Tie tie) {
    return across.values().stream()
        .filter(c -> CrossChannel.holeId(c.name().id(), tie.corner()).equals(tie.hole()))
        .findFirst();
  }
}
