/** What takes long: bounded pools for answers of seconds, and runs of minutes shared by servers. */
package roadbreeze.server.longrun;
