/** The demo world: made-up yard, roads and rigs. Nothing here is anyone's real data. */
package roadbreeze.server.demo;
