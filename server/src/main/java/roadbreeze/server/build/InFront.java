package roadbreeze.server.build;

/** What hangs in front of the grille. */
public record InFront(boolean bugScreen, boolean winch, boolean plough, boolean lightBar) {
  /**
   * Ram pressure that is left. Our own estimates of area shadowed; an air traverse at the core
   * replaces them.
   */
  double ramShare() {
    return (bugScreen ? 0.80 : 1)
        * (winch ? 0.85 : 1)
        * (plough ? 0.50 : 1)
        * (lightBar ? 0.92 : 1);
  }
}
