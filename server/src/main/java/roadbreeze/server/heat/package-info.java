/** Fans against the pack, traverses of air, ratings on boxes. */
package roadbreeze.server.heat;
