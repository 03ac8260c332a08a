/** Hoses of a build: flow left, drop, cut list and volume. */
package roadbreeze.server.line;
