/**
 * What takes long: questions of seconds, asked again until they are answered, and runs of minutes
 * shared by servers.
 */
package roadbreeze.server.longrun;
