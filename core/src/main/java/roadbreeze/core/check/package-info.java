/**
 * Repair or upgrade: what can be wrong with a truck's cooling, what tells it, and what is likely.
 *
 * <p>A {@link roadbreeze.core.check.Fault} does something to a setup; {@link
 * roadbreeze.core.check.Sightings} runs the truck with it; {@link roadbreeze.core.check.Ranking}
 * weighs complaint, readings and checks by Bayes' rule and says which check tells most for its
 * minutes. {@link roadbreeze.core.check.Judgement} is what one check's answers come to. How often a
 * fault is met is the caller's to say.
 */
package roadbreeze.core.check;
