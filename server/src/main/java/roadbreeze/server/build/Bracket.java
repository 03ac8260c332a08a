package roadbreeze.server.build;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.bracket.Hole;
import roadbreeze.core.bracket.Metal;
import roadbreeze.core.bracket.Step;
import roadbreeze.core.bracket.StripStock;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.space.Corner;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * A bracket of strip, as it is cut, drilled and bent.
 *
 * @param steps along the strip, a leg first and last, a bend or a twist between any two
 * @param tie from which hole of a cooler to which of the body, null where nobody has said
 * @param tabMm length of a tab welded across its last end, 0 for none
 */
public record Bracket(
    @Id String id,
    @NotBlank @Size(max = 80) String name,
    @Within(min = 1, max = 20, kind = Kind.COUNT) int quantity,
    @NotNull Metal metal,
    @Within(min = 0.5, max = 12, kind = Kind.SIZE) double thicknessMm,
    @Within(min = 5, max = 200, kind = Kind.SIZE) double widthMm,
    @Within(min = 0, max = 50, kind = Kind.SIZE) double insideRadiusMm,
    @NotNull @Size(min = 1, max = 21) @DistinctIds List<@NotNull @Valid BracketStep> steps,
    @NotNull @Size(max = 12) @DistinctIds List<@NotNull @Valid BracketHole> holes,
    @Nullable @Valid Tie tie,
    @Within(min = 0, max = 500, kind = Kind.SIZE) double tabMm)
    implements Row {

  /** What comes next along a strip; of a leg its length, of a bend its angle, of a twist both. */
  public record BracketStep(
      @Id String id,
      @NotNull What kind,
      @Within(min = 0, max = 2000, kind = Kind.SIZE) double lengthMm,
      @Within(min = -180, max = 180, kind = Kind.ANGLE) double degrees)
      implements Row {
    /** Kinds of steps. */
    public enum What {
      LEG,
      BEND,
      TWIST
    }

    Step toCore() {
      double angle = Units.si(degrees, Kind.ANGLE);
      return switch (kind) {
        case LEG -> new Step.Leg(Units.mm(lengthMm));
        case BEND -> new Step.Bend(angle);
        case TWIST -> new Step.Twist(angle, Units.mm(lengthMm));
      };
    }
  }

  /**
   * A hole or a slot.
   *
   * @param leg id of the leg that it is in
   * @param atMm its middle from the leg's start
   * @param acrossMm its middle from the strip's middle line
   * @param slotMm what a slot has more along the strip, 0 for a round hole
   */
  public record BracketHole(
      @Id String id,
      @Id String leg,
      @Within(min = 0, max = 2000, kind = Kind.SIZE) double atMm,
      @Within(min = -100, max = 100, kind = Kind.SIZE) double acrossMm,
      @Within(min = 1, max = 50, kind = Kind.SIZE) double diameterMm,
      @Within(min = 0, max = 200, kind = Kind.SIZE) double slotMm)
      implements Row {}

  /** From one hole of a cooler to one of the body, or to its place on a channel. */
  public record Tie(@Id String cooler, @NotNull Corner corner, @Id String hole) {}

  public StripStock stock() {
    return new StripStock(
        metal, Units.mm(widthMm), Units.mm(thicknessMm), Units.mm(insideRadiusMm));
  }

  /**
   * @throws roadbreeze.core.problem.BadInputException if it cannot be
   */
  public roadbreeze.core.bracket.Bracket toCore() {
    List<String> legs =
        steps.stream().filter(s -> s.kind() == BracketStep.What.LEG).map(BracketStep::id).toList();
    return new roadbreeze.core.bracket.Bracket(
        stock(),
        steps.stream().map(BracketStep::toCore).toList(),
        holes.stream()
            .map(
                h ->
                    new Hole(
                        legs.indexOf(h.leg()),
                        Units.mm(h.atMm()),
                        Units.mm(h.acrossMm()),
                        Units.mm(h.diameterMm()),
                        Units.mm(h.slotMm())))
            .toList());
  }
}
