/** What comes out of a truck for a build and what goes back in: litres, mix, stages, levels. */
package roadbreeze.server.fill;
