/** Papers: pages with words and figures, laid out by the server for A4 and Letter. */
package roadbreeze.server.document;
