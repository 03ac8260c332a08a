/**
 * What is likely wrong with a job's truck, what to look at next, and what repair alone would buy.
 */
package roadbreeze.server.ranking;
