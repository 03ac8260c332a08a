/** Both schools of each dispute, run on the truck in hand. */
package roadbreeze.server.settle;
