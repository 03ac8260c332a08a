/**
 * A photograph as a ruler: a card with four marks held in a plane makes places of the photograph
 * places of the truck, each with its error. Photograph in px, right and down from its upper left
 * corner; the rest in m.
 */
package roadbreeze.core.photo;
