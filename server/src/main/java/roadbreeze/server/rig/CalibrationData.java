package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.rig.Calibrated;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.roadlog.SensorOffset;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.parts.RadiatorPart;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * The model as recorded drives have tuned it to the truck, accepted by a person.
 *
 * @param by who accepted it
 * @param runs names of the drives
 * @param used verdicts count with it; of several the last
 * @param radiator that was driven with, null for the truck's own
 * @param fans the same, in their order
 * @param factors of the model, in the order of the covariance
 * @param covariance of these, relative, standard deviations squared
 * @param gauges by how much each reads too high
 * @param beforeK root mean square of what the model was off by, untuned
 */
@Whole
public record CalibrationData(
    @Id String id,
    @NotNull Instant at,
    @NotNull @Size(max = 40) String by,
    @NotNull @Size(max = 12) List<@NotNull @Size(max = 80) String> runs,
    boolean used,
    @Nullable @Valid RadiatorPart radiator,
    @NotNull @Size(max = 4) List<@NotNull @Valid FanPart> fans,
    @NotNull @Size(min = 1, max = 12) List<@NotNull @Valid TunedFactor> factors,
    @NotNull @Size(min = 1, max = 12)
        List<@NotNull @Size(min = 1, max = 12) List<@NotNull @Within(min = -1, max = 1) Double>>
            covariance,
    @NotNull @Size(max = 3) List<@NotNull @Valid TunedGauge> gauges,
    double beforeK,
    double afterK,
    int readings)
    implements Row {

  /**
   * A factor of the model.
   *
   * @param spread nine-in-ten half width
   */
  public record TunedFactor(
      @NotNull Factor factor,
      @Within(min = 0.3, max = 3) double value,
      @Within(min = 0, max = 1) double spread) {}

  /** By how much a gauge reads too high, K, and how sure that is. */
  public record TunedGauge(
      @NotNull SensorOffset gauge,
      @Within(min = -20, max = 20) double offsetK,
      @Within(min = 0, max = 20) double spreadK) {}

  /** The same, accepted by somebody; verdicts count with it or not. */
  public CalibrationData acceptedBy(String who, boolean counted) {
    return new CalibrationData(
        id,
        at,
        who,
        runs,
        counted,
        radiator,
        fans,
        factors,
        covariance,
        gauges,
        beforeK,
        afterK,
        readings);
  }

  /**
   * For a build of the truck.
   *
   * @param radiatorOfBuild part, null for the truck's own
   */
  public Calibrated toCore(
      Setup setup, @Nullable RadiatorPart radiatorOfBuild, List<FanPart> fansOfBuild) {
    Factors model = Factors.NOMINAL;
    List<Factor> fitted = new ArrayList<>();
    for (TunedFactor f : factors) {
      model = model.with(f.factor, f.value);
      fitted.add(f.factor);
    }
    double[][] square = new double[factors.size()][factors.size()];
    for (int i = 0; i < square.length; i++) {
      for (int j = 0; j < square.length; j++) {
        square[i][j] = covariance.get(i).get(j);
      }
    }
    return new Calibrated(
        model,
        fitted,
        square,
        Objects.equals(radiator, radiatorOfBuild)
            ? Optional.of(setup.radiator())
            : Optional.empty(),
        fans.equals(fansOfBuild) ? Optional.of(Calibrated.fansOf(setup)) : Optional.empty());
  }
}
