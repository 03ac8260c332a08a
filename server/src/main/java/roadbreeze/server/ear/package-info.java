/** Hears what other servers of the database tell, for as long as somebody here wants to know. */
package roadbreeze.server.ear;
