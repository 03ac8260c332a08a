package roadbreeze.core.radiator;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roadbreeze.core.radiator.FitRow.State.ASK;
import static roadbreeze.core.radiator.FitRow.State.FITS;
import static roadbreeze.core.radiator.FitRow.State.MAKE;
import static roadbreeze.core.radiator.FitRow.State.WRONG;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.radiator.FitRow.What;
import roadbreeze.core.rig.Core;
import roadbreeze.core.rig.FanSeat;
import roadbreeze.core.shroud.FanRoom;
import roadbreeze.core.shroud.ShroudFit;
import roadbreeze.core.stack.Rectangle;

/** Cases worked by hand on a radiator of 760 × 520 × 40 mm. */
class RadiatorFitTest {
  private static final Shell OWN =
      shell(0.820, 0.520, 0.620, 0.019, neck(0.300, 0.480, Direction.BACKWARD));

  private static Shell.Neck neck(double across, double up, Direction looks) {
    return new Shell.Neck(across, up, 0.040, 0.038, looks);
  }

  private static Shell shell(
      double width, double height, double apart, double pin, Shell.Neck upper) {
    return new Shell(
        OptionalDouble.of(width),
        OptionalDouble.of(height),
        Optional.of(new Shell.Pins(apart, pin)),
        Optional.of(new Shell.Tops(0.600, 0.535, 0.020)),
        Optional.of(new Shell.Insert(ScrewThread.M6, 0.012)),
        Optional.of(upper),
        Optional.of(neck(-0.300, 0.060, Direction.BACKWARD)),
        OptionalDouble.of(0.560),
        Optional.of(Shell.Drain.LEFT),
        Optional.of("3/8 in flare"),
        Optional.of(new Shell.FanHoles(0.700, 0.420)),
        Optional.of("2 pins, square"));
  }

  private static RadiatorSeat seat(Shell own) {
    RadiatorSeat.FoundHose hose = new RadiatorSeat.FoundHose(0.450, 0.080, true);
    return new RadiatorSeat(
        own,
        OptionalDouble.of(-0.040),
        OptionalDouble.of(0.800),
        OptionalDouble.of(0.540),
        OptionalDouble.of(0.024),
        OptionalDouble.of(0.010),
        Optional.of(hose),
        Optional.of(hose),
        OptionalDouble.of(0.030),
        List.of(Shell.Drain.LEFT));
  }

  private static Core core(double width, double height, double depth) {
    return new Core(
        new Rectangle((0.760 - width) / 2, 0, width, height), depth, 16, FinMetal.ALUMINIUM);
  }

  private static RadiatorFit fit(Shell other, Core core, double fanToCore) {
    return new RadiatorFit(
        seat(OWN), other, core(0.760, 0.520, 0.040), core, 0.150, fan(fanToCore), true, true);
  }

  /** On an engine that takes it 10 mm forward, its blades 10 more: 25 are wanted. */
  private static Optional<ShroudFit> fan(double toCore) {
    OptionalDouble unknown = OptionalDouble.empty();
    FanRoom room =
        new FanRoom(
            Optional.empty(),
            unknown,
            unknown,
            unknown,
            unknown,
            unknown,
            unknown,
            FanRoom.Motion.ON_ENGINE);
    return Optional.of(new ShroudFit(0.5, room, toCore, FanSeat.AS_IT_WAS));
  }

  private static FitRow row(RadiatorFit fit, What what) {
    return fit.rows().stream().filter(r -> r.what() == what).findFirst().orElseThrow();
  }

  @Test
  void theOldRadiatorFitsWhereItStood() {
    RadiatorFit fit = fit(OWN, core(0.760, 0.520, 0.040), 0.030);
    assertThat(fit.rows()).extracting(FitRow::state).containsOnly(FITS);
    assertThat(CarriedOver.of(fit))
        .extracting(CarriedOver::fate)
        .containsOnly(CarriedOver.Fate.CARRIES);
    assertThat(fit.plates()).isEmpty();
    // The old strips close what they closed.
    assertThat(Foam.of(fit)).isEmpty();
    // Ten millimetres a side between supports of 840 and tanks of 820; a narrower one leaves 20.
    Shell narrow = shell(0.800, 0.510, 0.620, 0.019, OWN.upper().orElseThrow());
    RadiatorFit less = fit(narrow, core(0.740, 0.510, 0.040), 0.030);
    assertThat(Foam.of(less))
        .extracting(Foam::gap)
        .satisfiesExactly(
            g -> assertThat(g).isCloseTo(0.020, within(1e-9)),
            g -> assertThat(g).isCloseTo(0.020, within(1e-9)),
            g -> assertThat(g).isCloseTo(0.030, within(1e-9)));
    assertThat(CarriedOver.of(less))
        .filteredOn(c -> c.fate() == CarriedOver.Fate.ANOTHER)
        .extracting(CarriedOver::item)
        .containsExactlyInAnyOrder(CarriedOver.Item.SIDE_SEALS, CarriedOver.Item.TOP_SEAL);
  }

