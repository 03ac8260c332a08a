/**
 * A haul in time: a road as it is driven, and what coolant, oil and fans do on it. The exchange of
 * heat is that of {@code circuit}, taken at the temperatures of the moment.
 */
package roadbreeze.core.haul;
