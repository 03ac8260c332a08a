/** The finder: the catalogue searched for what keeps the limits, for the least money and work. */
package roadbreeze.server.finder;
