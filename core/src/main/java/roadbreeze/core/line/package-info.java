/**
 * Oil lines: pressure drop, how parallel lines share the flow, and what the pump still delivers.
 * Darcy friction factor. Source: Churchill (1977), Chem. Eng. 84(24), 91–92.
 */
package roadbreeze.core.line;
