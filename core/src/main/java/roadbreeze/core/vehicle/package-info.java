/**
 * What the truck must do and what that costs: road load, gear choice, converter slip, heat to the
 * coolant. Speeds in m/s, engine speeds in rad/s inside and rpm where a workshop reads them.
 * Sources: Gillespie (1992) for road load; Heywood (1988) for the energy balance and the Willans
 * line.
 */
package roadbreeze.core.vehicle;
