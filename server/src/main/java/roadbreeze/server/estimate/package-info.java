/** What the work on a build costs: repair alone beside the plans. */
package roadbreeze.server.estimate;
