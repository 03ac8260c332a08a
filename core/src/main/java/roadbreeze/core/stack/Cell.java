package roadbreeze.core.stack;

/**
 * A rectangle of the face, m, in which every line of air passes the same layers and fans.
 *
 * @param path index into {@link Stack#paths()}
 */
public record Cell(double x, double y, double width, double height, int path) {}
