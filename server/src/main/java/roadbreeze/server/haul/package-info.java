/** Roads: the point of a road a build is held against. */
package roadbreeze.server.haul;
