package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.wiring.Part.Battery;
import roadbreeze.core.wiring.Part.Line;
import roadbreeze.core.wiring.Run.Role;
import roadbreeze.core.wiring.Scheme.Placed;

/**
 * The circuit of a build, drawn up from what it has: each thing by its school, what they share
 * once.
 */
public final class Proposal {
  public static final String BATTERY = "battery";
  static final String TAP = "tap";
  static final String IGNITION = "ignition";
  private static final String REQUEST = "request";
  private static final String COMPRESSOR = "compressor";

  /** Duty at which a pulse-width controller begins, and its floor with the air conditioning. */
  private static final double LEAST_DUTY = 0.3;

  private static final double AIR_FLOOR = 0.5;

  /** The slow one of two speeds, as a share of the motor's voltage; usual. */
  private static final double SLOW = 0.6;

  // Ω of a 12 V truck; usual.
  private static final double PILOT_LAMP = 100;
  private static final double CLUTCH_COIL = 5;
  private static final double GAUGE = 90;
  private static final double SENDER = 60;

  private final Part.Guard.Kind guard;
  private final double system;
  private final List<Placed> parts = new ArrayList<>();
  private final List<Run> runs = new ArrayList<>();

  private Proposal(Part.Guard.Kind guard, double system) {
    this.guard = guard;
    this.system = system;
  }

  /**
   * @param guard what protects the feeds of motors; all others have fuses
   * @param system 12 or 24 V
   */
  public static Scheme of(
      List<Consumer> consumers, Part.Feed feed, Part.Guard.Kind guard, double system) {
    Proposal p = new Proposal(guard, system);
    p.shared(new Battery(BATTERY), Spot.Kind.FEED);
    p.shared(new Part.Tap(TAP, feed), Spot.Kind.FEED);
    p.lines(consumers);
    for (Consumer c : consumers) {
      p.new Wired(c).make();
    }
    return new Scheme(p.parts, p.runs);
  }

  private <T extends Part> T shared(T part, Spot.Kind where) {
    parts.add(new Placed(part, "", Spot.of(where)));
    return part;
  }

  /** Lines of the truck that somebody taps. */
  private void lines(List<Consumer> consumers) {
    if (consumers.stream().anyMatch(c -> c.keyed() || c.kind() == Consumer.Kind.GAUGE)) {
      shared(new Line(IGNITION, Line.Kind.IGNITION), Spot.Kind.CAB);
    }
    if (consumers.stream().anyMatch(c -> c.air() == Consumer.Air.REQUEST)) {
      shared(new Line(REQUEST, Line.Kind.REQUEST), Spot.Kind.CAB);
    }
    if (consumers.stream().anyMatch(c -> c.air() == Consumer.Air.COMPRESSOR)) {
      shared(new Line(COMPRESSOR, Line.Kind.COMPRESSOR), Spot.Kind.ENGINE);
    }
  }

  /** Parts and wires of one thing. */
  private final class Wired {
    private final Consumer c;

    /** Where all of it goes back; none yet. */
    private Part.Earth earth;

    Wired(Consumer c) {
      this.c = c;
    }

    private <T extends Part> T put(T part, Spot.Kind where) {
      boolean own = where == Spot.Kind.DEVICE || where == Spot.Kind.SENSOR;
      parts.add(new Placed(part, c.id(), own ? new Spot(where, c.id()) : Spot.of(where)));
      return part;
    }

    private String named(String what) {
      return c.id() + "-" + what;
    }

    private void wire(Role role, String from, String to) {
      runs.add(new Run(from + ">" + to, role, from, to, c.id()));
    }

    private String earth() {
      if (earth == null) {
        boolean post = c.earth() == Part.Ground.BATTERY_POST;
        Spot.Kind where = post ? Spot.Kind.FEED : Spot.Kind.EARTH;
        earth = put(new Part.Earth(named("earth"), c.earth()), where);
      }
      return earth.at("31");
    }

    private Part.Contact contact(String what, Part.Contact.Kind kind, When when, Spot.Kind where) {
      return put(new Part.Contact(named(what), kind, when), where);
    }

    private Part.Relay relay(String what) {
      return put(new Part.Relay(named(what), false), Spot.Kind.BOX);
    }

