/** Files of loggers made rows of numbers. */
package roadbreeze.server.log;
