/** What wires, fuses and relays must carry. Currents A. */
package roadbreeze.core.wiring;
