package roadbreeze.core.wiring;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;

/**
 * A thing of a circuit with terminals that wires go to, called by their standard numbers where they
 * have any (ISO 72552's 15, 30, 31, 85, 86, 87).
 */
public sealed interface Part {
  String id();

  /** Names of its terminals, the one that is fed first. */
  List<String> terminals();

  /** Which of its sort it is; empty where there is one only. */
  default Optional<Code> which() {
    return Optional.empty();
  }

  /** A node of a circuit: a terminal of this part. */
  default String at(String terminal) {
    return id() + ":" + terminal;
  }

  /** Where current is taken from. */
  enum Feed implements Code {
    BATTERY(0.2e-3),
    ALTERNATOR_STUD(1e-3),
    /** A fuse box of the truck's own, by its own cable and main fuse. */
    FUSE_BOX(4e-3);

    /** From the battery's post to there, Ω; usual. */
    private final double ohms;

    Feed(double ohms) {
      this.ohms = ohms;
    }

    double ohms() {
      return ohms;
    }
  }

  /** Where current goes back. */
  enum Ground implements Code {
    BATTERY_POST(0.2e-3),
    /** Bare metal of the body, by its strap. */
    BODY(1e-3),
    /** The thin wire by which a sensor of the engine has its earth. */
    WITH_SENSOR(20e-3);

    private final double ohms;

    Ground(double ohms) {
      this.ohms = ohms;
    }

    double ohms() {
      return ohms;
    }
  }

  /** The battery with the alternator beside it; its minus is the circuit's earth. */
  record Battery(String id) implements Part {
    public static final String PLUS = "+";
    public static final String MINUS = "-";

    @Override
    public List<String> terminals() {
      return List.of("+", "-");
    }
  }

  /** Where the feed is taken. */
  record Tap(String id, Feed feed) implements Part {
    @Override
    public List<String> terminals() {
      return List.of("30");
    }

    @Override
    public Optional<Code> which() {
      return Optional.of(feed);
    }
  }

  record Earth(String id, Ground ground) implements Part {
    @Override
    public List<String> terminals() {
      return List.of("31");
    }

    @Override
    public Optional<Code> which() {
      return Optional.of(ground);
    }
  }

  /**
   * Metal on metal: a terminal that is on earth without a wire.
   *
   * @param terminal its node
   */
  record Thread(String id, String terminal) implements Part {
    @Override
    public List<String> terminals() {
      return List.of();
    }
  }

  /** What opens when too much flows. */
  record Guard(String id, Kind kind) implements Part {
    /** The schools. */
    public enum Kind implements Code {
      FUSE,
      BREAKER_BY_HAND,
      BREAKER_BY_ITSELF
    }

    @Override
    public List<String> terminals() {
      return List.of("1", "2");
    }

    @Override
    public Optional<Code> which() {
      return Optional.of(kind);
    }
  }

  /**
   * A relay: its coil between 85 and 86 pulls 30 onto 87.
   *
   * @param changeOver 30 lies on 87a at rest
   */
  record Relay(String id, boolean changeOver) implements Part {
    @Override
    public List<String> terminals() {
      return changeOver ? List.of("30", "87", "87a", "86", "85") : List.of("30", "87", "86", "85");
    }
  }

  /** A switch between 1 and 2 without a supply of its own. */
  record Contact(String id, Kind kind, When when) implements Part {
    /** What it is. */
    public enum Kind implements Code {
      THERMAL_SWITCH,
      DRIVER_SWITCH,
      /** Output of the engine's computer that pulls to earth. */
      COMPUTER_LOW,
      /** And one that feeds. */
      COMPUTER_HIGH;

      /** The engine's computer is there already. */
      public boolean bought() {
        return this == THERMAL_SWITCH || this == DRIVER_SWITCH;
      }
    }

    @Override
    public List<String> terminals() {
      return List.of("1", "2");
    }

    @Override
    public Optional<Code> which() {
      return Optional.of(kind);
    }
  }

  /** A controller with a probe: fed at 15, on earth at 31, it puts 15 onto its output 87. */
  record Controller(String id, When when) implements Part {
    @Override
    public List<String> terminals() {
      return List.of("15", "31", "87");
    }
  }

  /**
   * A pulse-width controller: puts a share of 30 onto M while it is fed at 15; volts at S make that
   * all, volts at A its floor.
   */
  record Module(String id, Ramp ramp) implements Part {
    @Override
    public List<String> terminals() {
      return List.of("30", "15", "S", "A", "M", "31");
    }
  }

  /** A line that the truck itself makes live. */
  record Line(String id, Kind kind) implements Part {
    /** Which. */
    public enum Kind implements Code {
      /** Terminal 15: kept alive it keeps the engine alive. */
      IGNITION(When.Asked.KEY_ON, 6, 6),
      /** The driver's wish for cold air, to the engine's computer. */
      REQUEST(When.Asked.REQUEST, 1000, 6),
      /** To the clutch of the compressor. */
      COMPRESSOR(When.Asked.COMPRESSOR, 4, 7);

      private final When when;
      private final double ohms;
      private final double alive;

      Kind(When when, double ohms, double alive) {
        this.when = when;
        this.ohms = ohms;
        this.alive = alive;
      }

      /** When the truck makes it live. */
      When when() {
        return when;
      }

      /** What hangs on it, Ω; usual. */
      double ohms() {
        return ohms;
      }

      /** From here on what hangs on it works, V of a 12 V truck. */
      double alive() {
        return alive;
      }
    }

    @Override
    public List<String> terminals() {
      return List.of("15");
    }

    @Override
    public Optional<Code> which() {
      return Optional.of(kind);
    }
  }

  /** Conducts from 1 to 2 alone. */
  record Diode(String id) implements Part {
    @Override
    public List<String> terminals() {
      return List.of("1", "2");
    }
  }

  /**
   * Between + and −.
   *
   * @param amperes at its rated voltage
   */
  record Motor(String id, double amperes, double volts) implements Part {
    @Override
    public List<String> terminals() {
      return List.of("+", "-");
    }
  }

  /** A resistance between 1 and 2. */
  record Load(String id, Kind kind, double ohms) implements Part {
    /** What it is. */
    public enum Kind implements Code {
      LAMP,
      DROPPING_RESISTOR,
      CLUTCH_COIL,
      GAUGE,
      SENDER;

      /** It is what its device is there for, where that has no motor. */
      public boolean shows() {
        return this != SENDER && this != DROPPING_RESISTOR;
      }
    }

    @Override
    public List<String> terminals() {
      return List.of("1", "2");
    }

    @Override
    public Optional<Code> which() {
      return Optional.of(kind);
    }
  }

  /** Wires joined to each other. */
  record Splice(String id) implements Part {
    @Override
    public List<String> terminals() {
      return List.of("");
    }
  }
}
