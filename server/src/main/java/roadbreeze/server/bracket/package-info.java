/** Mounting strips of a plan: flat length and bend marks. */
package roadbreeze.server.bracket;
