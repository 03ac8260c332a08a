/**
 * What comes on the road ahead and what is best done about it, from the state a truck is in now:
 * the haul is simulated over the next stretch with each thing a driver can do.
 */
package roadbreeze.core.lookahead;
