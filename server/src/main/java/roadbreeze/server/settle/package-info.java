/**
 * Settle it: where practitioners disagree, both schools are run on this truck and set side by side
 * with a recommendation and its reason.
 */
package roadbreeze.server.settle;