    private double ohms(double of12) {
      return of12 * (system / 12) * (system / 12);
    }

    void make() {
      switch (c.kind()) {
        case GAUGE -> gauge();
        case WARNING_LAMP -> warningLamp();
        default -> {
          if (c.school().pulsed()) {
            pulsed();
          } else if (c.school() == School.SERIES_PARALLEL && c.motors().size() == 2) {
            seriesParallel();
          } else if (c.school().twoSpeeds()) {
            twoRelays();
          } else {
            oneRelay();
          }
        }
      }
    }

    /** What coils and controllers are fed with, behind a fuse of their own. */
    private String control() {
      Part.Guard fuse =
          put(new Part.Guard(named("control-fuse"), Part.Guard.Kind.FUSE), Spot.Kind.BOX);
      wire(Role.CONTROL, c.keyed() ? IGNITION + ":15" : TAP + ":30", fuse.at("1"));
      return fuse.at("2");
    }

    private String feed() {
      Part.Guard fuse = put(new Part.Guard(named("fuse"), guard), Spot.Kind.FEED);
      wire(Role.FEED, TAP + ":30", fuse.at("1"));
      return fuse.at("2");
    }

    private List<Part.Motor> motors() {
      List<Part.Motor> motors = new ArrayList<>();
      for (Consumer.Plate p : c.motors()) {
        String id = named("motor-" + (motors.size() + 1));
        motors.add(put(new Part.Motor(id, p.amperes(), p.volts()), Spot.Kind.DEVICE));
      }
      return motors;
    }

    private String in(Part.Motor m) {
      return m.at(c.swapped() ? "-" : "+");
    }

    private String out(Part.Motor m) {
      return m.at(c.swapped() ? "+" : "-");
    }

    private void run(String fed) {
      for (Part.Motor m : motors()) {
        wire(Role.LOAD, fed, in(m));
        wire(Role.EARTH, out(m), earth());
      }
    }

    private void oneRelay() {
      String feed = feed();
      Part.Relay relay = relay("relay");
      wire(Role.FEED, feed, relay.at("30"));
      run(relay.at("87"));
      String control = control();
      String joint = coil(control, relay, "");
      if (c.school() != School.DRIVER_SWITCH) {
        automatic(control, joint, c.on(), "");
      }
      air(control, joint);
      if (c.byDriver()) {
        driver(control, joint);
        pilot(relay.at("87"));
      }
    }

    /** A relay's coil with the joint where its triggers meet. */
    private String coil(String control, Part.Relay relay, String stage) {
      Part.Splice joint = put(new Part.Splice(named("joint" + stage)), Spot.Kind.BOX);
      if (c.school().side() == School.Side.EARTH) {
        wire(Role.CONTROL, control, relay.at("86"));
        wire(Role.CONTROL, relay.at("85"), joint.at(""));
      } else {
        wire(Role.CONTROL, joint.at(""), relay.at("86"));
        wire(Role.CONTROL, relay.at("85"), earth());
      }
      return joint.at("");
    }

    /** What feels the temperature. */
    private void automatic(String control, String joint, double from, String stage) {
      When warm = new When.Warmer(c.felt(), from);
      When computed = new When.Both(When.Asked.KEY_ON, warm);
      switch (c.school()) {
        case THERMAL_SWITCH -> {
          Part.Contact s =
              contact("switch" + stage, Part.Contact.Kind.THERMAL_SWITCH, warm, Spot.Kind.SENSOR);
          wire(Role.SENSOR, joint, s.at("1"));
          threadOrWire(s.at("2"));
        }
        case WITH_KEY -> wire(Role.CONTROL, control, joint);
        case COMPUTER_LOW -> {
          Part.Contact s =
              contact("output" + stage, Part.Contact.Kind.COMPUTER_LOW, computed, Spot.Kind.ENGINE);
          wire(Role.CONTROL, joint, s.at("1"));
          put(new Part.Thread(named("computer-earth" + stage), s.at("2")), Spot.Kind.ENGINE);
        }
        case COMPUTER_HIGH -> {
          Part.Contact s =
              contact(
                  "output" + stage, Part.Contact.Kind.COMPUTER_HIGH, computed, Spot.Kind.ENGINE);
          wire(Role.CONTROL, control, s.at("1"));
          wire(Role.CONTROL, s.at("2"), joint);
        }
        default -> {
          Part.Controller k =
              put(new Part.Controller(named("controller" + stage), warm), c.adjusterAt().spot());
          wire(Role.CONTROL, control, k.at("15"));
          wire(Role.CONTROL, k.at("31"), earth());
          wire(Role.CONTROL, k.at("87"), joint);
        }
      }
    }

