/** The work in its order: steps solved to the shortest day. */
package roadbreeze.server.order;
