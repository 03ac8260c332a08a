/**
 * A main fan in its shroud: tip gaps all round while the engine rolls, blades to core, depth in the
 * ring, what else is near, and which spacer, shim or shift mends it. Lengths in m.
 */
package roadbreeze.core.shroud;
