/**
 * Drives as they happen: what a gauge in the cab says by the lines of {@code docs/gauge-link.md} is
 * kept each second as a run, shown ten times a second wherever somebody looks, looked ahead from
 * and watched over. One server holds a drive; another one takes it over when that dies.
 */
package roadbreeze.server.live;
