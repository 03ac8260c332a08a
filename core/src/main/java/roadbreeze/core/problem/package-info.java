/**
 * The three ways a computation can refuse, kept apart: bad input ({@link
 * roadbreeze.core.problem.BadInputException}), a model used outside its validity ({@link
 * roadbreeze.core.problem.OutOfRangeException}) and an iteration that did not settle ({@link
 * roadbreeze.core.problem.NotConvergedException}). No computation of this module answers NaN.
 */
package roadbreeze.core.problem;
