package roadbreeze.core.space;

import java.util.List;
import java.util.Locale;

/** Which of a cooler's four holes, as seen from the front. */
public enum Corner {
  UPPER_LEFT(0, 1),
  UPPER_RIGHT(1, 1),
  LOWER_LEFT(0, 0),
  LOWER_RIGHT(1, 0);

  /** Corners that a channel across may hold together. */
  public static final List<List<Corner>> ROWS =
      List.of(
          List.of(UPPER_LEFT, UPPER_RIGHT),
          List.of(LOWER_LEFT, LOWER_RIGHT),
          List.of(UPPER_LEFT, UPPER_RIGHT, LOWER_LEFT, LOWER_RIGHT));

  private final int across;
  private final int up;

  Corner(int across, int up) {
    this.across = across;
    this.up = up;
  }

  public boolean upper() {
    return up == 1;
  }

  /** The one over it or under it. */
  public Corner acrossFrom() {
    return values()[ordinal() ^ 2];
  }

  /** As it stands in an id. */
  public String dashed() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** 0 left, 1 right. */
  public int across() {
    return across;
  }

  /** 0 low, 1 high. */
  public int up() {
    return up;
  }
}
