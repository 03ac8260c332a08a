/** Hoses through the front end: how they run, what is wrong with that, and how they could. */
package roadbreeze.server.route;
