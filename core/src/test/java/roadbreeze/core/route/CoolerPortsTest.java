package roadbreeze.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.Turn;
import roadbreeze.core.stack.Rectangle;

class CoolerPortsTest {
  /** 280 × 190 × 32 mm with one pass, its lower left corner at 50, 250, 68 mm. */
  private static final CoolerFit ONE_PASS = WorkedCase.cooler();

  private static CoolerFit cooler(int passes, Turn turn) {
    CoolerFit c = ONE_PASS;
    OilCooler p = c.part();
    OilCooler part =
        new OilCooler(
            p.family(),
            p.width(),
            p.height(),
            p.depth(),
            p.finsPerInch(),
            p.tubePitch(),
            passes,
            p.portBore(),
            p.bypassOpens(),
            p.bypassPressure());
    return new CoolerFit(
        c.name(), part, c.place(), turn, c.x(), c.y(), c.gap(), true, Optional.empty(), 1);
  }

  private static Box box(CoolerFit cooler) {
    Rectangle o = cooler.outline();
    return new Box(o.x(), o.y(), 0.068, o.width(), o.height(), 0.032);
  }

  private static void port(
      CoolerFit cooler,
      CoolerPorts.Look look,
      CoolerPorts.Side side,
      double across,
      double up,
      double back,
      Direction looks) {
    Port port = new CoolerPorts(look, false).port(cooler, box(cooler), side);
    assertThat(port.at().distance(new Vector3D(across, up, back))).isCloseTo(0, within(1e-9));
    assertThat(port.looks()).isEqualTo(looks);
  }

  @Test
  void oilThatGoesThroughOnceLeavesAtTheOtherEnd() {
    CoolerFit c = cooler(1, Turn.AS_DRAWN);
    port(c, CoolerPorts.Look.ASIDE, CoolerPorts.Side.IN, 0.05, 0.345, 0.084, Direction.LEFT);
    port(c, CoolerPorts.Look.ASIDE, CoolerPorts.Side.OUT, 0.33, 0.345, 0.084, Direction.RIGHT);
    port(c, CoolerPorts.Look.UP, CoolerPorts.Side.IN, 0.07, 0.44, 0.084, Direction.UP);
    port(c, CoolerPorts.Look.FORWARD, CoolerPorts.Side.IN, 0.07, 0.345, 0.068, Direction.FORWARD);
    Port back = new CoolerPorts(CoolerPorts.Look.ASIDE, true).port(c, box(c), CoolerPorts.Side.IN);
    assertThat(back.looks()).isEqualTo(Direction.RIGHT);
  }

  @Test
  void oilThatComesBackLeavesAboveWhereItEntered() {
    CoolerFit c = cooler(2, Turn.AS_DRAWN);
    port(c, CoolerPorts.Look.ASIDE, CoolerPorts.Side.IN, 0.33, 0.27, 0.084, Direction.RIGHT);
    port(c, CoolerPorts.Look.ASIDE, CoolerPorts.Side.OUT, 0.33, 0.42, 0.084, Direction.RIGHT);
  }

  /** On its left end it is 190 wide and 280 high; what was right is up. */
  @Test
  void portsTurnWithTheCooler() {
    CoolerFit left = cooler(2, Turn.QUARTER_LEFT);
    port(left, CoolerPorts.Look.ASIDE, CoolerPorts.Side.IN, 0.22, 0.53, 0.084, Direction.UP);
    port(left, CoolerPorts.Look.ASIDE, CoolerPorts.Side.OUT, 0.07, 0.53, 0.084, Direction.UP);
    CoolerFit right = cooler(2, Turn.QUARTER_RIGHT);
    port(right, CoolerPorts.Look.ASIDE, CoolerPorts.Side.IN, 0.07, 0.25, 0.084, Direction.DOWN);
    CoolerFit over = cooler(2, Turn.UPSIDE_DOWN);
    port(over, CoolerPorts.Look.ASIDE, CoolerPorts.Side.IN, 0.05, 0.42, 0.084, Direction.LEFT);
  }
}
