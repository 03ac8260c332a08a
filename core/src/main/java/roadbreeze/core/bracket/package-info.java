/**
 * Flat length and bend marks of bent strip. Angles in rad, lengths in m. Bend allowance {@code θ·(r
 * + K·t)} on the neutral line; source: common sheet-metal practice, K 0.42 by default.
 */
package roadbreeze.core.bracket;