    /** A thread in metal is on earth, one in a rubber line is not. */
    private void threadOrWire(String terminal) {
      if (!c.oneWire()) {
        wire(Role.SENSOR, terminal, earth());
      } else if (!c.inRubber()) {
        put(new Part.Thread(named("thread"), terminal), Spot.Kind.SENSOR);
      }
    }

    /** The air conditioning's trigger, as it is joined to the others. */
    private void air(String control, String joint) {
      if (c.air() == Consumer.Air.NONE) {
        return;
      }
      String line = line();
      switch (c.by()) {
        case WIRE -> wire(Role.CONTROL, line, joint);
        case DIODE -> {
          Part.Diode d = put(new Part.Diode(named("air-diode")), Spot.Kind.BOX);
          wire(Role.CONTROL, line, d.at("1"));
          wire(Role.CONTROL, d.at("2"), joint);
        }
        case RELAY -> {
          Part.Relay r = relay("air-relay");
          wire(Role.CONTROL, line, r.at("86"));
          wire(Role.CONTROL, r.at("85"), earth());
          through(control, joint, r.at("30"), r.at("87"));
        }
      }
    }

    private String line() {
      return (c.air() == Consumer.Air.REQUEST ? REQUEST : COMPRESSOR) + ":15";
    }

    private Part.Contact driverSwitch() {
      return contact(
          "driver-switch", Part.Contact.Kind.DRIVER_SWITCH, When.Asked.DRIVER, c.switchAt().spot());
    }

    private void driver(String control, String joint) {
      Part.Contact s = driverSwitch();
      through(control, joint, s.at("1"), s.at("2"));
    }

    /** A contact that does what the automatic one does: feeds the joint, or lets it to earth. */
    private void through(String control, String joint, String one, String other) {
      if (c.school().side() == School.Side.EARTH) {
        wire(Role.CONTROL, joint, one);
        wire(Role.CONTROL, other, earth());
      } else {
        wire(Role.CONTROL, control, one);
        wire(Role.CONTROL, other, joint);
      }
    }

    /** Burns while the motor is fed. */
    private void pilot(String fed) {
      Part.Load lamp =
          put(new Part.Load(named("pilot"), Part.Load.Kind.LAMP, ohms(PILOT_LAMP)), Spot.Kind.CAB);
      wire(Role.CONTROL, fed, lamp.at("1"));
      wire(Role.CONTROL, lamp.at("2"), earth());
    }

    private void twoRelays() {
      String feed = feed();
      Part.Relay slow = relay("relay");
      Part.Relay fast = relay("relay-2");
      wire(Role.FEED, feed, slow.at("30"));
      wire(Role.FEED, feed, fast.at("30"));
      double amperes = c.motors().stream().mapToDouble(Consumer.Plate::amperes).sum();
      double volts = c.motors().isEmpty() ? system : c.motors().get(0).volts();
      // At a share of its voltage a fan draws the square of that share.
      double drops = (1 - SLOW) * volts / (SLOW * SLOW * amperes);
      Part.Load resistor =
          put(
              new Part.Load(named("resistor"), Part.Load.Kind.DROPPING_RESISTOR, drops),
              Spot.Kind.DEVICE);
      Part.Splice fed = put(new Part.Splice(named("fed")), Spot.Kind.DEVICE);
      wire(Role.LOAD, slow.at("87"), resistor.at("1"));
      wire(Role.LOAD, resistor.at("2"), fed.at(""));
      wire(Role.LOAD, fast.at("87"), fed.at(""));
      run(fed.at(""));
      String control = control();
      String first = coil(control, slow, "");
      String second = coil(control, fast, "-2");
      automatic(control, first, c.on(), "");
      automatic(control, second, c.full(), "-2");
      air(control, first);
      if (c.driver()) {
        driver(control, second);
        pilot(fed.at(""));
      }
    }

