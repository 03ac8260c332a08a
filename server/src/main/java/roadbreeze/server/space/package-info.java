/** The nose in space: what stands near what, starters to measure from, and layouts as files. */
package roadbreeze.server.space;
