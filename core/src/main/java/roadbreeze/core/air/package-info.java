/**
 * Outside air. International Standard Atmosphere pressure, ideal-gas density, Sutherland viscosity.
 * Temperatures in °C, altitude in m. Sources: ICAO Doc 7488; Sutherland (1893).
 */
package roadbreeze.core.air;
