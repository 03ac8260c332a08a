/**
 * Does it fit: distances in the front opening and round the fans against what a workshop leaves.
 * The distances wanted are common workshop practice, not a standard; a maker's figure wins over
 * them. Positions in m in the frame of the pack.
 */
package roadbreeze.core.space;
