package roadbreeze.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.OilNetwork.Passed;
import roadbreeze.core.line.OilNetwork.What;

class OilNetworkTest {
  private static final TransmissionFluid OIL = TransmissionFluid.LEGACY;
  private static final double TEN = 10e-3 / 60;

  private static CoolerDrop cooler(double width, Bypass bypass) {
    return new CoolerDrop(WorkedCase.oilCooler(width, 0.19, 0.032).channels(), bypass);
  }

  private static PlannedHose hose(double length, double bore, int branch) {
    return new PlannedHose(new Line(length, bore, 4), branch);
  }

  /** The published split of two lines, here as two branches without anything else. */
  @ParameterizedTest
  @CsvSource({"90, 5.757, 13.42, 0.006", "0, 5.704, 272.5, 0.06"})
  void branchesShareAsPublished(double oil, double first, double drop, double tolerance) {
    OilNetwork.Piece one = new OilNetwork.Piece(What.HOSE, 0, new Line(3, 9.5e-3, 4));
    OilNetwork.Piece other = new OilNetwork.Piece(What.HOSE, 1, new Line(2, 8e-3, 4));
    OilNetwork network =
        new OilNetwork(List.of(), List.of(List.of(one), List.of(other)), Optional.empty());
    OilNetwork.Flow flow = network.at(TEN, OIL, oil);
    assertThat(flow.pieces().get(0).flow() * 60e3).isCloseTo(first, within(6e-4));
    assertThat(flow.pieces().get(1).flow() * 60e3).isCloseTo(10 - first, within(6e-4));
    assertThat(flow.drop() / 1000).isCloseTo(drop, within(tolerance));
  }

  /** Two coolers alike on hoses alike: half each, at the drop of one at half the flow. */
  @Test
  void twoAlikeTakeHalfEach() {
    List<PlannedHose> hoses =
        List.of(hose(1, 9.5e-3, 0), hose(1.2, 9.5e-3, 0), hose(1, 9.5e-3, 1), hose(1.2, 9.5e-3, 1));
    List<CoolerDrop> coolers = List.of(cooler(0.28, Bypass.NONE), cooler(0.28, Bypass.NONE));
    OilNetwork beside = OilNetwork.of(hoses, List.of(), coolers, true, Optional.empty());
    OilNetwork one =
        OilNetwork.of(
            hoses.subList(0, 2), List.of(), coolers.subList(0, 1), false, Optional.empty());
    OilNetwork.Flow flow = beside.at(TEN, OIL, 90);
    assertThat(flow.pieces()).hasSize(6);
    assertThat(flow.pieces())
        .allSatisfy(p -> assertThat(p.flow()).isCloseTo(TEN / 2, within(1e-9)));
    assertThat(flow.drop()).isCloseTo(one.drop(TEN / 2, OIL, 90), within(0.01));
    // Each cooler stands between the hoses of its own branch.
    assertThat(flow.pieces())
        .extracting(p -> p.piece().what())
        .containsExactly(What.HOSE, What.COOLER, What.HOSE, What.HOSE, What.COOLER, What.HOSE);
  }

  /** Against Newton's method on the pressures of the nodes, for random branches. */
  @Test
  void randomNetworksCloseAtEveryNodeAsNewtonHasThem() {
    Random random = new Random(11);
    for (int n = 0; n < 60; n++) {
      int branches = 2 + random.nextInt(2);
      List<PlannedHose> hoses = new ArrayList<>();
      List<CoolerDrop> coolers = new ArrayList<>();
      hoses.add(hose(0.3 + random.nextDouble(), 9.5e-3, PlannedHose.COMMON));
      for (int b = 0; b < branches; b++) {
        hoses.add(hose(0.3 + 2 * random.nextDouble(), 6e-3 + 6e-3 * random.nextDouble(), b));
        hoses.add(hose(0.3 + 2 * random.nextDouble(), 6e-3 + 6e-3 * random.nextDouble(), b));
        coolers.add(cooler(0.15 + 0.25 * random.nextDouble(), Bypass.NONE));
      }
      List<Filter> filters =
          List.of(Filter.of(random.nextInt(hoses.size()), 8e3, OIL, OptionalDouble.of(50e3)));
      OilNetwork network = OilNetwork.of(hoses, filters, coolers, true, Optional.empty());
      double oil = -25 + 140 * random.nextDouble();
      double flow = TEN * (0.1 + random.nextDouble());
      OilNetwork.Flow solved = network.at(flow, OIL, oil);
      double sum = 0;
      for (int b = 0; b < branches; b++) {
        int branch = b;
        List<Passed> own = solved.pieces().stream().filter(p -> p.branch() == branch).toList();
        double in = own.get(0).flow();
        assertThat(own).allSatisfy(p -> assertThat(p.flow()).isEqualTo(in));
        sum += in;
      }
      assertThat(sum).isCloseTo(flow, within(1e-6 * flow));
      double[] newton = newton(network, flow, oil);
      for (Passed p : solved.pieces()) {
        if (p.branch() != PlannedHose.COMMON) {
          assertThat(p.flow()).isCloseTo(newton[p.branch()], within(2e-4 * flow));
        }
      }
    }
  }

