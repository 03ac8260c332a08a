/**
 * The work in an order that never has to be undone. A {@code TaskLibrary} holds the {@code Task}s
 * that a yard knows; what a plan changes, its {@code WorkScope}, picks those that belong to it and
 * the access that they need. Each is a {@code Step} with the states of the truck that it needs,
 * makes and ends; the {@code Rule}s that follow from them bind every {@code DayPlan}. Times are
 * whole minutes.
 */
package roadbreeze.core.workorder;
