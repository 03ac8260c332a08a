package roadbreeze.core.settle;

import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;

/** Runs the schools of a dispute on one truck, on its own road and on a cold morning. */
record Trial(Judge judge) {
  /** A cold morning for the side effects, °C, driven on a level road. */
  static final double COLD_MORNING = -15;

  static final double COLD_MORNING_SPEED = 60 / 3.6;

  Held side(Finding name, Setup setup) {
    return Held.of(judge, name, setup);
  }

  Held side(Code name, Setup setup) {
    return side(name.with(), setup);
  }

  Held onAColdMorning(Setup setup) {
    OperatingPoint level =
        new OperatingPoint(0, COLD_MORNING_SPEED, COLD_MORNING, judge.point().altitude(), false);
    return Held.of(judge.at(level), OilSays.COLD_MORNING.with(COLD_MORNING), setup);
  }
}
