/**
 * From temperatures to verdicts: limits, headroom with its band, what would buy more, and the
 * margin map. Sources of the band: the spreads listed in {@link
 * roadbreeze.core.sizing.Uncertainty}.
 */
package roadbreeze.core.sizing;
