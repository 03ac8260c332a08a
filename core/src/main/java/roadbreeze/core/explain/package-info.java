/**
 * What is to be said, as data: codes with named quantities, never sentences. A {@link
 * roadbreeze.core.explain.Finding} is a code with its arguments; a {@link
 * roadbreeze.core.explain.Step} is a formula with what went in and came out. Words are made last,
 * in the reader's language and units, from the catalogue that has an entry for every code.
 * Quantities are SI, temperatures °C.
 */
package roadbreeze.core.explain;
