/** What was seen, read and looked at on a truck before anything is bought: a section of its job. */
package roadbreeze.server.check;
