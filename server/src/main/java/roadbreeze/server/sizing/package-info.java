/**
 * What the core makes of a job: balance, headroom, map, switch points, work sheet. Keeps nothing.
 */
package roadbreeze.server.sizing;
