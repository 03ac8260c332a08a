package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.CoolerFit.Place;
import roadbreeze.core.rig.Turn;
import roadbreeze.server.nose.NoseRemotePlace;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.parts.CoolerPart;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * An oil cooler where it stands.
 *
 * @param turn from the way its sheet draws it
 * @param portsSwapped oil goes through it from its other port
 * @param gapMm between it and the core behind
 * @param sealed the gap is closed round its rim, so that no air gets round the cooler
 * @param ownFanM3s free-air flow of its own fan, null without one
 * @param ownFanSwitch what lets that run, null where it always does
 * @param remotePlace id of the measured place away from the pack that it hangs in, null where there
 *     is none
 * @param ratingFactor measured over estimated conductance, 1 where no rating is known
 */
@RecordBuilder
public record FittedCooler(
    @Id String id,
    @NotNull @Valid CoolerPart part,
    @NotNull Place place,
    @NotNull Turn turn,
    boolean portsSwapped,
    @Within(min = -1000, max = 2000, kind = Kind.SIZE) double leftMm,
    @Within(min = -1000, max = 2000, kind = Kind.SIZE) double bottomMm,
    @Within(min = 0, max = 300, kind = Kind.SIZE) double gapMm,
    boolean sealed,
    @Within(min = 0.02, max = 2, kind = Kind.AIRFLOW) Double ownFanM3s,
    @Nullable @Valid SwitchPoints ownFanSwitch,
    @Nullable @Size(max = 24) String remotePlace,
    @Within(min = 0.3, max = 3) double ratingFactor)
    implements Row, FittedCoolerBuilder.With {

  /** The measured place that it hangs in; empty in the pack, and where it is gone. */
  Optional<NoseRemotePlace> remote(NoseSection nose) {
    return place == Place.ELSEWHERE ? nose.remote(remotePlace) : Optional.empty();
  }

  /** The same blown by another fan of its own, switched as it was, or by none. */
  public FittedCooler withOwnFan(@Nullable Double freeFlow) {
    SwitchPoints points = freeFlow == null ? null : ownFanSwitch;
    return withOwnFanM3s(freeFlow).withOwnFanSwitch(points);
  }
}
