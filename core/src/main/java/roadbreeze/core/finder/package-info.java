/**
 * The parts finder: every oil cooler in every place of the opening, in every order of the elements,
 * with every pack (fan and radiator) and thermostat allowed, each worked out by the steady balance
 * at one operating point; then the few worth considering. A search can be cut into parts that
 * different machines work on; their results are laid together by {@link
 * roadbreeze.core.finder.Result#merge}.
 */
package roadbreeze.core.finder;
