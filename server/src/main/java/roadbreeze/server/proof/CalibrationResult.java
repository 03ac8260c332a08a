package roadbreeze.server.proof;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.Calibrated;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.roadlog.Calibration;
import roadbreeze.core.roadlog.CalibrationSays;
import roadbreeze.core.roadlog.SensorOffset;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.message.Said;
import roadbreeze.server.rig.CalibrationData;

/**
 * What recorded drives make of a truck's model; nothing of it counts until a person accepts it.
 *
 * @param correlation of the rows, in their order
 * @param beforeK root mean square of what the model was off by, untuned
 * @param checks drives that were left out of it
 * @param drifted something is less than it was at the calibration before: look at the truck
 * @param data that is kept with the truck if it is accepted
 */
public record CalibrationResult(
    List<TunedRow> rows,
    List<List<Double>> correlation,
    int readings,
    double beforeK,
    double afterK,
    List<CheckedRun> checks,
    List<Said> says,
    boolean drifted,
    CalibrationData data) {

  /**
   * A number that was sought.
   *
   * @param of code of its words
   * @param gauge it is an offset in K, no factor
   * @param prior nine-in-ten half width before
   * @param spread nine-in-ten half width that is left
   * @param told the drives said something of it
   */
  public record TunedRow(
      String of, boolean gauge, double value, double prior, double spread, boolean told) {}

  /** A drive that was left out: what the model is off by on it, untuned and tuned. */
  public record CheckedRun(String run, double beforeK, double afterK) {}

  static CalibrationResult of(
      Calibration c,
      Setup setup,
      Build build,
      String id,
      Instant at,
      List<String> runs,
      Optional<CalibrationData> last) {
    List<Finding> says = new ArrayList<>(c.says());
    List<Finding> drift = last.map(l -> drift(c, l)).orElse(List.of());
    says.addAll(0, drift);
    return new CalibrationResult(
        c.fitted().stream()
            .map(
                f ->
                    new TunedRow(
                        f.of().key(),
                        f.of() instanceof SensorOffset,
                        f.value(),
                        f.prior(),
                        f.spread(),
                        f.told()))
            .toList(),
        rows(c.correlation()),
        c.readings(),
        c.before(),
        c.after(),
        c.checks().stream().map(k -> new CheckedRun(k.run(), k.before(), k.after())).toList(),
        Said.of(says),
        !drift.isEmpty(),
        data(c, setup, build, id, at, runs));
  }

  private static CalibrationData data(
      Calibration c, Setup setup, Build build, String id, Instant at, List<String> runs) {
    Calibrated known = c.of(setup);
    List<CalibrationData.TunedFactor> factors = new ArrayList<>();
    List<CalibrationData.TunedGauge> gauges = new ArrayList<>();
    for (Calibration.Fitted f : c.fitted()) {
      if (f.of() instanceof SensorOffset gauge) {
        gauges.add(new CalibrationData.TunedGauge(gauge, f.value(), f.spread()));
      } else if (known.fitted().contains((Factor) f.of())) {
        factors.add(new CalibrationData.TunedFactor((Factor) f.of(), f.value(), f.spread()));
      }
    }
    return new CalibrationData(
        id,
        at,
        "",
        runs,
        true,
        build.radiator(),
        build.fans().stream().map(FittedFan::part).toList(),
        factors,
        rows(known.covariance()),
        gauges,
        c.before(),
        c.after(),
        c.readings());
  }

  private static List<List<Double>> rows(double[][] square) {
    return Arrays.stream(square).map(row -> Arrays.stream(row).boxed().toList()).toList();
  }

  /** What falls as trucks age: fins, fans and the oil's flow. */
  private static final List<Factor> AGES =
      List.of(Factor.CORE_CONDUCTANCE, Factor.FAN_PRESSURE, Factor.OIL_FLOW);

  private static List<Finding> drift(Calibration now, CalibrationData last) {
    List<Finding> drift = new ArrayList<>();
    for (Calibration.Fitted f : now.fitted()) {
      for (CalibrationData.TunedFactor before : last.factors()) {
        if (f.of() == before.factor() && AGES.contains(before.factor())) {
          double spread = Math.hypot(f.spread(), before.spread());
          double change = f.value() / before.value() - 1;
          if (change < -spread) {
            drift.add(CalibrationSays.DRIFTED.with(before.factor(), -change, spread));
          }
        }
      }
    }
    return drift;
  }
}
