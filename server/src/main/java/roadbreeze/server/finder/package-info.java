/**
 * The parts finder as a job: cut into parts that any server on the database may work on, kept in
 * the database with its progress and results, cancelled by a mark there. The scheduler's library
 * sees to it that the parts of a server that died are taken up again.
 */
package roadbreeze.server.finder;
