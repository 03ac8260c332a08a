/**
 * Who gets in and with how much: the page itself and nobody else's, by loopback names only, with
 * bodies of a sensible size. There is no sign-in, so nothing is served beyond this machine.
 */
package roadbreeze.server.gate;
