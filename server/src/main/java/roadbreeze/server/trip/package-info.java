/** A haul in time: a road posted point by point, and what a build does on it. */
package roadbreeze.server.trip;
