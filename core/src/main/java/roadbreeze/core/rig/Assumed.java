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
      return t.with(
          new Truck.Load(
              l.vehicleMass() * x, l.trailerMass(), l.rollingCoefficient(), l.dragArea()));
    }
  },
  TRAILER_MASS(0.15) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.Load l = t.load();
      return t.with(
          new Truck.Load(
              l.vehicleMass(), l.trailerMass() * x, l.rollingCoefficient(), l.dragArea()));
    }
  },
  ROLLING_COEFFICIENT(0.25) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.Load l = t.load();
      return t.with(
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
      return t.with(
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
      return t.with(new Truck.CoolantSide(c.fluid(), c.capPressure(), c.pumpFlowAt4000() * x));
    }
  },
  OIL_FLOW(0.30) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.OilSide o = t.oil();
      return t.with(
          new Truck.OilSide(
              o.fluid(), o.flow() * x, o.caseConductance(), o.tankConductance(), o.bypass()));
    }
  },
  TANK_CONDUCTANCE(0.35) {
    @Override
    Truck scale(Truck t, double x) {
      Truck.OilSide o = t.oil();
      OptionalDouble tank = o.tankConductance();
      return t.with(
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
      return t.with(
          new Truck.OilSide(
              o.fluid(), o.flow(), o.caseConductance() * x, o.tankConductance(), o.bypass()));
    }
  },
  ACCESSORY_POWER(0.40) {
    @Override
    Truck scale(Truck t, double x) {
      Accessories a = t.accessories();
      return t.with(
          new Accessories(a.basePower() * x, a.airConditioningPower(), a.condenserHeat()));
    }
  },
  CONDENSER_HEAT(0.25) {
    @Override
    Truck scale(Truck t, double x) {
      Accessories a = t.accessories();
      return t.with(
          new Accessories(a.basePower(), a.airConditioningPower(), a.condenserHeat() * x));
    }
  },
  FAN_FREE_FLOW(0.20);

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

  /** True where the truck has such a thing. */
  public boolean isThere(Truck truck) {
    return switch (this) {
      case CONDENSER_DEPTH -> truck.cores().condenser().isPresent();
      case TANK_CONDUCTANCE -> truck.oil().tankConductance().isPresent();
      default -> true;
    };
  }

  /**
   * A setup with the number multiplied.
   *
   * @param fanId of which fan, where it is a fan's; else ignored
   */
  public Setup scaled(Setup setup, String fanId, double factor) {
    if (this != FAN_FREE_FLOW) {
      return new Setup(scale(setup.truck(), factor), setup.fitting());
    }
    return setup.with(
        setup
            .fitting()
            .withFans(
                setup.fitting().fans().stream()
                    .map(
                        f ->
                            f.name().id().equals(fanId)
                                ? f.withPart(
                                    f.part().withCurve(f.part().curve().withFreeFlowScaled(factor)))
                                : f)
                    .toList()));
  }

  private static Truck withRadiator(Truck t, Core radiator) {
    Truck.Cores c = t.cores();
    return t.with(
        new Truck.Cores(radiator, c.condenser(), c.chargeAirCooler(), c.chargeAirFirst()));
  }
}
