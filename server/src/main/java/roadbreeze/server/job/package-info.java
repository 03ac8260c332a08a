/**
 * Jobs: one truck, one trailer, one worst road, several builds. The records here are the API; the
 * entities stay inside.
 */
package roadbreeze.server.job;
