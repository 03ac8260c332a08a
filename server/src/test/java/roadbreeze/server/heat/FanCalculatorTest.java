package roadbreeze.server.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.server.Jobs;
import roadbreeze.server.job.JobContent;

class FanCalculatorTest {
  private static FanReport report(JobContent job) {
    return FanCalculator.report(job, job.build(Jobs.RESTORED));
  }

  /** Pressure of a curve's broken line at a flow. */
  private static double on(List<FanReport.Point> curve, double flow) {
    for (int i = 1; i < curve.size(); i++) {
      FanReport.Point a = curve.get(i - 1);
      FanReport.Point b = curve.get(i);
      if (flow >= a.flow() && flow <= b.flow()) {
        double share = (flow - a.flow()) / (b.flow() - a.flow());
        return a.pressurePa() + share * (b.pressurePa() - a.pressurePa());
      }
    }
    throw new AssertionError("the curve does not reach " + flow);
  }

  @Test
  void theFanWorksWhereItsCurveMeetsThePack() {
    FanReport.FanState fan = report(Jobs.HIVE).fans().get(0);
    assertThat(fan.at())
        .extracting(FanReport.AtSpeed::speedKmh)
        .containsExactly(0.0, 30.0, 60.0, 90.0);
    for (FanReport.AtSpeed at : fan.at()) {
      if (at.flow() <= fan.curve().get(fan.curve().size() - 1).flow()) {
        assertThat(on(fan.curve(), at.flow())).isCloseTo(at.pressurePa(), within(4.0));
      }
      // The pack's line runs through the same point.
      FanReport.Point nearest =
          at.pack().stream()
              .min(Comparator.comparingDouble(p -> Math.abs(p.pressurePa() - at.pressurePa())))
              .orElseThrow();
      assertThat(nearest.flow()).isCloseTo(at.flow(), within(0.06));
    }
    assertThat(fan.at().get(0).flow()).isLessThan(fan.freeFlow());
    assertThat(fan.at()).isSortedAccordingTo(Comparator.comparingDouble(FanReport.AtSpeed::flow));
  }

  @Test
  void aWeakFanMovesItsShareAndAnEstimateIsMarked() {
    FanReport.FanState full = report(Jobs.HIVE).fans().get(0);
    FanReport.FanState weak =
        FanCalculator.report(Jobs.HIVE, Jobs.HIVE.builds().get(0)).fans().get(0);
    assertThat(weak.speedShare()).isCloseTo(0.70, within(1e-9));
    assertThat(weak.freeFlow()).isCloseTo(0.70 * full.freeFlow(), within(1e-9));
    // A core's drag rises slower than the square of flow and hot air is thin: less than its share.
    assertThat(weak.at().get(0).flow() / full.at().get(0).flow()).isBetween(0.58, 0.70);
    assertThat(full.estimated()).isFalse();
    JobContent boxOnly = Jobs.with(Jobs.HIVE, "builds.restored.fans.fan-1.part.shutoffPa", null);
    assertThat(report(boxOnly).fans().get(0).estimated()).isTrue();
  }

  @Test
  void aClutchedFanFollowsTheEngineOfTheHaul() {
    FanReport.FanState fan = report(Jobs.TILT_TRAY).fans().get(0);
    assertThat(fan.speedShare()).isBetween(0.2, 1.1);
  }
}
