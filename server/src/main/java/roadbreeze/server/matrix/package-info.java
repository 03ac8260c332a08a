/** Every truck of the yard on every road of it, at every heat of the day. */
package roadbreeze.server.matrix;
