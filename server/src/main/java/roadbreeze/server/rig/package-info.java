/** Truck, trailer and cooling pack as people enter them, and their mapping to the core's rig. */
package roadbreeze.server.rig;
