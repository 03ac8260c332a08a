/**
 * Places of a truck's nose where an oil cooler can stand: which are free, what each is worth on the
 * haul and what work it is. Lengths in m, in the frame of {@link roadbreeze.core.nose}.
 */
package roadbreeze.core.place;
