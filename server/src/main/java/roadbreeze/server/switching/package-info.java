/** Thermostat and fan switches on the climb. */
package roadbreeze.server.switching;
