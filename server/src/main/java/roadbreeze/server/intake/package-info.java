/** A new job from a kind of vehicle: sensible numbers, all marked as assumed until measured. */
package roadbreeze.server.intake;
