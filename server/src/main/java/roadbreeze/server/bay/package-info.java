/**
 * Work that was begun, as it is done: the plan it was begun by, and after it all that happened on
 * any device, which is only ever added to. What stands is always worked out from that, here by
 * {@link roadbreeze.server.bay.BayState} and on each device alike.
 */
package roadbreeze.server.bay;
