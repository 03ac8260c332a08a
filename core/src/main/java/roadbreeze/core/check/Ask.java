package roadbreeze.core.check;

import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Kind;

/** One thing that a check asks to be read: a number, an answer, or a grid over a core's face. */
public enum Ask implements Code {
  FAN_CRACKED(Answer.NO, Answer.YES),
  BRAKES_SOFT(Answer.NO, Answer.YES),
  COOLANT_LOOKS(Answer.CLEAR, Answer.RUSTY, Answer.OILY),
  /** Share of concentrate by volume. */
  STRENGTH(Kind.PERCENT, 0, 1),
  OIL_LOOKS(Answer.CLEAR, Answer.DARK, Answer.BURNT, Answer.MILKY),
  OIL_LEVEL(Answer.RIGHT, Answer.LOW, Answer.OVERFULL),
  TESTER_TURNED(Answer.NO, Answer.YES),
  PUMPED_TO(Kind.PRESSURE, 0, 300e3),
  /** In ten minutes. */
  PRESSURE_LOST(Kind.PRESSURE, 0, 300e3),
  /** Ten places of the loop, from its cap to the heater: each all or nothing. */
  LEAKS_AT(Kind.PERCENT, 0, 1, 10),
  /** For a minute. */
  CAP_HELD(Kind.PRESSURE, 0, 300e3),
  CAP_SEAL(Answer.CLEAN, Answer.WORN),
  HOSE_SOFT(Answer.NO, Answer.YES),
  HOSE_CRACKED(Answer.NO, Answer.YES),
  SUCTION_DRAWS(Answer.NO, Answer.PARTLY, Answer.FLAT),
  PUMP_WEEPS(Answer.NO, Answer.YES),
  PUMP_PLAY(Answer.NO, Answer.YES),
  NECK_FLOW(Answer.STRONG, Answer.WEAK, Answer.NONE),
  PIPES_HOT(Answer.BOTH, Answer.ONE_ONLY),
  GURGLES(Answer.NO, Answer.YES),
  STEADY_COOLANT(Kind.TEMPERATURE, -50, 140),
  DAY_AIR(Kind.TEMPERATURE, -50, 55),
  DAY_SPEED(Kind.SPEED, 5, 40),
  PAN_OPENS(Answer.OPENED, Answer.STAYED_SHUT, Answer.STOOD_OPEN),
  PAN_START(Kind.TEMPERATURE, 20, 130),
  PAN_FULL(Kind.TEMPERATURE, 20, 140),
  PAN_CLOSES(Answer.YES, Answer.NO),
  /** Nine zones, left to right from the top, each the share of its fins. */
  BLOCKED(Kind.PERCENT, 0, 1, 9),
  DARK(Kind.PERCENT, 0, 1, 9),
  SEALS_THERE(Answer.ALL, Answer.SOME_MISSING, Answer.MOST_MISSING),
  SHROUD_STANDS(Answer.WHOLE, Answer.CRACKED, Answer.GONE),
  TIP_GAP(Kind.SIZE, 0, 0.3),
  FAN_COMES(Answer.YES, Answer.NO),
  COMES_AT(Kind.TEMPERATURE, 0, 140),
  FED_TURNS(Answer.YES, Answer.NO),
  FED_WAY(Answer.RIGHT_WAY, Answer.BACKWARDS),
  FED_CURRENT(Kind.CURRENT, 0, 200),
  PLATE_CURRENT(Kind.CURRENT, 0.5, 200),
  TURNS_FREE(Answer.YES, Answer.NO),
  BRIDGED_TURNS(Answer.YES, Answer.NO),
  COMES_ITSELF(Answer.YES, Answer.NO),
  SENSOR_READS(Kind.TEMPERATURE, -60, 140),
  AIR_READS(Kind.TEMPERATURE, -60, 140),
  UNPLUGGED_RUNS(Answer.YES, Answer.NO, Answer.NOT_MADE_SO),
  CLUTCH_COLD(Answer.LOOSENS, Answer.SPINS, Answer.SOLID),
  CLUTCH_HOT(Answer.FIRM, Answer.SPINS, Answer.SOLID),
  /** At the rim. */
  CLUTCH_PLAY(Kind.SIZE, 0, 0.1),
  CLUTCH_STREAKS(Answer.NO, Answer.YES),
  /** Rolled paper in a turning fan: nobody is told to, but who has done it may say what it did. */
  PAPER(Answer.NOT_DONE, Answer.STOPPED_IT, Answer.WENT_ON),
  GAUGE_SHOWS(Kind.TEMPERATURE, 0, 160),
  TRULY(Kind.TEMPERATURE, 0, 160),
  LINE_HOT(Answer.YES, Answer.NO),
  /** In the pan, when the line got hot or was given up. */
  PAN_THEN(Kind.TEMPERATURE, -50, 160),
  CAUGHT(Kind.VOLUME, 0, 0.02),
  CAUGHT_IN(Kind.DURATION, 1, 120),
  PORT_ONE(Kind.TEMPERATURE, -50, 160),
  PORT_TWO(Kind.TEMPERATURE, -50, 160),
  TANK_BETWEEN(Kind.TEMPERATURE, -50, 160);

  /** What can be answered. */
  public enum Answer implements Code {
    YES,
    NO,
    CLEAR,
    RUSTY,
    OILY,
    DARK,
    BURNT,
    MILKY,
    RIGHT,
    LOW,
    OVERFULL,
    CLEAN,
    WORN,
    PARTLY,
    FLAT,
    STRONG,
    WEAK,
    NONE,
    BOTH,
    ONE_ONLY,
    OPENED,
    STAYED_SHUT,
    STOOD_OPEN,
    ALL,
    SOME_MISSING,
    MOST_MISSING,
    WHOLE,
    CRACKED,
    GONE,
    RIGHT_WAY,
    BACKWARDS,
    NOT_MADE_SO,
    LOOSENS,
    SPINS,
    SOLID,
    FIRM,
    NOT_DONE,
    STOPPED_IT,
    WENT_ON
  }

  private final Kind kind;
  private final double low;
  private final double high;
  private final int count;
  private final List<Answer> answers;

  Ask(Kind kind, double low, double high) {
    this(kind, low, high, 1);
  }

  Ask(Kind kind, double low, double high, int count) {
    this.kind = kind;
    this.low = low;
    this.high = high;
    this.count = count;
    answers = List.of();
  }

  Ask(Answer... answers) {
    kind = null;
    low = 0;
    high = 0;
    count = 0;
    this.answers = List.of(answers);
  }

  /** Of its number; null where it takes an answer. */
  public Kind kind() {
    return kind;
  }

  /** SI; °C. */
  public double low() {
    return low;
  }

  public double high() {
    return high;
  }

  /** How many numbers: nine are a grid, ten the places of a drawing. */
  public int count() {
    return count;
  }

  /** The usual one first; empty where it takes numbers. */
  public List<Answer> answers() {
    return answers;
  }
}