  @Test
  void aWiderOneCutsTheSupportAndPlatesMakeGood() {
    Shell wide = shell(0.880, 0.540, 0.660, 0.019, neck(0.330, 0.480, Direction.BACKWARD));
    RadiatorFit fit = fit(wide, core(0.820, 0.520, 0.048), 0.022);
    // (880 − 840) / 2 = 20 mm a side, and 6 to spare.
    FitRow width = row(fit, What.WIDTH);
    assertThat(width.state()).isEqualTo(MAKE);
    assertThat(width.says().get(0).amount("left")).isCloseTo(0.026, within(1e-9));
    // Pins 20 mm farther out; the 40 mm holes of their rubbers would run together.
    assertThat(row(fit, What.PINS).says().get(0).code()).isEqualTo(RadiatorSays.BUSHING_PLATES);
    assertThat(fit.plates())
        .extracting(Plate::what)
        .containsExactly(
            Plate.What.SUPPORT_EDGE,
            Plate.What.SUPPORT_EDGE,
            Plate.What.BUSHING,
            Plate.What.BUSHING);
    Plate.Notch notch = fit.plates().get(0).notch().get(0);
    assertThat(notch.height()).isCloseTo(0.552, within(1e-9));
    assertThat(notch.bottom()).isCloseTo(-0.016, within(1e-9));
    for (Plate plate : fit.plates()) {
      for (Plate.Round hole : plate.holes()) {
        double edge =
            Math.min(
                Math.min(hole.x(), plate.width() - hole.x()),
                Math.min(hole.y(), plate.height() - hole.y()));
        assertThat(edge - hole.diameter() / 2).isGreaterThan(0.005);
      }
    }
    // 8 mm deeper with the fan on the engine: 22 are left of 30, 25 are wanted.
    assertThat(row(fit, What.DEPTH).says().get(0).code()).isEqualTo(RadiatorSays.NEARER_FAN);
    assertThat(row(fit, What.DEPTH).state()).isEqualTo(MAKE);
    // 60 mm of metal a side is a body maker's.
    Shell far = shell(0.960, 0.540, 0.660, 0.019, OWN.upper().orElseThrow());
    assertThat(row(fit(far, core(0.900, 0.520, 0.040), 0.030), What.WIDTH).state())
        .isEqualTo(WRONG);
  }

  @Test
  void pinsPlayInTheirRubbersAsFarAsHeatLetsThem() {
    // 24 − 19 = 5 mm of play; 620 mm of aluminium grows 1.6 mm.
    FitRow same = row(fit(OWN, core(0.760, 0.520, 0.040), 0.030), What.PINS);
    assertThat(same.says().get(0).amount("play")).isCloseTo(0.005, within(1e-9));
    assertThat(same.says().get(0).amount("growth")).isCloseTo(0.00161, within(1e-5));
    assertThat(pins(0.623, 0.019)).isEqualTo(RadiatorSays.PINS_FIT);
    assertThat(pins(0.6238, 0.019)).isEqualTo(RadiatorSays.PINS_BIND);
    assertThat(pins(0.620, 0.015)).isEqualTo(RadiatorSays.PINS_LOOSE);
    assertThat(pins(0.620, 0.026)).isEqualTo(RadiatorSays.OTHER_BUSHINGS);
    assertThat(pins(0.660, 0.019)).isEqualTo(RadiatorSays.BUSHING_PLATES);
    assertThat(pins(0.720, 0.019)).isEqualTo(RadiatorSays.BUSHINGS_MOVE);
  }

  private static Object pins(double apart, double pin) {
    Shell other = shell(0.820, 0.520, apart, pin, OWN.upper().orElseThrow());
    return row(fit(other, core(0.760, 0.520, 0.040), 0.030), What.PINS).says().get(0).code();
  }

  @Test
  void hosesAreTrimmedJoinedOrBought() {
    assertThat(way(0.300, 0.490, 0.040, Direction.BACKWARD)).isEqualTo(NeckFit.Way.AS_IT_IS);
    // 30 mm nearer to the engine: 50 of its 80 mm straight end are left.
    assertThat(way(0.300, 0.480, 0.070, Direction.BACKWARD)).isEqualTo(NeckFit.Way.TRIMMED);
    assertThat(way(0.300, 0.480, 0.100, Direction.BACKWARD)).isEqualTo(NeckFit.Way.BOUGHT);
    assertThat(way(0.300, 0.480, -0.060, Direction.BACKWARD)).isEqualTo(NeckFit.Way.JOINED);
    assertThat(way(0.300, 0.480, -0.160, Direction.BACKWARD)).isEqualTo(NeckFit.Way.BOUGHT);
    assertThat(way(-0.300, 0.480, 0.040, Direction.BACKWARD)).isEqualTo(NeckFit.Way.BOUGHT);
    assertThat(way(0.300, 0.480, 0.040, Direction.UP)).isEqualTo(NeckFit.Way.BOUGHT);
    Shell other = shell(0.820, 0.520, 0.620, 0.019, neck(0.300, 0.480, Direction.UP));
    FitRow turned = row(fit(other, core(0.760, 0.520, 0.040), 0.030), What.UPPER_NECK);
    assertThat(turned.says().get(0).amount("turn")).isCloseTo(Math.PI / 2, within(1e-9));
  }

