/**
 * Recorded drives read back into the model: which road, gear, load and fans they were driven with,
 * where they were steady, what that says before and after work, and which of the model's numbers
 * follow for this truck.
 *
 * <p>Everything is read at even steps of a second (longer for very long drives). What is not known
 * is not a number and stays so: it is never taken as zero, and nothing is reckoned with it.
 */
package roadbreeze.core.roadlog;
