package roadbreeze.core;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Nose;
import roadbreeze.core.nose.Noses;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.rig.Blows;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.Core;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanSeat;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.rig.Turn;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.vehicle.ChargeAir;

/**
 * The worked truck with as much in its nose as a job may hold: twenty things, three oil coolers
 * with air round their rims, a charge-air cooler, a clutched fan and three electric ones that share
 * its air.
 */
public final class RichCase {
  private RichCase() {}

  public static Setup setup() {
    Truck t = WorkedCase.truck();
    Truck truck =
        new Truck(
            t.powertrain(),
            t.load(),
            t.accessories(),
            Optional.of(new ChargeAir(2.2, 20)),
            t.coolant(),
            t.oil(),
            new Truck.FrontEnd(t.front().opening(), 0.12, 0.012, 0.03, 0.012, 0.55, nose()),
            new Truck.Cores(
                t.cores().radiator(),
                t.cores().condenser(),
                Optional.of(
                    new Core(new Rectangle(0.08, 0.10, 0.60, 0.30), 0.04, 12, FinMetal.ALUMINIUM)),
                true),
            1,
            t.lines());
    return new Setup(
        truck,
        WorkedCase.fitting()
            .withFans(
                List.of(
                    fan("main-fan", viscous(), false, new Rectangle(0, 0, 0.76, 0.52)),
                    fan("fan-2", electric(), true, new Rectangle(0.04, 0.08, 0.34, 0.34)),
                    fan("fan-3", electric(), true, new Rectangle(0.40, 0.10, 0.32, 0.32)),
                    fan("fan-4", electric(), true, new Rectangle(0.20, 0.02, 0.30, 0.30))))
            .withCoolers(
                List.of(
                    cooler("oil-cooler", 0.28, 0.19, CoolerFit.Place.FRONT, 0.05, 0.25),
                    cooler("cooler-2", 0.25, 0.15, CoolerFit.Place.FRONT, 0.42, 0.06),
                    cooler("cooler-3", 0.20, 0.12, CoolerFit.Place.BEHIND_CONDENSER, 0.46, 0.33))));
  }

  private static Nose nose() {
    Random random = new Random(20);
    Solid[] solids = new Solid[20];
    for (int i = 0; i < solids.length; i++) {
      double width = 0.02 + 0.05 * random.nextDouble();
      double height = 0.02 + 0.05 * random.nextDouble();
      solids[i] =
          Noses.metal(
              "obstacle-" + i,
              new Rectangle(0.70 * random.nextDouble(), 0.46 * random.nextDouble(), width, height),
              true,
              false);
    }
    return Noses.of(solids);
  }

  private static FanFit fan(String id, FanUnit part, boolean pusher, Rectangle outline) {
    return new FanFit(
        Name.of(id, Name.Noun.MAIN_FAN, 0),
        part,
        pusher,
        !pusher,
        outline,
        1,
        false,
        Optional.empty(),
        OptionalDouble.empty(),
        FanSeat.AS_IT_WAS,
        Blows.AS_MADE);
  }

  public static FanUnit viscous() {
    return new FanUnit(
        FanUnit.Type.VISCOUS,
        1,
        0.48,
        new FanCurve(700, 3.4, false),
        OptionalDouble.empty(),
        OptionalDouble.of(1.1),
        OptionalDouble.of(2600),
        OptionalDouble.of(6000),
        OptionalDouble.of(60),
        OptionalDouble.of(90),
        OptionalDouble.of(2600));
  }

  private static FanUnit electric() {
    FanUnit one = WorkedCase.fitting().fans().get(0).part();
    return one.withCurve(new FanCurve(180, 0.8, false));
  }

  private static CoolerFit cooler(
      String id, double width, double height, CoolerFit.Place place, double x, double y) {
    return new CoolerFit(
        Name.of(id, Name.Noun.OIL_COOLER, 0),
        WorkedCase.oilCooler(width, height, 0.032),
        place,
        Turn.AS_DRAWN,
        x,
        y,
        0.02,
        false,
        Optional.empty(),
        1);
  }
}
