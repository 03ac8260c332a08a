/**
 * The simulated gauge: a program of its own that drives a truck over its road and says what its
 * gauges show, by the lines of {@code docs/gauge-link.md}. The server knows nothing of it but these
 * lines.
 */
package roadbreeze.gauge;
