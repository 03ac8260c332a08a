/** Drives that were recorded, kept and drawn. */
package roadbreeze.server.run;
