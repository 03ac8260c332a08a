/**
 * Who gets in and with how much: the page itself and nobody else's, by loopback names only, with
 * bodies of a sensible size. Beyond this machine only whoever is signed in gets further.
 */
package roadbreeze.server.gate;
