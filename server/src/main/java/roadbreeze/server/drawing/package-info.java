/** Drawings true to scale, in mm: as SVG, as DXF of release 12, as PDF to be laid on the metal. */
package roadbreeze.server.drawing;
