package roadbreeze.core.lookahead;

import java.util.List;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.haul.Habits;

/** What can be done at the wheel, the cheapest first; the order is our own. */
public enum Act implements Code {
  FAN(true, false, 0, 0, 0),
  AIR_CONDITIONING(false, true, 0, 0, 0),
  FAN_AND_AIR(true, true, 0, 0, 0),
  GEAR(false, false, 1, 0, 0),
  FAN_AND_GEAR(true, false, 1, 0, 0),
  A_LITTLE_SLOWER(false, false, 0, 0.10, 0),
  FAN_AIR_GEAR(true, true, 1, 0, 0),
  TWO_GEARS(true, false, 2, 0, 0),
  SLOWER(true, false, 0, 0.20, 0),
  SLOWER_LOWER(true, true, 1, 0.20, 0),
  MUCH_SLOWER(true, true, 1, 0.40, 0),
  REST(true, true, 0, 0, 420);

  private final boolean fan;
  private final boolean air;
  private final int gears;
  private final double slower;
  private final double rest;

  Act(boolean fan, boolean air, int gears, double slower, double rest) {
    this.fan = fan;
    this.air = air;
    this.gears = gears;
    this.slower = slower;
    this.rest = rest;
  }

  /** Seconds stood, none where it drives on. */
  public double rest() {
    return rest;
  }

  /**
   * It changes something that can be changed.
   *
   * @param gear that is driven in now
   */
  boolean can(Habits now, boolean fansCanBeHeld, int gear) {
    boolean more = fan && fansCanBeHeld && !now.fanFull() || air && now.airConditioning();
    boolean lower = gears > 0 && gear > gears;
    return gears > 0 && !lower ? slower > 0 : more || lower || slower > 0 || rest > 0;
  }

  /**
   * How it is driven then.
   *
   * @param speed that is driven now, m/s
   * @param gear the same
   */
  public Habits on(Habits now, double speed, int gear) {
    Habits then = now;
    if (fan) {
      then = then.withFanFull();
    }
    if (air) {
      then = then.withAirConditioning(false);
    }
    if (gears > 0 && gear > gears) {
      then = then.heldIn(gear - gears);
    }
    if (slower > 0) {
      double fastest = Math.max(OperatingPoint.SPEED.low() + 1, speed * (1 - slower));
      then = then.noFasterThan(Math.min(now.fastest(), fastest));
    }
    return then;
  }

  @Override
  public List<Parameter> parameters() {
    return gears > 0 ? Code.takes("gear COUNT") : List.of();
  }

  /**
   * In words.
   *
   * @param gear that is driven in now
   */
  Finding finding(int gear) {
    return gears > 0 ? with(Math.max(1, gear - gears)) : with();
  }
}
