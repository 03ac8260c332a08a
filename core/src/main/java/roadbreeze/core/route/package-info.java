/**
 * Hoses through the front end: where they run, what they come too near to, and how they are held.
 *
 * <p>A {@link Route} goes from a port through corners to another port, in the frame of {@code
 * nose}; each corner is rounded. It leaves a port the way that looks. {@link RouteCheck} holds it
 * against the {@link Zone}s that stand there, {@link RouteMend} says what would help, {@link
 * RouteFinder} lays one. Least distances are physics.md's: 50 mm from what moves, 100 mm from what
 * is hot, 10 mm from metal, a clip every 300 mm.
 */
package roadbreeze.core.route;
