/** Where a build's cooler could stand, and what standing there brings with it. */
package roadbreeze.server.place;
