/** Hoses of a plan: flow left, drop, cut list and volume. */
package roadbreeze.server.line;
