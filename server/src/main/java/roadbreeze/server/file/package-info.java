/** Answers that the browser keeps as files. */
package roadbreeze.server.file;
