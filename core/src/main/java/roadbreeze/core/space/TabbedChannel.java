package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.bracket.Bracket;
import roadbreeze.core.bracket.ChannelStock;
import roadbreeze.core.bracket.StripStock;
import roadbreeze.core.bracket.Support;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.BodyHole;

/** A channel across, with the tabs on it that hold a core. */
public record TabbedChannel(CrossChannel channel, List<Hanging.Tied> tabs) {
  /** A length of channel is worth so much of strip (-); own default. */
  private static final double OF_STRIP = 0.5;

  /** All of a core's face shaded is worth so much of strip, m; own default. */
  private static final double SHADED = 1;

  /**
   * For some ears of a core the channel between two holes with tabs to them that is the least
   * trouble, of the lightest section that holds, of the heaviest where none does; empty where no
   * channel reaches them.
   *
   * @param sections lightest first
   * @param name of the channel
   */
  public static Optional<TabbedChannel> proposed(
      Hanging hanging,
      List<Corner> row,
      List<BodyHole> holes,
      List<ChannelStock> sections,
      StripStock strip,
      Name name,
      Predicate<TabbedChannel> holds) {
    Optional<TabbedChannel> last = Optional.empty();
    for (ChannelStock section : sections) {
      Optional<TabbedChannel> found = least(hanging, holes, section, strip, name, row);
      if (found.isPresent()) {
        last = found;
        if (holds.test(found.get())) {
          break;
        }
      }
    }
    return last;
  }

  /** A channel that could be, and no more strip than which its tabs cannot do with. */
  private record Thought(CrossChannel channel, double least) {}

  private static Optional<TabbedChannel> least(
      Hanging hanging,
      List<BodyHole> holes,
      ChannelStock section,
      StripStock strip,
      Name name,
      List<Corner> row) {
    List<Thought> thoughts = new ArrayList<>();
    for (int i = 0; i < holes.size(); i++) {
      for (int j = 0; j < i; j++) {
        for (boolean legsOut : new boolean[] {true, false}) {
          CrossChannel channel =
              new CrossChannel(name, section, holes.get(j), holes.get(i), legsOut);
          if (row.stream().allMatch(c -> reaches(channel, c, hanging))) {
            double levers =
                row.stream().mapToDouble(c -> Math.abs(channel.lever(hanging.ear(c)))).sum();
            thoughts.add(new Thought(channel, own(channel, hanging) + levers));
          }
        }
      }
    }
    thoughts.sort(Comparator.comparingDouble(Thought::least));
    Optional<TabbedChannel> best = Optional.empty();
    double trouble = Double.POSITIVE_INFINITY;
    for (Thought t : thoughts) {
      // What follows cannot be less trouble than what is found.
      if (t.least >= trouble) {
        break;
      }
      Optional<TabbedChannel> found = of(t.channel, hanging, row, strip);
      if (found.isPresent() && found.get().trouble(hanging) < trouble) {
        best = found;
        trouble = found.get().trouble(hanging);
      }
    }
    return best;
  }

  private static boolean reaches(CrossChannel channel, Corner corner, Hanging hanging) {
    Vector3D ear = hanging.ear(corner);
    return channel.hole(corner, ear, 0).isPresent()
        && Math.abs(channel.lever(ear)) <= Hanging.REACH;
  }

  /**
   * What it holds a core by.
   *
   * @param rubber stiffness of the isolator at each ear, N/m; empty where there is none
   */
  public Support support(Hanging hanging, OptionalDouble rubber) {
    return new Support.Channel(
        channel.stock(),
        channel.span(),
        tabs.stream()
            .map(
                t -> {
                  Bracket bent = t.form().bracket();
                  Support.Strip strip = new Support.Strip(bent.stock(), bent.reach(), rubber);
                  return channel.tab(hanging.ear(t.corner()), strip);
                })
            .toList());
  }

  /**
   * Tabs to the ears of a core that are nearest on either side of a channel: none past them to
   * those farther off.
   */
  public static TabbedChannel nearest(CrossChannel channel, Hanging hanging, StripStock strip) {
    List<Corner> near =
        Arrays.stream(Corner.values())
            .filter(
                corner -> {
                  double lever = channel.lever(hanging.ear(corner));
                  double other = channel.lever(hanging.ear(corner.acrossFrom()));
                  return lever * other <= 0 || Math.abs(lever) < Math.abs(other);
                })
            .toList();
    return new TabbedChannel(channel, tabs(channel, hanging, near, strip));
  }

  /** Those that reach. A lower one lies on an upper one that has the same screw. */
  private static List<Hanging.Tied> tabs(
      CrossChannel channel, Hanging hanging, List<Corner> corners, StripStock strip) {
    List<Hanging.Tied> tabs = new ArrayList<>();
    for (Corner corner : corners) {
      boolean over = tabs.stream().anyMatch(t -> t.corner() == corner.acrossFrom());
      channel
          .hole(corner, hanging.ear(corner), over ? strip.thickness() : 0)
          .flatMap(hole -> hanging.simplest(corner, hole, strip))
          .ifPresent(tabs::add);
    }
    return List.copyOf(tabs);
  }

  /** Empty where metal is in its way, or not each of the corners gets a tab. */
  private static Optional<TabbedChannel> of(
      CrossChannel channel, Hanging hanging, List<Corner> corners, StripStock strip) {
    List<Hanging.Tied> tabs = tabs(channel, hanging, corners, strip);
    return tabs.size() == corners.size() && channel.blocked(hanging).isEmpty()
        ? Optional.of(new TabbedChannel(channel, tabs))
        : Optional.empty();
  }

  private static double own(CrossChannel channel, Hanging hanging) {
    return OF_STRIP * channel.length() + SHADED * channel.shades(hanging.cooler());
  }

  private double trouble(Hanging hanging) {
    return own(channel, hanging) + tabs.stream().mapToDouble(Hanging.Tied::trouble).sum();
  }
}
