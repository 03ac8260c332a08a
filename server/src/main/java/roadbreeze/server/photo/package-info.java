/** Photographs of a job, and what is read off them by the card that is on them. */
package roadbreeze.server.photo;
