package roadbreeze.core.rig;

/** How a cooler is turned from the way its sheet draws it, as seen from the front. */
public enum Turn {
  AS_DRAWN(1, 0),
  /** On its left end: what was up looks left. */
  QUARTER_LEFT(0, 1),
  UPSIDE_DOWN(-1, 0),
  /** On its right end. */
  QUARTER_RIGHT(0, -1);

  private final int cosine;
  private final int sine;

  Turn(int cosine, int sine) {
    this.cosine = cosine;
    this.sine = sine;
  }

  /** Width and height change places. */
  public boolean onEnd() {
    return sine != 0;
  }

  /** Across of what lay so far across and up from the middle. */
  public double across(double across, double up) {
    return cosine * across - sine * up;
  }

  /** Up of it. */
  public double up(double across, double up) {
    return sine * across + cosine * up;
  }
}