  private static NeckFit.Way way(double across, double up, double back, Direction looks) {
    Shell other = shell(0.820, 0.520, 0.620, 0.019, new Shell.Neck(across, up, back, 0.038, looks));
    RadiatorFit fit = fit(other, core(0.760, 0.520, 0.040), 0.030);
    return fit.hose(Shell.End.UPPER).orElseThrow().way();
  }

  @Test
  void aJoinedHoseIsAsLongAsTheWayItGoesNow() {
    Random random = new Random(3);
    for (int n = 0; n < 2000; n++) {
      double back = 0.040 - 0.2 * random.nextDouble();
      Shell.Neck other = new Shell.Neck(0.300, 0.480, back, 0.038, Direction.BACKWARD);
      Shell shell = shell(0.820, 0.520, 0.620, 0.019, other);
      RadiatorFit fit = fit(shell, core(0.760, 0.520, 0.040), 0.030);
      NeckFit hose = fit.hose(Shell.End.UPPER).orElseThrow();
      double farther = 0.040 - back;
      switch (hose.way()) {
        case AS_IT_IS -> assertThat(farther).isLessThanOrEqualTo(0.010);
        case JOINED -> assertThat(hose.piece()).isCloseTo(farther, within(1e-9));
        case BOUGHT -> assertThat(hose.length()).isCloseTo(0.450 + farther, within(1e-9));
        case TRIMMED -> throw new AssertionError("a neck that is farther off trims nothing");
      }
    }
  }

  @Test
  void whatNobodyMeasuredIsAskedFor() {
    Shell bare =
        new Shell(
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            OptionalDouble.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    RadiatorFit fit = fit(bare, core(0.820, 0.520, 0.040), 0.030);
    assertThat(fit.rows())
        .filteredOn(r -> r.what() != What.DEPTH)
        .extracting(FitRow::state)
        .containsOnly(ASK);
    assertThat(fit.plates()).isEmpty();
    assertThat(Foam.of(fit)).isEmpty();
  }

  @Test
  void screwsCapAndPortsAreHeldAgainstThisTruck() {
    Shell other =
        new Shell(
            OWN.width(),
            OWN.height(),
            OWN.pins(),
            Optional.of(new Shell.Tops(0.640, 0.550, 0.035)),
            Optional.of(new Shell.Insert(ScrewThread.M6, 0.008)),
            OWN.upper(),
            OWN.lower(),
            OptionalDouble.of(0.585),
            Optional.of(Shell.Drain.RIGHT),
            Optional.of("3/8 in quick connect"),
            Optional.of(new Shell.FanHoles(0.740, 0.420)),
            Optional.of("3 pins"));
    RadiatorFit fit = fit(other, core(0.760, 0.520, 0.040), 0.030);
    // 10 mm go in, 8 less 1 are there.
    assertThat(row(fit, What.INSERT).says().get(0).amount("by")).isCloseTo(0.003, within(1e-9));
    // The cap stands 25 mm higher under 30 mm of room: 5 are left, 10 are wanted.
    assertThat(row(fit, What.CAP).state()).isEqualTo(WRONG);
    assertThat(row(fit, What.DRAIN).says().get(0).code())
        .isEqualTo(RadiatorSays.DRAIN_OUT_OF_REACH);
    assertThat(row(fit, What.OIL_PORTS).says().get(0).code())
        .isEqualTo(RadiatorSays.OIL_PORTS_OTHER);
    // One without an oil cooler in its tank leaves the oil's lines open.
    RadiatorFit none =
        new RadiatorFit(
            fit.seat(), other, fit.ownCore(), fit.core(), 0.150, fit.fan(), true, false);
    assertThat(row(none, What.OIL_PORTS).says().get(0).code()).isEqualTo(RadiatorSays.NO_OIL_PORTS);
    assertThat(row(fit, What.TOPS).says().get(0).amount("aside")).isCloseTo(0.020, within(1e-9));
    assertThat(row(fit, What.FAN).says().get(0).amount("across")).isCloseTo(0.020, within(1e-9));
  }
}
