/**
 * The two liquids of the job. Temperatures in °C, everything else SI. Sources: ASTM D341 for the
 * viscosity of transmission fluid; fits to published glycol tables for coolant; Antoine for water
 * vapour; ASHRAE Handbook Fundamentals for the freezing point.
 */
package roadbreeze.core.fluid;
