/** The yard itself: what it is called and in which money its prices are. */
package roadbreeze.server.yard;
