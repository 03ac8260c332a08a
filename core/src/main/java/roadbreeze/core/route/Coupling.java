package roadbreeze.core.route;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Code;
import roadbreeze.core.nose.LinePort.Fitting;

/** How the two halves of a fitting seal on each other, by its family. The part's sheet wins. */
public enum Coupling implements Code {
  BARB(Fitting.BARB, "barb", false, 0),
  FLARE(Fitting.FLARE, "flare", true, 25),
  QUICK_CONNECTOR(Fitting.QUICK_CONNECTOR, "quick", false, 0),
  BANJO(Fitting.BANJO, "banjo", true, 30),
  PIPE_THREAD(Fitting.PIPE_THREAD, "pipe", true, 0),
  PLAIN_TUBE(Fitting.PLAIN_TUBE, "tube", true, 0);

  /** Bore that the torque here is for, m; it goes with the square of the bore. */
  private static final double TORQUE_BORE = 9.5e-3;

  private final Fitting fitting;
  private final String word;
  private final boolean twoSpanners;
  private final double torque;

  /**
   * @param word that names the family on a part's sheet
   * @param torque N·m of one of {@link #TORQUE_BORE}, 0 where none is given: own defaults
   */
  Coupling(Fitting fitting, String word, boolean twoSpanners, double torque) {
    this.fitting = fitting;
    this.word = word;
    this.twoSpanners = twoSpanners;
    this.torque = torque;
  }

  public static Coupling of(Fitting fitting) {
    return valueOf(fitting.name());
  }

  /** The family that a sheet names, {@code 3/8 in barb}; empty where it names none. */
  public static Optional<Coupling> named(String sheet) {
    String text = sheet.toLowerCase(Locale.ROOT);
    for (Coupling c : values()) {
      if (text.contains(c.word)) {
        return Optional.of(c);
      }
    }
    return Optional.empty();
  }

  public Fitting fitting() {
    return fitting;
  }

  /** One spanner holds while the other turns, so that no line is twisted. */
  public boolean twoSpanners() {
    return twoSpanners;
  }

  /**
   * @param bore m
   * @return N·m; empty where it is not tightened by torque
   */
  public OptionalDouble torque(double bore) {
    double share = bore / TORQUE_BORE;
    return torque == 0 ? OptionalDouble.empty() : OptionalDouble.of(torque * share * share);
  }
}
