/** Screws, nuts and what they hold with. Metric coarse threads, ISO 261 and ISO 898-1. */
package roadbreeze.core.fastener;
