/**
 * The yard over years: customers with their trucks and trailers, which job is about which of them,
 * how far each job has come, and a truck's life on one line. All about one customer goes out, or is
 * taken out for good, at once.
 */
package roadbreeze.server.book;
