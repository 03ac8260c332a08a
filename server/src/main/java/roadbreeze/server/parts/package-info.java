/** The catalogue of parts: all made up, named by what they are. */
package roadbreeze.server.parts;
