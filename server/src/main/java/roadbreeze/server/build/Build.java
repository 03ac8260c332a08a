package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.server.parts.ChargeAirPart;
import roadbreeze.server.parts.PumpPart;
import roadbreeze.server.parts.RadiatorPart;
import roadbreeze.server.rig.Mark;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * One build of the truck, side by side with the others; how it is piped and hung is its own.
 *
 * @param radiator that replaces the truck's own, null where that stays
 * @param chargeAirCooler that replaces the truck's own, null where that stays
 * @param pump that replaces the truck's own, null where that stays
 * @param moved ids of obstacles that were moved out of the opening
 * @param bypassPinned the gearbox's own bypass is held open for good
 * @param tankPlace of the oil cooler in the coolant, null takes the radiator's outlet tank
 * @param parallel several oil coolers share the oil instead of passing it on
 * @param coolers auxiliary oil coolers in the order the oil reaches them
 * @param otherCoolers of the pack, through which neither coolant nor gearbox oil flows
 * @param marks of numbers that were measured or only assumed, by path from here
 */
@RecordBuilder
public record Build(
    @Id String id,
    @NotNull Kind kind,
    @NotBlank @Size(max = 40) String name,
    @NotNull @Valid Condition condition,
    @NotNull @Valid InFront inFront,
    @NotNull @Valid ThermostatData thermostat,
    @Nullable @Valid RadiatorPart radiator,
    @Nullable @Valid ChargeAirPart chargeAirCooler,
    @Nullable @Valid PumpPart pump,
    @NotNull @Size(max = 20) List<@Id String> moved,
    boolean bypassPinned,
    @NotNull OilOrder oilOrder,
    @Nullable OilElement.InTank.Place tankPlace,
    boolean parallel,
    @NotNull @Size(max = 3) @DistinctIds List<@NotNull @Valid FittedCooler> coolers,
    @NotNull @Size(min = 1, max = 4) @DistinctIds List<@NotNull @Valid FittedFan> fans,
    @NotNull @Size(max = 6) @DistinctIds List<@NotNull @Valid FittedOther> otherCoolers,
    @NotNull @Valid LinePlan lines,
    @NotNull @Valid MountPlan mounting,
    @NotNull @Valid WiringPlan wiring,
    @NotNull @Valid WorkPlan work,
    @NotNull @Valid FillData fill,
    @NotNull @Size(max = 200) Map<String, Mark> marks)
    implements Row, BuildBuilder.With {

  /** What a build is for. */
  public enum Kind {
    AS_FOUND,
    RESTORED,
    PLAN
  }

  /** What its electric fans draw together, as their sheets give it. */
  public double amps() {
    return fans.stream()
        .map(fan -> fan.part().amps())
        .filter(Objects::nonNull)
        .mapToDouble(amps -> amps)
        .sum();
  }
}
