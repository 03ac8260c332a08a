/** Rows of lists: each with a short id that stays its own. */
package roadbreeze.server.row;
