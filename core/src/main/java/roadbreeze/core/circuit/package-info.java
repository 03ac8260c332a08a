/**
 * The coolant and oil loops and the steady heat balance of a build at an operating point. Signs:
 * heat given to air is positive; the in-tank cooler's heat is positive from oil to coolant.
 * Temperatures in °C, conductances in W/K, heat in W.
 */
package roadbreeze.core.circuit;
