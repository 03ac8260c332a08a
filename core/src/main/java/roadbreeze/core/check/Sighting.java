package roadbreeze.core.check;

import java.util.List;
import java.util.Set;
import org.hipparchus.special.Erf;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.sizing.Limits;

/**
 * How likely a driver of a truck complains of each thing. What a temperature decides follows from
 * the truck as it is run, with what the model may be off by; the rest are shares of our own.
 *
 * @param seen at {@link #points}, and after those what nobody complains of
 * @param temperature coolant and pan in turn for each point, as the readings pull them, °C
 * @param sigma what is not known of those, K
 */
record Sighting(
    List<Seen> seen, Set<Fault> wrong, Limits limits, double[] temperature, double[] sigma) {
  /** As far under its limit a driver calls it hot, K. */
  private static final double HOT_UNDER = 4;

  /** Coolant that never gets there is called slow to warm, °C. */
  private static final double WARM = 78;

  /** How far a driver's word is off, K. */
  private static final double PERCEIVED = 3;

  /** That a driver says what is not so, or leaves out what is. */
  private static final double SLIP = 0.04;

  private static final double KMH = 1 / 3.6;
  private static final double CRAWL = 10 * KMH;
  private static final double CRUISE = 60 * KMH;

  /** Of a cool day, °C. */
  private static final double COOL = 5;

  /** A fan turning faster is heard, slower is not; shares of full speed. */
  private static final double HEARD = 0.65;

  private static final double UNHEARD = 0.3;

  private static final int CLIMB = 0;
  private static final int NO_AIR_CONDITIONING = 1;
  private static final int CRAWLING = 2;
  private static final int COOL_CRUISE = 3;
  static final int POINTS = 4;

  /**
   * What complaints speak of: the climb, the same without air conditioning, a crawl on the same day
   * with it, a level road on a cool day without.
   */
  static List<OperatingPoint> points(OperatingPoint climb) {
    double z = climb.altitude();
    return List.of(
        climb,
        new OperatingPoint(
            climb.grade(),
            climb.speed(),
            climb.ambient(),
            z,
            false,
            climb.heater(),
            climb.holdGear(),
            climb.headwind(),
            climb.surface()),
        new OperatingPoint(0.01, CRAWL, climb.ambient(), z, climb.airConditioning()),
        new OperatingPoint(0, CRUISE, Math.min(COOL, climb.ambient()), z, false));
  }

  /** That the driver says so (-). */
  double probability(Symptom symptom) {
    double so =
        switch (symptom) {
          case HOT_AT_CRAWL -> hot(CRAWLING);
          case HOT_ON_CLIMBS -> hot(CLIMB);
          case HOT_WITH_AIR_CONDITIONING -> Math.max(0, hot(CLIMB) - hot(NO_AIR_CONDITIONING));
          case ONLY_OIL -> oilHot() * (1 - hot(CLIMB));
          case ONLY_COOLANT -> hot(CLIMB) * (1 - oilHot());
          case SLOW_TO_WARM -> 1 - over(0, COOL_CRUISE, WARM);
          case FAN_ALWAYS -> seen.get(COOL_CRUISE).fan() > HEARD ? 0.9 : 0.02;
          // One that blows the wrong way is heard all the same.
          case FAN_NEVER ->
              seen.get(CLIMB).fan() < UNHEARD && !any(Fault.FAN_BACKWARDS) ? 0.8 : 0.02;
          case GAUGE_JUMPS -> jumps();
          case LOSES_COOLANT -> Math.max(loses(), over(0, CLIMB, seen.get(CLIMB).boiling()));
        };
    return SLIP + (1 - 2 * SLIP) * so;
  }

  private double jumps() {
    return any(Fault.COMBUSTION_GAS)
        ? 0.6
        : any(Fault.AIR_IN_LOOP) ? 0.6 : any(Fault.LEAK) ? 0.35 : 0;
  }

  private double loses() {
    return any(Fault.LEAK) ? 0.9 : any(Fault.COMBUSTION_GAS) ? 0.8 : any(Fault.CAP_WEAK) ? 0.4 : 0;
  }

  private boolean any(Fault fault) {
    return wrong.contains(fault);
  }

  private double hot(int point) {
    return over(0, point, limits.coolant() - HOT_UNDER);
  }

  private double oilHot() {
    return over(1, CLIMB, limits.pan() - HOT_UNDER);
  }

  /** That a fluid stands above a temperature. */
  private double over(int fluid, int point, double than) {
    int row = Spread.FLUIDS * point + fluid;
    double spread = Math.hypot(sigma[row], PERCEIVED);
    return (1 + Erf.erf((temperature[row] - than) / spread / Math.sqrt(2))) / 2;
  }
}