  /** Flows of the branches and the pressure over them, all unknown at once. */
  private static double[] newton(OilNetwork network, double flow, double oil) {
    int n = network.branches().size();
    double[] q = new double[n];
    Arrays.fill(q, flow / n);
    double pressure = branch(network, 0, flow / n, oil);
    for (int step = 0; step < 200; step++) {
      double[][] jacobian = new double[n + 1][n + 1];
      double[] left = new double[n + 1];
      for (int b = 0; b < n; b++) {
        double h = 1e-5 * flow;
        jacobian[b][b] =
            (branch(network, b, q[b] + h, oil) - branch(network, b, q[b] - h, oil)) / (2 * h);
        jacobian[b][n] = -1;
        jacobian[n][b] = 1;
        left[b] = pressure - branch(network, b, q[b], oil);
        left[n] -= q[b];
      }
      left[n] += flow;
      double[] by =
          new LUDecomposition(new Array2DRowRealMatrix(jacobian))
              .getSolver()
              .solve(new ArrayRealVector(left))
              .toArray();
      for (int b = 0; b < n; b++) {
        q[b] = Math.max(1e-3 * flow, q[b] + 0.7 * by[b]);
      }
      pressure += 0.7 * by[n];
    }
    return q;
  }

  private static double branch(OilNetwork network, int b, double q, double oil) {
    return network.branches().get(b).stream()
        .mapToDouble(p -> p.resistance().pressureDrop(q, OIL, oil))
        .sum();
  }

  /** A block lets cold oil across hoses and coolers; hot all of it goes through. */
  @Test
  void aBlockSparesThePumpACold() {
    List<PlannedHose> hoses = List.of(hose(1, 9.5e-3, -1), hose(1.2, 9.5e-3, -1));
    List<CoolerDrop> coolers = List.of(cooler(0.28, Bypass.NONE));
    OilNetwork open = OilNetwork.of(hoses, List.of(), coolers, false, Optional.empty());
    OilNetwork waxed =
        OilNetwork.of(hoses, List.of(), coolers, false, Optional.of(Bypass.waxed(80)));
    OilNetwork pressed =
        OilNetwork.of(hoses, List.of(), coolers, false, Optional.of(Bypass.byPressure(60e3)));
    assertThat(waxed.at(TEN, OIL, -10).past()).isEqualTo(TEN);
    assertThat(waxed.drop(TEN, OIL, -10)).isZero();
    assertThat(waxed.drop(TEN, OIL, 90)).isEqualTo(open.drop(TEN, OIL, 90));
    assertThat(open.drop(TEN, OIL, -10)).isGreaterThan(200e3);
    assertThat(pressed.drop(TEN, OIL, -10)).isCloseTo(60e3, within(1.0));
    assertThat(pressed.at(TEN, OIL, -10).past()).isBetween(0.3 * TEN, TEN);
    Line found = new Line(2.4, 9.5e-3, 5);
    double starved = OilLines.of(found, 420e3, -10, open, OIL, TEN).cold().flowShare();
    assertThat(OilLines.of(found, 420e3, -10, waxed, OIL, TEN).cold().flowShare())
        .isGreaterThan(starved)
        .isCloseTo(1, within(1e-6));
  }

  /** Two bare coolers whose own bypasses are open hold nothing up, and share evenly. */
  @Test
  void coldCoolersThatAreBypassedShareEvenly() {
    Bypass waxed = Bypass.waxed(80);
    OilNetwork network =
        OilNetwork.of(
            List.of(),
            List.of(),
            List.of(cooler(0.2, waxed), cooler(0.3, waxed)),
            true,
            Optional.empty());
    OilNetwork.Flow cold = network.at(TEN, OIL, 20);
    assertThat(cold.drop()).isZero();
    assertThat(cold.pieces()).allSatisfy(p -> assertThat(p.flow()).isEqualTo(TEN / 2));
    assertThat(network.at(TEN, OIL, 90).pieces().get(1).flow()).isGreaterThan(TEN / 4);
  }
}
