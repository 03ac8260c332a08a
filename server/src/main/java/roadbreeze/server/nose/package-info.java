/** What stands in the truck's nose, as it is measured: a section of a job. */
package roadbreeze.server.nose;
