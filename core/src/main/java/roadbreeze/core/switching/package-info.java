/**
 * Switch points: what they come to over a road, what is wrong with them, and which would be better.
 */
package roadbreeze.core.switching;
