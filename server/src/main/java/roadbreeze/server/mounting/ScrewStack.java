package roadbreeze.server.mounting;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.fastener.Stack;
import roadbreeze.core.fastener.Stack.Layer;
import roadbreeze.core.fastener.Stack.What;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.space.Hanging;
import roadbreeze.core.space.ToolAccess;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;

/**
 * What goes on a screw at one end of a bracket, from its head on.
 *
 * @param atEar at the cooler's ear, not at the body
 * @param sharedWith what the body's hole holds as well, null for nothing
 * @param screwMm length to buy, null on a stud or where none is sold
 * @param insertDrillMm for a rivet nut, null where there is none
 * @param tool that gets on its head
 * @param inTheWay of a socket, null where one gets on
 */
public record ScrewStack(
    String bracket,
    boolean atEar,
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

  /** One thing on the screw. */
  public record StackLayer(What what, double mm) {}

  /** Both ends of a bracket that is tied. */
  static List<ScrewStack> of(Bracket bracket, Ties ties, BodyHole hole) {
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
            bracket,
            true,
            hole,
            Stack.throughNut(through, ear),
            access.of(face, Direction.FORWARD, through)));
    Stack body =
        switch (hole.sort()) {
          case THREADED -> Stack.intoThread(hole.thread(), hole.free(), List.of(strip));
          case STUD -> Stack.onStud(hole.thread(), hole.free(), List.of(strip));
          case PLAIN ->
              Stack.intoInsert(
                  hole.thread(), hole.free() > 0 ? hole.free() : USUAL_SHEET, List.of(strip));
        };
    ToolAccess.Reached reached = access.of(hole.at(), hole.looks(), hole.thread());
    stacks.add(of(bracket, false, hole, body, reached));
    return stacks;
  }

  private static ScrewStack of(
      Bracket bracket, boolean atEar, BodyHole hole, Stack stack, ToolAccess.Reached reached) {
    List<Finding> findings = new ArrayList<>(stack.findings());
    if (reached.tool() == ToolAccess.Tool.NONE) {
      findings.add(ToolAccess.Fault.NO_TOOL.with(reached.inTheWay().orElseThrow()));
    }
    boolean insert = stack.layers().stream().anyMatch(l -> l.what() == What.INSERT);
    return new ScrewStack(
        bracket.id(),
        atEar,
        atEar ? null : hole.holds().orElse(null),
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
