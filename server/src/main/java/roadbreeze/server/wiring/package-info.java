/** The circuit of a build: what it is made of, what it does in every situation, what is wrong. */
package roadbreeze.server.wiring;
