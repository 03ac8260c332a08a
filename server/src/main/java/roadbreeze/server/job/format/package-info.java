/** Every shape that jobs have had, and the way from each to the present one. */
package roadbreeze.server.job.format;
