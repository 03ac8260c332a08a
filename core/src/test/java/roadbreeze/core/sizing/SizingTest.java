package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hipparchus.stat.descriptive.StreamingStatistics;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.rig.Assumed;
import roadbreeze.core.vehicle.RoadLoad;

class SizingTest {
  @Test
  void theBandIsThatOfDraws() {
    Rig rig = WorkedCase.rig(true);
    Uncertainty band = Uncertainty.of(rig, WorkedCase.CLIMB);
    Random random = new Random(7);
    StreamingStatistics coolant = new StreamingStatistics();
    StreamingStatistics sump = new StreamingStatistics();
    for (int i = 0; i < 2000; i++) {
      double[] f = new double[Factor.values().length];
      Arrays.fill(f, 1);
      for (int k = 0; k < Uncertainty.SOURCES.size(); k++) {
        f[k] = 1 + Uncertainty.SOURCES.get(k).spread() / 1.645 * random.nextGaussian();
      }
      Balance b = new SteadyBalance(rig, Factors.of(f)).solve(WorkedCase.CLIMB);
      coolant.addValue(b.coolant());
      sump.addValue(b.sump());
    }
    // Linearised against drawn: within a tenth, the sampling error of 2000 draws and curvature.
    double drawnCoolant = 1.645 * coolant.getStandardDeviation();
    double drawnSump = 1.645 * sump.getStandardDeviation();
    assertThat(band.coolant()).isCloseTo(drawnCoolant, within(0.12 * drawnCoolant));
    assertThat(band.sump()).isCloseTo(drawnSump, within(0.12 * drawnSump));
  }

  @Test
  void aLimitIsKeptOnlyInNineOfTen() {
    assertThat(new Margin(100, 112, 5).standing()).isEqualTo(Standing.HOLDS);
    assertThat(new Margin(110, 112, 5).standing()).isEqualTo(Standing.MARGINAL);
    assertThat(new Margin(112.1, 112, 5).standing()).isEqualTo(Standing.OVER);
  }

  @Test
  void theCoolerSavesThePanAndLeavesTheCoolantMarginal() {
    Headroom restored = Headroom.of(WorkedCase.rig(false), WorkedCase.CLIMB, Limits.DEFAULT, 100e3);
    Headroom plan = Headroom.of(WorkedCase.rig(true), WorkedCase.CLIMB, Limits.DEFAULT, 100e3);
    assertThat(restored.coolant().standing()).isEqualTo(Standing.MARGINAL);
    assertThat(restored.pan().standing()).isEqualTo(Standing.OVER);
    assertThat(plan.pan().standing()).isEqualTo(Standing.HOLDS);
    assertThat(plan.coolant().standing()).isEqualTo(Standing.MARGINAL);
    assertThat(plan.standing()).isEqualTo(Standing.MARGINAL);
  }

  @Test
  void moreAirIsWhatTheSlippingClimbLacks() {
    Rig rig = WorkedCase.rig(true);
    Balance now = new SteadyBalance(rig).solve(WorkedCase.SLIPPING);
    List<Levers.Effect> effects = Levers.of(rig, WorkedCase.SLIPPING, now);
    assertThat(effects).extracting(Levers.Effect::kind).containsExactly(Levers.Kind.values());
    Levers.Effect air = effects.get(0);
    Levers.Effect oilFlow = effects.get(2);
    assertThat(air.coolant()).isLessThan(-1).isLessThan(oilFlow.coolant());
  }

  @Test
  void theMapHasTheWorkedCaseInIt() {
    Rig rig = WorkedCase.rig(true);
    OperatingPoint base = new OperatingPoint(0.06, 75 / 3.6, 38, 600, true);
    Optional<MarginMap.Point>[][] map =
        MarginMap.compute(
            rig,
            base,
            MarginMap.Axes.AMBIENT_GRADE,
            new double[] {20, 38},
            new double[] {0, 0.03, 0.06, 0.30},
            Factors.NOMINAL);
    MarginMap.Point climb = map[1][2].orElseThrow();
    assertThat(climb.coolant())
        .isCloseTo(
            new SteadyBalance(WorkedCase.rig(true)).solve(WorkedCase.CLIMB).coolant(),
            within(1e-3));
    assertThat(map[0][0].orElseThrow().coolant()).isLessThan(climb.coolant());
    assertThat(map[1][3].orElseThrow().speed()).isLessThan(75 / 3.6);
    double lighter =
        MarginMap.compute(
                rig,
                base,
                MarginMap.Axes.AMBIENT_MASS,
                new double[] {38},
                new double[] {4900, 5900},
                Factors.NOMINAL)[0][1]
            .orElseThrow()
            .coolant();
    assertThat(lighter).isCloseTo(climb.coolant(), within(1e-3));
    assertThat(
            MarginMap.compute(
                    rig,
                    base,
                    MarginMap.Axes.SPEED_GRADE,
                    new double[] {40 / 3.6, 75 / 3.6},
                    new double[] {0.06},
                    Factors.NOMINAL)[1][0]
                .orElseThrow()
                .coolant())
        .isCloseTo(climb.coolant(), within(1e-3));
  }

  @Test
  void theNineInTenLineIsTheBandsOwn() {
    Rig rig = WorkedCase.rig(true);
    Headroom h = Headroom.of(rig, WorkedCase.CLIMB, Limits.DEFAULT, 100e3);
    Factors pushed = h.spread().nineInTen(Uncertainty.SOURCES, Uncertainty.Share::coolant);
    double peak = new SteadyBalance(rig, pushed).solve(WorkedCase.CLIMB).coolant();
    // Curvature is all that parts them.
    assertThat(peak).isCloseTo(h.coolant().nineInTen(), within(0.1 * h.coolant().band()));
  }

  @Test
  void whatNobodyMeasuredWidensTheBand() {
    Rig rig = WorkedCase.rig(true);
    Uncertainty.Doubt mass =
        new Uncertainty.Doubt(
            new Judge.Doubted(Assumed.VEHICLE_MASS, ""),
            rig.withLoad(new RoadLoad(6200, 0.010, 3.6)),
            rig.withLoad(new RoadLoad(5600, 0.010, 3.6)));
    Uncertainty sure = Uncertainty.of(rig, WorkedCase.CLIMB);
    Uncertainty unsure = Uncertainty.of(rig, WorkedCase.CLIMB, Uncertainty.SOURCES, List.of(mass));
    assertThat(unsure.coolant()).isGreaterThan(sure.coolant());
    assertThat(unsure.doubts().get(0).coolant()).isPositive();
    // An air traverse at the core takes most of the fan's doubt away.
    assertThat(Uncertainty.of(rig, WorkedCase.CLIMB, Uncertainty.TRAVERSED, List.of()).coolant())
        .isLessThan(sure.coolant());
  }
}
