/**
 * Settle it: where practitioners disagree, both schools are run on one truck and set side by side
 * with a recommendation, its reason, and when the other school would be right. The rules by which
 * one is recommended are our own; what they go by is computed.
 */
package roadbreeze.core.settle;
