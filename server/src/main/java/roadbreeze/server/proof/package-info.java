/**
 * What recorded drives prove: each read back into the model, before held against after, and the
 * model tuned to its truck.
 */
package roadbreeze.server.proof;
