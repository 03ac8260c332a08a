package roadbreeze.core.wiring;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Name;

/**
 * Something of a build that current is brought to, and what lets it run.
 *
 * @param name of the fan, cooler or other thing
 * @param motors each by its plate; none where it has none
 * @param felt what its switch feels
 * @param on °C, rising
 * @param full °C at which the second speed comes or the ramp ends, above on
 * @param keyed fed by terminal 15, so that it stops with the key; from the battery it runs on
 * @param air what lets it run with the air conditioning
 * @param by how that wire meets the others
 * @param driver the driver has a switch for it, with a pilot lamp
 * @param oneWire its switch or sender has no earth but its own thread
 * @param inRubber that thread sits in a rubber line, away from the engine's metal
 * @param swapped its motor's two wires are swapped, so that it turns the other way
 * @param earth where it goes back
 * @param delay after its trigger, s
 * @param adjusterAt where its controller is set
 * @param switchAt where the driver has his switch
 */
@RecordBuilder
public record Consumer(
    Name name,
    Kind kind,
    List<Plate> motors,
    School school,
    Felt felt,
    double on,
    double full,
    boolean keyed,
    Air air,
    Joined by,
    boolean driver,
    boolean oneWire,
    boolean inRubber,
    boolean swapped,
    Part.Ground earth,
    double delay,
    AdjusterPlace adjusterAt,
    SwitchPlace switchAt)
    implements ConsumerBuilder.With {
  public Consumer {
    motors = List.copyOf(motors);
  }

  /** What it is. */
  public enum Kind implements Code {
    FAN,
    COOLER_FAN,
    CLUTCH,
    PUMP,
    GAUGE,
    WARNING_LAMP
  }

  /**
   * Of one motor.
   *
   * @param amperes at its rated voltage
   */
  public record Plate(double amperes, double volts) {}

  /** What of the air conditioning lets a fan run. */
  public enum Air implements Code {
    NONE,
    /** The side of the driver's wish. */
    REQUEST,
    /** The wire of the compressor's clutch. */
    COMPRESSOR
  }

  /** How the wire of one trigger meets those of the others. */
  public enum Joined implements Code {
    WIRE,
    DIODE,
    RELAY
  }

  /** The driver has a switch for it. */
  public boolean byDriver() {
    return driver || school == School.DRIVER_SWITCH;
  }

  /** It has a controller that is set by hand. */
  public boolean adjusted() {
    boolean shows = kind == Kind.GAUGE || kind == Kind.WARNING_LAMP;
    return !shows && school.adjusted();
  }

  /** Where that is; one that chops stays in the box. */
  public Spot.Kind controllerSpot() {
    return school.pulsed() ? Spot.Kind.BOX : adjusterAt.spot();
  }

  public String id() {
    return name.id();
  }

  /** It has a probe or switch that feels a temperature. */
  public boolean feels() {
    boolean byItself = school != School.DRIVER_SWITCH && school != School.WITH_KEY;
    return kind == Kind.GAUGE || kind == Kind.WARNING_LAMP || byItself;
  }
}
