/**
 * Switch points: thermostat and fan switch on one temperature scale, and a first-order run of a
 * climb between steady states. The full time model is not needed to see a fan that never stops.
 */
package roadbreeze.core.switching;
