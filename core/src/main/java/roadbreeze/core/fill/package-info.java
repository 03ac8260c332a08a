/**
 * Filling what was drained: how much of which mix, by which way, how far it is drawn empty before,
 * and what a gearbox's oil is renewed by. Shares are by volume. What stayed in the engine counts.
 */
package roadbreeze.core.fill;
