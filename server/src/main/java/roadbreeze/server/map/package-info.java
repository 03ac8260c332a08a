/** Margin maps over two numbers of a road. */
package roadbreeze.server.map;
