package roadbreeze.core.sizing;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.Setup;

/**
 * Readings of a hand anemometer against the model, truck standing; flows m³/s.
 *
 * @param fanFactor on the fan's pressure that makes the model pass what was measured, empty if it
 *     is the fan's speed that differs
 * @param speedShare of its proper speed that the fan reaches, empty if read at the core
 */
public record AirReading(
    double measured,
    double model,
    OptionalDouble fanFactor,
    OptionalDouble speedShare,
    Finding finding) {
  private static final double LEAST_FACTOR = 0.1;
  private static final double MOST_FACTOR = 3;

  /** A quarter of fan pressure is what the model is unsure by; this is well beyond; our own. */
  private static final double UNLIKELY_FACTOR = 1.4;

  /** What the readings say, and what makes them worth less. */
  public enum Says implements Code {
    FREE_AIR("measured AIRFLOW", "figure AIRFLOW", "speed PERCENT"),
    AT_CORE("measured AIRFLOW", "model AIRFLOW", "factor RATIO"),
    IMPOSSIBLE("measured AIRFLOW", "model AIRFLOW"),
    /** More than fan, fins and the ways in and out are unsure by, taken together. */
    UNLIKELY,
    FEW("count COUNT", "wanted COUNT"),
    NO_ENGINE_SPEED,
    NO_VOLTAGE,
    /** The pack it was read on is no longer among the builds. */
    BUILD_GONE,
    /** The model is corrected by another factor than the readings now give. */
    CORRECT_AGAIN("applied RATIO", "factor RATIO"),
    /** On equal terms one fan moves more than the other. */
    MORE(
        "first TEXT",
        "flow AIRFLOW",
        "second TEXT",
        "other AIRFLOW",
        "more AIRFLOW",
        "spread AIRFLOW"),
    /** The readings are not sharp enough to tell the fans apart. */
    NO_DIFFERENCE("first TEXT", "flow AIRFLOW", "second TEXT", "other AIRFLOW");

    private final List<Parameter> parameters;

    Says(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /**
   * Air that a fan moves, as sure as its readings make it.
   *
   * @param spread half width of nine in ten
   */
  public record Flow(double flow, double spread) {

    /** This fan against another on the same terms, the one that moves more named first. */
    public Finding against(String name, String otherName, Flow other) {
      if (other.flow > flow) {
        return other.against(otherName, name, this);
      }
      double both = Math.hypot(spread, other.spread);
      return flow - other.flow <= both
          ? Says.NO_DIFFERENCE.with(name, flow, otherName, other.flow)
          : Says.MORE.with(name, flow, otherName, other.flow, flow - other.flow, both);
    }
  }

  /**
   * Read before the fan alone, no core in its way.
   *
   * @param mean of the readings, m/s
   * @param setup in which the fan stands
   * @throws java.util.NoSuchElementException if the setup has no such fan
   */
  public static AirReading inFreeAir(double mean, Setup setup, FanRun run) {
    FanFit fan = fan(setup, run.fan());
    double diameter = fan.part().diameter();
    double measured = mean * fan.part().count() * Math.PI / 4 * diameter * diameter;
    int index = setup.fitting().fans().indexOf(fan);
    double proper =
        fan.part().curve().freeFlow()
            * StandingAir.ratio(Assembly.rig(setup).fanSettings().get(index).drive(), run);
    double share = Math.min(1, measured / proper);
    return new AirReading(
        measured,
        proper,
        OptionalDouble.empty(),
        OptionalDouble.of(share),
        Says.FREE_AIR.with(measured, proper, share));
  }

  /**
   * Read against the radiator's face, over all of it.
   *
   * @param mean of the readings, m/s
   * @param setup in which the fan stands
   */
  public static AirReading atCore(double mean, Setup setup, FanRun run, Air air) {
    double measured = mean * setup.radiator().outline().area();
    double now = StandingAir.of(setup, run, air);
    if (flow(setup, run, air, LEAST_FACTOR) >= measured
        || flow(setup, run, air, MOST_FACTOR) <= measured) {
      return new AirReading(
          measured,
          now,
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          Says.IMPOSSIBLE.with(measured, now));
    }
    double factor =
        new BracketingNthOrderBrentSolver(1e-9, 1e-9, 1e-9, 5)
            .solve(200, x -> flow(setup, run, air, x) - measured, LEAST_FACTOR, MOST_FACTOR);
    return new AirReading(
        measured,
        now,
        OptionalDouble.of(factor),
        OptionalDouble.empty(),
        Says.AT_CORE.with(measured, now, factor));
  }

  /** The readings ask for more than the model can be wrong by: rather they, or the pack, are. */
  public boolean unlikely() {
    return fanFactor.isPresent()
        && Math.abs(Math.log(fanFactor.getAsDouble())) > Math.log(UNLIKELY_FACTOR);
  }

  /** What a fan that was read would move in another pack, or at another speed. */
  public static Flow alike(Setup setup, FanRun run, Air air, double factor) {
    return new Flow(
        flow(setup, run, air, factor),
        (flow(setup, run, air, factor * (1 + Uncertainty.TRAVERSE_SPREAD))
                - flow(setup, run, air, factor * (1 - Uncertainty.TRAVERSE_SPREAD)))
            / 2);
  }

  /**
   * The factor to expect of fans that were not measured in this truck. What a traverse finds is
   * partly the fan's own and partly the pack's and its ways in and out, which all fans share: both
   * are about as unsure (15 % of fan pressure against 20 % of friction and 40 % of the ways), so
   * that of n fans measured, n/(n + 1) of their mean is taken for the pack's.
   *
   * @param measured factors, one for each fan
   */
  public static double ofOthers(List<Double> measured) {
    double sum = measured.stream().mapToDouble(Math::log).sum();
    return Math.exp(sum / (measured.size() + 1));
  }

  private static double flow(Setup setup, FanRun run, Air air, double factor) {
    UnaryOperator<FanFit> corrected =
        fan ->
            fan.name().id().equals(run.fan())
                ? fan.withMeasuredFactor(OptionalDouble.of(factor))
                : fan;
    List<FanFit> fans = setup.fitting().fans().stream().map(corrected).toList();
    return StandingAir.of(setup.with(setup.fitting().withFans(fans)), run, air);
  }

  private static FanFit fan(Setup setup, String id) {
    return setup.fitting().fans().stream()
        .filter(f -> f.name().id().equals(id))
        .findFirst()
        .orElseThrow();
  }
}
