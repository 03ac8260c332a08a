/**
 * The work in an order that never has to be undone: tasks chosen by what a plan changes, sorted by
 * what must be done before what, each with the cautions that belong beside it.
 */
package roadbreeze.core.workorder;
