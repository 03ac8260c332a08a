/**
 * The cooling pack: layers front to back, fans, ram air. The face is cut by the outlines of every
 * layer and fan into rectangular cells; in a cell the air passes its layers one after the other.
 * Coordinates in m, x to the right and y up seen from the front, origin at the radiator core's
 * lower left corner. A core with its own fan elsewhere is one more region of the face that ram air
 * does not reach. Air never flows backwards in this model: a cell without drive stands still.
 */
package roadbreeze.core.stack;
