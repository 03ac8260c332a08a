package roadbreeze.server.mounting;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.fastener.Stack;
import roadbreeze.core.fastener.Stack.Layer;
import roadbreeze.core.fastener.Stack.What;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.core.space.Hanging;
import roadbreeze.core.space.ToolAccess;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.MountPlan;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;

/**
 * What goes on a screw at one end of a bracket or a channel, from its head on.
 *
 * @param piece id of the bracket or the channel
 * @param sharedWith what the body's hole holds as well, null for nothing
 * @param screwMm length to buy, null on a stud or where none is sold
 * @param insertDrillMm for a rivet nut, null where there is none
 * @param tool that gets on its head
 * @param inTheWay of a socket, null where one gets on
 */
public record ScrewStack(
    String piece,
    End end,
    @Nullable String sharedWith,
    ScrewThread thread,
    List<StackLayer> layers,
    double gripMm,
    @Nullable Double screwMm,
    double engagedMm,
    double torqueNm,
    @Nullable Double insertDrillMm,
    Stack.Keeps keeps,
    ToolAccess.Tool tool,
    @Nullable Said.PartName inTheWay,
    List<Said> findings) {

  /** Thickness of the body's sheet where a plain hole is, mm: own default, to be measured. */
  private static final double USUAL_SHEET = 1.5e-3;

  /** Where the screw is. */
  public enum End {
    /** The cooler's. */
    EAR,
    BODY,
    /** Of a tab, on its channel. */
    CHANNEL,
    /** Of a channel, on the body. */
    FIRST,
    LAST
  }

  /** Tabs are put on their channel before that goes up. */
  private static final ToolAccess.Reached ON_THE_BENCH =
      new ToolAccess.Reached(ToolAccess.Tool.SOCKET, Optional.empty());

  /** One thing on the screw. */
  public record StackLayer(What what, double mm) {}

  /**
   * Both ends of a bracket that is tied; of a tab that is welded on, or lies under another on one
   * screw, the one at its ear.
   */
  static List<ScrewStack> of(Bracket bracket, MountPlan plan, Ties ties, BodyHole hole) {
    List<ScrewStack> stacks = new ArrayList<>();
    Layer strip = new Layer(What.STRIP, Units.mm(bracket.thicknessMm()));
    List<Layer> ear = new ArrayList<>();
    if (ties.hanging().standOff() > 0) {
      ear.add(new Layer(What.ISOLATOR, ties.hanging().standOff()));
    }
    ear.add(new Layer(What.EAR, ties.hanging().ears().thickness()));
    ear.add(strip);
    ScrewThread through = ScrewThread.through(ties.hanging().ears().hole());
    Hanging hanging = ties.hanging();
    ToolAccess access = new ToolAccess(hanging.solids(), hanging.cores());
    Vector3D face =
        hanging
            .ears()
            .at(hanging.cooler(), bracket.tie().corner())
            .add(Direction.FORWARD.vector().scalarMultiply(hanging.ears().thickness() / 2));
    stacks.add(
        of(
            bracket.id(),
            End.EAR,
            hole,
            Stack.throughNut(through, ear),
            access.of(face, Direction.FORWARD, through)));
    Optional<CrossChannel> channel = ties.channels().under(bracket.tie());
    ToolAccess.Reached reached = access.of(hole.at(), hole.looks(), hole.thread());
    if (channel.isEmpty()) {
      stacks.add(of(bracket.id(), End.BODY, hole, body(hole, List.of(strip)), reached));
    } else if (!plan.welded(bracket) && !under(bracket, plan, channel.get())) {
      List<Layer> layers = new ArrayList<>(List.of(strip));
      other(bracket, plan, channel.get())
          .ifPresent(b -> layers.add(new Layer(What.STRIP, Units.mm(b.thicknessMm()))));
      layers.add(new Layer(What.CHANNEL, channel.get().stock().thickness()));
      Stack screw = Stack.throughNut(hole.thread(), layers);
      stacks.add(of(bracket.id(), End.CHANNEL, hole, screw, ON_THE_BENCH));
    }
    return stacks;
  }

  /** The tab to the ear over or under that of another, on the same screw. */
  private static Optional<Bracket> other(Bracket tab, MountPlan plan, CrossChannel channel) {
    Bracket.Tie tie = tab.tie();
    return plan.tab(channel.name().id(), tie.cooler(), tie.corner().acrossFrom());
  }

  /** Its screw is told with the tab that lies on it. */
  private static boolean under(Bracket tab, MountPlan plan, CrossChannel channel) {
    return tab.tie().corner().upper() && other(tab, plan, channel).isPresent();
  }

  /** Both ends of a channel, packed where its holes lie at different depths. */
  static List<ScrewStack> of(CrossChannel channel, ToolAccess access) {
    return List.of(
        of(channel, End.FIRST, channel.from(), channel.packingFrom(), access),
        of(channel, End.LAST, channel.to(), channel.packingTo(), access));
  }

  private static ScrewStack of(
      CrossChannel channel, End end, BodyHole hole, double packing, ToolAccess access) {
    List<Layer> layers = new ArrayList<>();
    layers.add(new Layer(What.CHANNEL, channel.stock().thickness()));
    if (!channel.legsOut()) {
      layers.add(new Layer(What.TUBE, channel.depth() - channel.stock().thickness()));
    }
    if (packing > 0) {
      layers.add(new Layer(What.PACKING, packing));
    }
    double head = packing + channel.depth();
    Vector3D at = hole.at().add(hole.looks().vector().scalarMultiply(head));
    return of(
        channel.name().id(),
        end,
        hole,
        body(hole, layers),
        access.of(at, hole.looks(), hole.thread()));
  }

  private static Stack body(BodyHole hole, List<Layer> layers) {
    return switch (hole.sort()) {
      case THREADED -> Stack.intoThread(hole.thread(), hole.free(), layers);
      case STUD -> Stack.onStud(hole.thread(), hole.free(), layers);
      case PLAIN ->
          Stack.intoInsert(hole.thread(), hole.free() > 0 ? hole.free() : USUAL_SHEET, layers);
    };
  }

  private static ScrewStack of(
      String piece, End end, BodyHole hole, Stack stack, ToolAccess.Reached reached) {
    List<Finding> findings = new ArrayList<>(stack.findings());
    if (reached.tool() == ToolAccess.Tool.NONE) {
      findings.add(ToolAccess.Fault.NO_TOOL.with(reached.inTheWay().orElseThrow()));
    }
    boolean insert = stack.layers().stream().anyMatch(l -> l.what() == What.INSERT);
    return new ScrewStack(
        piece,
        end,
        end == End.EAR ? null : hole.holds().orElse(null),
        stack.thread(),
        stack.layers().stream().map(l -> new StackLayer(l.what(), l.thickness() * 1000)).toList(),
        stack.grip() * 1000,
        stack.screw().isEmpty() ? null : stack.screw().getAsDouble() * 1000,
        stack.engaged() * 1000,
        stack.torque(),
        insert ? stack.thread().insertDrill() * 1000 : null,
        stack.keeps(),
        reached.tool(),
        reached.inTheWay().map(Said.PartName::of).orElse(null),
        Said.of(findings));
  }
}
