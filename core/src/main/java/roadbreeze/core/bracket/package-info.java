/**
 * Brackets of strip: what is bent and drilled, laid flat and folded again, and whether a set of
 * them holds a core. Bend allowance by a neutral line at K of the thickness; shop rules for least
 * flanges and distances; stiffness of a straight cantilever (Euler and Bernoulli).
 */
package roadbreeze.core.bracket;
