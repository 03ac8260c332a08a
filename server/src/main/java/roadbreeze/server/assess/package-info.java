/** The headroom strip of a job's builds, and everything that stands behind it. */
package roadbreeze.server.assess;
