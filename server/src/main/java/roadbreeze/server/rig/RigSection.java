package roadbreeze.server.rig;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Finding;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.row.DistinctIds;

/**
 * Truck and trailer as they are before anything is built on: a section of a job.
 *
 * @param ratings as the plates give them, null where none was read
 * @param traverses anemometer readings, as they were taken one after another
 * @param calibrations of the model by recorded drives, the newest last
 * @param marks of numbers that were measured or only assumed, by path from here
 */
@RecordBuilder
public record RigSection(
    @NotNull @Valid Vehicle vehicle,
    @NotNull @Valid Trailer trailer,
    @Nullable @Valid RatingsData ratings,
    @NotNull @Size(max = 12) @DistinctIds List<@NotNull @Valid AirTraverse> traverses,
    @NotNull @Valid FoundLines foundLines,
    @NotNull @Valid ElectricsData electrics,
    @NotNull @Valid FluidsData fluids,
    @NotNull @Size(max = 24) @DistinctIds List<@NotNull @Valid CalibrationData> calibrations,
    @NotNull @Size(max = 200) Map<String, Mark> marks)
    implements RigSectionBuilder.With {

  /** With another trailer behind it. */
  public RigSection pulling(Trailer other) {
    return withTrailer(other);
  }

  /** What the last traverse of a fan that the model is corrected by found of its pressure. */
  public OptionalDouble measuredFactor(FanPart fan) {
    Double factor = measuredFactors().get(fan.blades());
    return factor == null ? OptionalDouble.empty() : OptionalDouble.of(factor);
  }

  /** The factor to expect of fans that no traverse measured. */
  double otherFansFactor() {
    return roadbreeze.core.sizing.AirReading.ofOthers(List.copyOf(measuredFactors().values()));
  }

  private Map<FanPart.Blades, Double> measuredFactors() {
    Map<FanPart.Blades, Double> factors = new LinkedHashMap<>();
    for (AirTraverse traverse : traverses) {
      if (traverse.factor() != null) {
        factors.put(traverse.part().blades(), traverse.factor());
      }
    }
    return factors;
  }

  /** The calibration that verdicts count with; empty where none is used. */
  public Optional<CalibrationData> calibration() {
    return calibrations.stream().filter(CalibrationData::used).reduce((a, b) -> b);
  }

  /** There is an oil cooler in the coolant. */
  public boolean hasTank() {
    return vehicle.gearbox().inTankWattsPerKelvin() != null;
  }

  /** Ratings of truck, hitch and trailer that are passed; no cooling clears them. */
  public List<Finding> overRatings() {
    return ratings == null ? List.of() : ratings.passed(vehicle.massKg(), trailer.massKg());
  }
}
