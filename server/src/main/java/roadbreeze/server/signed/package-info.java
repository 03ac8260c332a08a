/**
 * Papers that somebody has signed, kept as they were: a later edit of a job does not change them.
 */
package roadbreeze.server.signed;
