/**
 * If it breaks out there: each part of a build fails in turn on its road, and the driver does the
 * least that keeps the limits.
 */
package roadbreeze.core.breakdown;
