/** Records as CSV, both ways: any shape of record whose components say their spans and units. */
package roadbreeze.server.csv;
