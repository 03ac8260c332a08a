/** What a logger has recorded of a drive. */
package roadbreeze.core.log;
