package roadbreeze.server.fill;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.fill.FillStage;
import roadbreeze.core.fill.FillVacuum;
import roadbreeze.core.fill.FillWay;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.build.FillData;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * The fill of a build.
 *
 * @param way school of filling
 * @param drainedL that comes out of the loop, null where nothing is known of it
 * @param leftL that stays in the engine, null where the whole is not known
 * @param neededPercent share that the coldest morning asks for
 * @param refillPercent share of concentrate in what is filled
 * @param concentrateL null where the litres are not known
 * @param vacuumKpa most that is drawn at the road's height, under the air there
 * @param cap which of the caps holds
 * @param capTwice two of them do
 * @param oil null where how much there is or comes out is not known
 * @param oilAddedL what new hoses and coolers hold
 * @param others circuits that the build opens beside, by the codes of their parts
 */
public record FillResult(
    String way,
    @Nullable Double drainedL,
    @Nullable Double leftL,
    double foundPercent,
    double neededPercent,
    double wantedPercent,
    double refillPercent,
    @Nullable Double concentrateL,
    @Nullable Double waterL,
    double freezesC,
    double boilsC,
    double altitudeM,
    double vacuumKpa,
    Said cap,
    boolean capTwice,
    List<Said> coolantSays,
    List<StageSaid> fill,
    List<StageSaid> bleed,
    List<StageSaid> check,
    List<Said> airSigns,
    @Nullable OilSaid oil,
    double oilAddedL,
    List<StageSaid> level,
    List<Said> oilSays,
    List<String> others) {

  /** One thing of filling; watched for some minutes, 0 where it is done at once. */
  public record StageSaid(Said said, int holdMinutes) {
    public static List<StageSaid> of(List<FillStage> stages) {
      return stages.stream().map(s -> new StageSaid(Said.of(s.says()), s.hold())).toList();
    }
  }

  /**
   * How the gearbox's oil is renewed.
   *
   * @param allL of it
   * @param times drained and filled so often
   */
  public record OilSaid(double allL, double eachL, List<Renewed> times, Renewed exchange) {}

  /**
   * What some drains and fills come to, or an exchange by machine.
   *
   * @param percent of the oil that is new
   * @param cost null where the price of a litre is not known
   */
  public record Renewed(int times, double percent, double litres, @Nullable Double cost) {}

  /** Beyond so many nobody drains. */
  private static final int MOST = 6;

  private static final List<Part> BESIDE = List.of(Part.STEERING, Part.HYDRAULIC);

  public static FillResult of(JobContent job, Build build) {
    Filling f = new Filling(job, build);
    return new FillResult(
        f.way().name(),
        f.drained().map(FillResult::litres).orElse(null),
        f.mix().map(m -> litres(m.all() - m.drained())).orElse(null),
        f.found() * 100,
        f.needed() * 100,
        f.wanted() * 100,
        f.refillShare() * 100,
        f.filled().map(d -> litres(d * f.refillShare())).orElse(null),
        f.filled().map(d -> litres(d * (1 - f.refillShare()))).orElse(null),
        f.coolant().freezingPoint(),
        f.boils(),
        f.altitude(),
        FillVacuum.most(f.altitude()) / 1000,
        Said.of(f.caps()),
        build.fill().otherCap() == FillData.OtherCap.PRESSURE,
        Said.of(f.coolantFindings()),
        StageSaid.of(f.fill()),
        StageSaid.of(f.bleed()),
        StageSaid.of(f.check()),
        FillWay.airSigns().stream().map(Code::with).map(Said::of).toList(),
        oil(f, build.fill()),
        litres(f.oilAdded()),
        StageSaid.of(f.level()),
        Said.of(f.oilFindings()),
        BESIDE.stream()
            .filter(new Changes(build, job.found()).scope().parts()::contains)
            .map(Part::name)
            .toList());
  }

  private static @Nullable OilSaid oil(Filling filling, FillData fill) {
    return filling
        .oil()
        .map(
            o -> {
              List<Renewed> times = new ArrayList<>();
              for (int n = 1; n <= Math.max(3, Math.min(MOST, fill.drains())); n++) {
                times.add(renewed(n, o.renewed(n), o.takes(n), fill.oilPrice()));
              }
              Renewed exchange = renewed(0, 1, o.exchange(), fill.oilPrice());
              return new OilSaid(litres(o.all()), litres(o.each()), times, exchange);
            })
        .orElse(null);
  }

  private static Renewed renewed(int times, double share, double volume, @Nullable Double price) {
    Double cost = price == null ? null : litres(volume) * price;
    return new Renewed(times, share * 100, litres(volume), cost);
  }

  private static double litres(double cubicMetres) {
    return cubicMetres * 1000;
  }
}
