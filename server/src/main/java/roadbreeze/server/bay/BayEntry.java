package roadbreeze.server.bay;

/**
 * Something that happened, as it is kept.
 *
 * @param seq its number in its order, without gaps
 */
public record BayEntry(long seq, BayEvent event) {}
