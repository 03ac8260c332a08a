/** Brackets of a build: laid flat, put in bending order, proposed from hole to hole, and held. */
package roadbreeze.server.mounting;
