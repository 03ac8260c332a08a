/** How the application meets the browser: single page, API document. */
package roadbreeze.server.web;
