/**
 * The ways a computation can refuse, kept apart: bad input ({@link
 * roadbreeze.core.problem.BadInputException}) and an iteration that did not settle ({@link
 * roadbreeze.core.problem.NotConvergedException}). A model used outside its published range answers
 * with a warning instead. No computation of this module answers NaN.
 */
package roadbreeze.core.problem;
