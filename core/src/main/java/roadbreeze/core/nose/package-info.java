/**
 * The truck's nose in space: what stands there, and how far one thing is from another.
 *
 * <p>One frame for everything: x across to the right as seen from the front, y up, z back from the
 * grille line, in m; x and y from the left and lower edge of the radiator's core. Things are boxes,
 * cylinders along an axis, and tubes along a line of points; a bend of a tube is a sphere of its
 * size. Each was measured so well and no better, which is its plus-minus.
 */
package roadbreeze.core.nose;
