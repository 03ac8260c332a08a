package roadbreeze.core.rig;

import java.util.OptionalDouble;
import roadbreeze.core.circuit.Accessories;
import roadbreeze.core.explain.Code;

/**
 * A number of a truck or build that may be only assumed, with what it may then be off by: the
 * nine-in-ten half width, relative. Our own judgement of how far trucks of one kind differ; what is
 * not here is either sure or already one of the model's own spreads.
 */
public enum Assumed implements Code {
  VEHICLE_MASS(0.06) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.Load l = t.load();
      return t.withLoad(
          new Truck.Load(
              l.vehicleMass() * x, l.trailerMass(), l.rollingCoefficient(), l.dragArea()));
    }
  },
  TRAILER_MASS(0.15) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.Load l = t.load();
      return t.withLoad(
          new Truck.Load(
              l.vehicleMass(), l.trailerMass() * x, l.rollingCoefficient(), l.dragArea()));
    }
  },
  ROLLING_COEFFICIENT(0.25) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.Load l = t.load();
      return t.withLoad(
          new Truck.Load(
              l.vehicleMass(), l.trailerMass(), l.rollingCoefficient() * x, l.dragArea()));
    }
  },
  RADIATOR_WIDTH(0.06) {
    @Override
    Truck scale(Truck t, double x) {
      return withRadiator(t, t.cores().radiator().scaled(x, 1, 1, 1));
    }
  },
  RADIATOR_HEIGHT(0.06) {
    @Override
    Truck scale(Truck t, double x) {
      return withRadiator(t, t.cores().radiator().scaled(1, x, 1, 1));
    }
  },
  RADIATOR_DEPTH(0.18) {
    @Override
    Truck scale(Truck t, double x) {
      return withRadiator(t, t.cores().radiator().scaled(1, 1, x, 1));
    }
  },
  RADIATOR_FINS(0.18) {
    @Override
    Truck scale(Truck t, double x) {
      return withRadiator(t, t.cores().radiator().scaled(1, 1, 1, x));
    }
  },
  CONDENSER_DEPTH(0.20) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.Cores c = t.cores();
      return t.withCores(
          new Truck.Cores(
              c.radiator(),
              c.condenser().map(core -> core.scaled(1, 1, x, 1)),
              c.chargeAirCooler(),
              c.chargeAirFirst()));
    }
  },
  PUMP_FLOW(0.25) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.CoolantSide c = t.coolant();
      return t.withCoolant(
          new Truck.CoolantSide(c.fluid(), c.capPressure(), c.pumpFlowAt4000() * x));
    }
  },
  OIL_FLOW(0.30) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.OilSide o = t.oil();
      return t.withOil(
          new Truck.OilSide(
              o.fluid(), o.flow() * x, o.caseConductance(), o.tankConductance(), o.bypass()));
    }
  },
  TANK_CONDUCTANCE(0.35) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.OilSide o = t.oil();
      OptionalDouble tank = o.tankConductance();
      return t.withOil(
          new Truck.OilSide(
              o.fluid(),
              o.flow(),
              o.caseConductance(),
              tank.isPresent() ? OptionalDouble.of(tank.getAsDouble() * x) : tank,
              o.bypass()));
    }
  },
  CASE_CONDUCTANCE(0.40) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.OilSide o = t.oil();
      return t.withOil(
          new Truck.OilSide(
              o.fluid(), o.flow(), o.caseConductance() * x, o.tankConductance(), o.bypass()));
    }
  },
  ACCESSORY_POWER(0.40) {
    @Override
    Truck scale(Truck t, double x) {
      Accessories a = t.accessories();
      return t.withAccessories(
          new Accessories(a.basePower() * x, a.airConditioningPower(), a.condenserHeat()));
    }
  },
  CONDENSER_HEAT(0.25) {
    @Override
    Truck scale(Truck t, double x) {
      Accessories a = t.accessories();
      return t.withAccessories(
          new Accessories(a.basePower(), a.airConditioningPower(), a.condenserHeat() * x));
    }
  },
  FAN_FREE_FLOW(0.20),
  STEERING_HEAT(0.50),
  ENGINE_OIL_HEAT(0.40),
  HYDRAULIC_HEAT(0.60),
  FUEL_HEAT(0.50);

  private final double spread;

  Assumed(double spread) {
    this.spread = spread;
  }

  /** Nine-in-ten half width, relative. */
  public double spread() {
    return spread;
  }

  Truck scale(Truck truck, double factor) {
    return truck;
  }

  /** True where the setup has such a thing. */
  public boolean isThere(Setup setup) {
    return switch (this) {
      case CONDENSER_DEPTH -> setup.truck().cores().condenser().isPresent();
      case RADIATOR_WIDTH, RADIATOR_HEIGHT, RADIATOR_DEPTH, RADIATOR_FINS ->
          setup.fitting().swaps().radiator().isEmpty();
      case TANK_CONDUCTANCE ->
          setup.fitting().swaps().radiator().isEmpty()
              && setup.truck().oil().tankConductance().isPresent();
      case PUMP_FLOW -> setup.fitting().swaps().pumpFlowAt4000().isEmpty();
      default -> true;
    };
  }

  /**
   * A setup with the number multiplied.
   *
   * @param thing id of the fan or cooler that it belongs to; of a truck's number ignored
   */
  public Setup scaled(Setup setup, String thing, double factor) {
    Fitting f = setup.fitting();
    return switch (this) {
      case FAN_FREE_FLOW ->
          setup.with(
              f.withFans(
                  f.fans().stream()
                      .map(fan -> fan.name().id().equals(thing) ? stronger(fan, factor) : fan)
                      .toList()));
      case STEERING_HEAT, ENGINE_OIL_HEAT, HYDRAULIC_HEAT, FUEL_HEAT ->
          setup.with(
              f.withOthers(
                  f.others().stream()
                      .map(o -> o.name().id().equals(thing) ? o.scaled(factor) : o)
                      .toList()));
      default -> setup.with(scale(setup.truck(), factor)).with(f);
    };
  }

  private static FanFit stronger(FanFit fan, double factor) {
    return fan.withPart(fan.part().withCurve(fan.part().curve().withFreeFlowScaled(factor)));
  }

  private static Truck withRadiator(Truck t, Core radiator) {
    Truck.Cores c = t.cores();
    return t.withCores(
        new Truck.Cores(radiator, c.condenser(), c.chargeAirCooler(), c.chargeAirFirst()));
  }
}
