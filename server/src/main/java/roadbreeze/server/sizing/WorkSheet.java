package roadbreeze.server.sizing;

import java.util.List;
import roadbreeze.server.bracket.MountingStrip;
import roadbreeze.server.line.LineResult;

/** Everything a bay needs to do one build, computed afresh. */
public record WorkSheet(
    Assessment assessment,
    int build,
    List<PartLine> parts,
    LineResult lines,
    List<MountingStrip.Flat> strips,
    SwitchResult switching,
    List<FluidLine> fluids,
    List<StepLine> steps,
    int minutes) {
  /** A part to fit. */
  public record PartLine(String what, String detail, String why) {}

  /** A fluid to fill. */
  public record FluidLine(String what, String amount, String note) {}

  /** A step in working order. */
  public record StepLine(
      int number, String title, String how, int minutes, List<String> cautions) {}
}
