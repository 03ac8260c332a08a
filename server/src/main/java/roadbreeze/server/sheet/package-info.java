/** The sheet that goes to the bay. */
package roadbreeze.server.sheet;
