/**
 * Words: the catalogue of what can be said, the table of units, and findings on their way to the
 * screen. Both tables are read by the screens, too.
 */
package roadbreeze.server.message;
