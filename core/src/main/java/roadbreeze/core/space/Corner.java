package roadbreeze.core.space;

/** Which of a cooler's four holes, as seen from the front. */
public enum Corner {
  UPPER_LEFT(0, 1),
  UPPER_RIGHT(1, 1),
  LOWER_LEFT(0, 0),
  LOWER_RIGHT(1, 0);

  private final int across;
  private final int up;

  Corner(int across, int up) {
    this.across = across;
    this.up = up;
  }

  public boolean upper() {
    return up == 1;
  }

  /** 0 left, 1 right. */
  int across() {
    return across;
  }

  /** 0 low, 1 high. */
  int up() {
    return up;
  }
}
