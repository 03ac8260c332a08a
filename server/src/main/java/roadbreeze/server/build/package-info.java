/** Builds: what is fitted to a truck and how it is hung, piped and switched. A section of a job. */
package roadbreeze.server.build;
