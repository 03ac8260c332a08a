/** The constraint solver's native part, for whoever uses it. */
package roadbreeze.server.solver;