    private void seriesParallel() {
      String feed = feed();
      Part.Relay low = relay("relay");
      Part.Relay over = put(new Part.Relay(named("relay-2"), true), Spot.Kind.BOX);
      Part.Relay high = relay("relay-3");
      List<Part.Motor> motors = motors();
      Part.Motor one = motors.get(0);
      Part.Motor two = motors.get(1);
      wire(Role.FEED, feed, low.at("30"));
      wire(Role.FEED, feed, high.at("30"));
      wire(Role.LOAD, low.at("87"), in(one));
      wire(Role.LOAD, out(one), over.at("30"));
      // At rest the first motor's way back goes through the second.
      wire(Role.LOAD, over.at("87a"), in(two));
      wire(Role.EARTH, over.at("87"), earth());
      wire(Role.LOAD, high.at("87"), in(two));
      wire(Role.EARTH, out(two), earth());
      String control = control();
      String first = coil(control, low, "");
      String second = coil(control, over, "-2");
      wire(Role.CONTROL, second, high.at("86"));
      wire(Role.CONTROL, high.at("85"), earth());
      automatic(control, first, c.on(), "");
      automatic(control, second, c.full(), "-2");
      air(control, first);
      if (c.driver()) {
        // The switch means both: the first relay hangs on the second's joint by a diode.
        driver(control, second);
        Part.Diode d = put(new Part.Diode(named("stage-diode")), Spot.Kind.BOX);
        wire(Role.CONTROL, second, d.at("1"));
        wire(Role.CONTROL, d.at("2"), first);
        pilot(high.at("87"));
      }
    }

    private void pulsed() {
      String feed = feed();
      boolean clutch = c.kind() == Consumer.Kind.CLUTCH;
      Part.Module module =
          put(
              new Part.Module(
                  named("module"), new Ramp(c.felt(), c.on(), c.full(), LEAST_DUTY, floor())),
              Spot.Kind.BOX);
      wire(Role.FEED, feed, module.at("30"));
      wire(Role.EARTH, module.at("31"), earth());
      String control = control();
      wire(Role.CONTROL, control, module.at("15"));
      if (clutch) {
        Part.Load coil =
            put(
                new Part.Load(named("coil"), Part.Load.Kind.CLUTCH_COIL, ohms(CLUTCH_COIL)),
                Spot.Kind.DEVICE);
        wire(Role.LOAD, module.at("M"), coil.at("1"));
        wire(Role.EARTH, coil.at("2"), earth());
      } else {
        run(module.at("M"));
      }
      if (c.air() != Consumer.Air.NONE) {
        wire(Role.CONTROL, line(), module.at("A"));
      }
      if (c.driver()) {
        Part.Contact s = driverSwitch();
        wire(Role.CONTROL, control, s.at("1"));
        wire(Role.CONTROL, s.at("2"), module.at("S"));
        pilot(module.at("M"));
      }
    }

    private double floor() {
      return c.air() == Consumer.Air.NONE ? 0 : AIR_FLOOR;
    }

    private void gauge() {
      String fed = control();
      Part.Load gauge =
          put(new Part.Load(named("gauge"), Part.Load.Kind.GAUGE, ohms(GAUGE)), Spot.Kind.CAB);
      Part.Load sender =
          put(
              new Part.Load(named("sender"), Part.Load.Kind.SENDER, ohms(SENDER)),
              Spot.Kind.SENSOR);
      wire(Role.CONTROL, fed, gauge.at("1"));
      wire(Role.SENSOR, gauge.at("2"), sender.at("1"));
      threadOrWire(sender.at("2"));
    }

    private void warningLamp() {
      String fed = control();
      Part.Load lamp =
          put(new Part.Load(named("lamp"), Part.Load.Kind.LAMP, ohms(PILOT_LAMP)), Spot.Kind.CAB);
      Part.Contact s =
          contact(
              "switch",
              Part.Contact.Kind.THERMAL_SWITCH,
              new When.Warmer(c.felt(), c.on()),
              Spot.Kind.SENSOR);
      wire(Role.CONTROL, fed, lamp.at("1"));
      wire(Role.SENSOR, lamp.at("2"), s.at("1"));
      threadOrWire(s.at("2"));
    }
  }
}
